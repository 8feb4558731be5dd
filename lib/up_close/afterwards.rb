# frozen_string_literal: true

module UpClose
  # What is done to the piece after the transfer, one a file (handbook, “After the transfer”).
  module Afterwards
    extend Catalogue

    # @return [Boolean] whether a constant here is such a work
    def self.definition?(constant) = constant.is_a?(Class) && constant < Work

    # @param work [Module]  @return [Array] its place in lists
    def self.rank(work) = place_in_lists(work.listed, work.key)

    # @param key [String, Symbol]
    # @return [Class] a Work
    # @raise [Errors::Unknown]
    def self.fetch(key)
      all.find { |work| work.key == key.to_s } ||
        raise(Errors::Unknown.new(
          "Nothing called “#{key}” is done after a transfer.",
          remedy: "Choose one of: #{all.map(&:key).join(", ")}.",
          field: :afterwards
        ))
    end
  end
end
