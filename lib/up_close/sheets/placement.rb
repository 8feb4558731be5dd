# frozen_string_literal: true

module UpClose
  module Sheets
    # Where one copy of a mark lies on a sheet. mark: its number. copy: from 1. x, y: the copy's middle, mm from the
    # sheet's top left. turn: degrees. pinned: true where it stays when the rest is laid again. ring: corners of a
    # tile, mm, nil for a whole copy. Frozen.
    Placement = Value.define(:mark, :copy, :x, :y, :turn, :pinned, :ring, keyword_init: true) do
      # @param kept [Hash{String => Object}] as +to_h+ gives it  @return [Placement]
      def self.from_h(kept) = new(**kept.slice(*members.map(&:to_s)).transform_keys(&:to_sym))

      # @return [Hash{String => Object}] what is kept
      def to_h = members.to_h { |name| [name.to_s, self[name]] }.reject { |_, value| value.nil? || value == false }

      def pinned? = pinned == true

      # part of a mark that is larger than a sheet
      def tile? = !ring.nil?

      # @param changes [Hash{Symbol => Object}]  @return [Placement]
      def with(**changes) = self.class.new(**members.to_h { |name| [name, self[name]] }, **changes)

      # @param other [Placement]  @return [Boolean] the same copy, wherever it lies
      def same_copy?(other) = copy == other.copy && mark == other.mark
    end
  end
end
