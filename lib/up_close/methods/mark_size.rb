# frozen_string_literal: true

module UpClose
  module Methods
    # How large a mark is, as far as times and amounts of its steps depend on it. Frozen.
    class MarkSize
      # share of its box that is inked, while the artwork has not been looked at
      START_COVERAGE = 0.3
      # lines to follow by hand for each millimetre round its box, while not looked at
      START_LINES = 2.0

      attr_reader :width_mm, :height_mm

      # @param width_mm [Float] of the ink's box  @param height_mm [Float]
      # @param coverage [Float, nil] share of that box that is inked, 0..1
      # @param line_mm [Float, nil] length of all its lines, as a pen follows them
      def initialize(width_mm:, height_mm:, coverage: nil, line_mm: nil)
        @width_mm, @height_mm, @coverage, @line_mm = width_mm.to_f, height_mm.to_f, coverage, line_mm
        freeze
      end

      # what a method is told for while no mark has a size
      USUAL = new(width_mm: 50, height_mm: 50)

      # @param border_mm [Float] kept round the ink
      # @return [Float] mm², of the paper or film as it is cut out
      def trim_mm2(border_mm) = (width_mm + 2 * border_mm) * (height_mm + 2 * border_mm)

      def box_mm2 = width_mm * height_mm

      # @return [Float] mm, along the line it is cut out by
      def trim_length_mm(border_mm) = 2 * (width_mm + height_mm + 4 * border_mm)

      # @return [Float] mm
      def line_mm = @line_mm || START_LINES * 2 * (width_mm + height_mm)

      # false while the artwork has not been looked at
      def looked_at? = !@line_mm.nil?

      def coverage = @coverage || START_COVERAGE

      # @return [Float] mm, the longer side
      def longer_mm = [width_mm, height_mm].max

      # @param other [Object]  @return [Boolean] of one kind, with the same values
      def ==(other) = other.is_a?(MarkSize) && to_a == other.to_a
      alias_method :eql?, :==
      def hash = to_a.hash

      def to_a = [width_mm, height_mm, @coverage, @line_mm]
    end
  end
end
