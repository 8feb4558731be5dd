# frozen_string_literal: true

module UpClose
  module Sheets
    # What is left of a sheet: its area, and the largest upright box that still
    # fits inside the frame, clear of what is gone.
    class FreeRoom
      CELL = 1.0

      # @param blank [Nesting::Blank]  @param gap_mm [Float]  @param frame_mm [Float]
      def initialize(blank, gap_mm:, frame_mm:)
        @blank, @gap, @frame = blank, gap_mm, frame_mm
      end

      # @return [Float] mm²
      def area_mm2 = @area_mm2 ||= [@blank.area - (gone&.area || 0), 0].max

      # The largest box of free cells, row by row: each row's columns of free cells
      # above it as heights, the largest box under them by a stack.
      # @return [Geometry::Box, nil] mm from the sheet's top left; nil when nothing is left
      def largest
        return @largest if defined?(@largest)
        room = Nesting::CellRules.new(gap_mm: @gap, frame_mm: @frame, cell: CELL)
        columns, rows = room.columns(@blank.width_mm), room.rows(@blank.height_mm)
        best = search(@blank.board(room), columns, rows)
        @largest = best &&
          Geometry::Box.new(
            x: room.left + best[0] * CELL + @gap / 2,
            y: room.top + best[1] * CELL + @gap / 2,
            width: best[2] * CELL - @gap,
            height: best[3] * CELL - @gap
          ).then { |box|
            box unless box.empty?
          }
      end

      private

      def gone
        sheet = Geometry::Region.box(Geometry::Box.new(x: 0, y: 0, width: @blank.width_mm, height: @blank.height_mm))
        joined = @blank.used_regions.reduce { |a, b| a + b } or return
        sheet - (sheet - joined)
      end

      def search(board, columns, rows)
        heights = Array.new(columns, 0)
        best = nil
        rows.times do |y|
          row = board.row(y)
          columns.times { |x| heights[x] = row[x].zero? ? heights[x] + 1 : 0 }
          widest(heights) do |x, width, height|
            best = [x, y - height + 1, width, height] if best.nil? || width * height > best[2] * best[3]
          end
        end
        best
      end

      # every box that cannot be made wider
      def widest(heights)
        open = []
        (heights + [0]).each_with_index do |height, x|
          from = x
          while open.any? && open.last[1] >= height
            from, tall = open.pop
            yield from, x - from, tall if tall.positive?
          end
          open << [from, height]
        end
      end
    end
  end
end
