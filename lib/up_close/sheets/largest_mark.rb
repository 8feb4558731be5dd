# frozen_string_literal: true

module UpClose
  module Sheets
    # The widest copy of an outline that still goes on a sheet, at any of its turns,
    # clear of its edge and of what is gone: halving what is left between fits and
    # does not, first by coarse cells.
    class LargestMark
      COARSE = 1.0
      STEPS = {coarse: 9, fine: 6}.freeze

      # @param blank [Nesting::Blank]  @param room [Nesting::CellRules]  @param turns [Array<Numeric>]
      # @yieldparam width_mm [Float]  @yieldreturn [Array<Array(Float, Float)>] the outline to cut along
      def initialize(blank, room:, turns:, &outline)
        @blank = Nesting::Blank.new(
          id: blank.id || "fresh",
          width_mm: blank.width_mm,
          height_mm: blank.height_mm,
          used: blank.used
        )
        @room, @turns, @outline = room, turns, outline
      end

      # @return [Float, nil] mm, too little by no more than the cells are coarse; nil when nothing fits
      def width_mm
        low, high = halved(0.0, Math.hypot(@blank.width_mm, @blank.height_mm), @room.with(cell: COARSE), STEPS[:coarse])
        low, = halved(low, [high + 3 * COARSE, low * 1.05 + 2].max, @room, STEPS[:fine])
        low if low > 0.5
      end

      private

      def halved(low, high, room, steps)
        steps.times do
          middle = (low + high) / 2
          fits?(middle, room) ? low = middle : high = middle
        end
        [low, high]
      end

      def fits?(width, room)
        part = Nesting::Part.new(id: "largest", outline: @outline.call(width), turns: @turns)
        Nesting::Decoder.new(room, leftovers: [@blank], fresh: nil).call([[part, 1]]).unplaced.empty?
      end
    end
  end
end
