# frozen_string_literal: true

module UpClose
  module Sheets
    # What a layout keeps free, and how it may turn what it lays: webs between
    # marks, the frame that feeds, more of it at the leading edge. Starting values;
    # mm, degrees. Frozen.
    class Allowances
      TURNS = {
        "none" => ["as placed", [0]],
        "half" => ["half turns", [0, 180]],
        "quarter" => ["quarter turns", [0, 90, 180, 270]],
        "any" => ["any turn, by 15°", (0...360).step(15).to_a]
      }.freeze
      attr_reader :gap, :frame, :leading, :turning

      # @param gap_mm [Float] 0 or more  @param frame_mm [Float]  @param leading_mm [Float] at the edge that feeds first
      # @param turning [String] a key of TURNS
      def initialize(gap_mm: 3.0, frame_mm: 8.0, leading_mm: 12.0, turning: "quarter")
        @gap, @frame, @leading, @turning = gap_mm.to_f, frame_mm.to_f, leading_mm.to_f, turning
        freeze
      end

      START = new

      # @param hash [Hash] as +to_h+ gives it; what is missing starts as usual
      def self.from_h(hash)
        new(**hash.to_h.transform_keys(&:to_sym).slice(:gap_mm, :frame_mm, :leading_mm, :turning).compact)
      end

      def to_h = {"gap_mm" => gap, "frame_mm" => frame, "leading_mm" => leading, "turning" => turning}

      # @return [Array<Integer>]
      def turns = TURNS.fetch(turning).last

      # @param unprintable [Hash{Symbol => Float}] margins that a printer cannot reach
      # @return [Hash{Symbol => Float}] kept free on each side; the sheet's top goes in first
      def sides(unprintable = {})
        {left: frame, right: frame, top: [frame, leading].max, bottom: frame}.to_h do |side, mm|
          [side, [mm, unprintable[side].to_f].max]
        end
      end

      # @return [Nesting::CellRules]
      def room(unprintable = {}) = Nesting::CellRules.new(gap_mm: gap, frame_mm: sides(unprintable))

      # @param other [Object]  @return [Boolean] of one kind, with the same values
      def ==(other) = other.is_a?(Allowances) && to_h == other.to_h
      alias_method :eql?, :==

      def hash = to_h.hash
    end
  end
end
