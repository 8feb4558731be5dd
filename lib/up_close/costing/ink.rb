# frozen_string_literal: true

module UpClose
  module Costing
    # What a printer lays down for a mark: so much on each square metre it covers
    # wholly (starting values; a pack's own yield replaces them by its price). Frozen.
    class Ink
      # which supply, and how much of it on a square metre
      LAID = {laser: ["toner", 5.0], inkjet: ["ink", 12.0]}.freeze
      # where the artwork has not been looked at yet
      START_COVERAGE = 0.3

      # @param printer [Symbol]  @param width_mm [Float]  @param height_mm [Float]
      # @param coverage [Float, nil] share of that box that is inked
      def initialize(printer:, width_mm:, height_mm:, coverage: nil)
        key, @laid = LAID.fetch(printer.to_sym)
        @kind = Supplies.fetch(key)
        @width_mm, @height_mm, @coverage = width_mm, height_mm, coverage
        freeze
      end

      # @return [Supplies::Kind]
      attr_reader :kind

      # @return [Float] of its unit, for one copy
      def amount = @width_mm * @height_mm / 1e6 * share * @laid

      # @return [Working]
      def working
        Working.new(
          "#{n(@width_mm, 1)} × #{n(@height_mm, 1)} mm × #{n(share * 100, 0)} % inked × #{n(@laid)} #{unit} a m² = " \
          "#{n(amount, 5)} #{unit}",
          source: "#{n(@laid)} #{unit} a m² is a starting value" \
            "#{", and so is its coverage: check the artwork first" unless @coverage}"
        )
      end

      private

      def share = @coverage || START_COVERAGE

      def unit = kind.unit

      def n(value, places = 2) = Working.number(value, places)
    end
  end
end
