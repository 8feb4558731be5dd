# frozen_string_literal: true

module UpClose
  module Artwork
    # What to look at in artwork, in figures, at its final size: checks/ one a
    # file, each a module with call(subject) → Finding, or nil when it has
    # nothing to say. A new file is a new check everywhere.
    module Checks
      ORDER = %i[ThinnestLine ThinnestGap Resolution Specks Ground HiddenBlock Coverage LargestSolid Tones White Look Letters EdgeRoom].freeze
      MOST_PLACES = 60

      # @return [Array<Module>] in the order they are told
      def self.all
        @all ||= constants.map { |name| [name, const_get(name)] }.select { |_, check| check.respond_to?(:call) }
          .sort_by { |name, _| [ORDER.index(name) || ORDER.size, name] }.map(&:last).freeze
      end

      # @param subject [Subject]
      # @return [Array<Finding>]
      def self.findings(subject) = all.filter_map { |check| check.call(subject) }
    end
  end
end
