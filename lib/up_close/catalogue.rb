# frozen_string_literal: true

module UpClose
  # What a folder of definitions holds, one a file: found by its constants, checked once when
  # first asked for, in an order that can be read. Extended by the folder's own module, which
  # answers +definition?+ and +rank+.
  module Catalogue
    # @return [Array<Module>] in order, each checked
    # @raise [Errors::BadDefinition] for one that leaves something out
    def all
      @all ||= constants.sort.map { |name| const_get(name) }.select { |constant| definition?(constant) }
        .each { |definition| looked_through(definition) }.sort_by { |definition| rank(definition) }.freeze
    end

    # looked for again, after a file has come or gone
    def forget = @all = nil

    # @raise [Errors::BadDefinition]
    def checked(definition) = definition.check!

    # what breaks while it is looked through is told by its name too
    def looked_through(definition)
      checked(definition)
    rescue Errors::BadDefinition
      raise
    rescue => error
      raise Errors::BadDefinition.new(
        "#{definition.name} cannot be used: #{error.message}", remedy: "Correct its file."
      )
    end

    # where a definition says nothing of its place
    LAST = 1000

    # @param listed [Integer, nil] as it says itself  @param key [String]
    # @return [Array] to sort by
    def place_in_lists(listed, key) = [listed || LAST, key.to_s]
  end
end
