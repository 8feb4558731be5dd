# frozen_string_literal: true

module UpClose
  module Sheets
    module Nesting
      # The rules of a layout as cells: the gap between marks, the frame round the
      # sheet, how fine a cell is. Parts are grown by half the gap, so the frame is
      # taken in by as much. Frozen.
      class CellRules
        FINE = 0.25
        QUICK = 0.5
        attr_reader :gap, :frame, :cell

        # @param frame_mm [Float, Hash{Symbol => Float}] all round, or :left, :right, :top, :bottom
        def initialize(gap_mm:, frame_mm:, cell: QUICK)
          @gap, @frame, @cell = gap_mm.to_f, CellRules.sides(frame_mm), cell
          freeze
        end

        # @param frame [Numeric, Hash]  @return [Hash{Symbol => Float}] mm for each side
        def self.sides(frame)
          if frame.is_a?(Hash)
            frame.transform_values(&:to_f)
          else
            %i[left right top bottom].to_h { |side| [side, frame.to_f] }
          end
        end

        # @param cell [Float] mm  @return [CellRules]
        def with(cell:) = CellRules.new(gap_mm: gap, frame_mm: frame, cell: cell)

        # cells to a coarse one: 2 mm of them
        def coarse = (cell < QUICK) ? 8 : 4

        # @param width_mm [Float]  @return [Integer] cells
        def columns(width_mm) = count(width_mm - frame[:left] - frame[:right])

        # @param height_mm [Float]  @return [Integer] cells
        def rows(height_mm) = count(height_mm - frame[:top] - frame[:bottom])

        # from the sheet's corner to the first cell's
        def left = frame[:left] - gap / 2

        def top = frame[:top] - gap / 2

        # what an outline may be made simpler by, outwards, and chords to a quarter of a
        # circle: as much as cells hide, and where parts lie as near as they may
        SIMPLER = 0.03
        CHORDS = 8
        TRUE_SIMPLER = 0.005
        TRUE_CHORDS = 16
        SIMPLE = 24

        # rings that hold all within half the gap of a part
        def grown(part, simpler: SIMPLER, chords: CHORDS)
          region = part.region
          return region.grown(gap / 2, quarter: chords).rings if part.outline.size < SIMPLE
          region.simpler(simpler).grown(gap / 2 + simpler, quarter: chords).rings
        end

        # the same, hardly more than that
        def truly_grown(part) = grown(part, simpler: TRUE_SIMPLER, chords: TRUE_CHORDS)

        # A part's cells at each of its turns; upside down they are the same cells, reversed.
        # @return [Array<Cells>]
        def variants(part)
          rings = grown(part)
          part.turns.each_with_object([]) do |turn, turned|
            upright = turned.find { |cells| cells.turn == turn - 180 }
            turned << (upright ? upright.reversed : Cells.of(rings, turn: turn, cell: cell, coarse: coarse))
          end.uniq(&:rows)
        end

        # the same for a used area
        def grown_ring(ring, chords: CHORDS) = Geometry::Region.polygon(ring).grown(gap / 2, quarter: chords).rings

        # a used area as cells of its own
        def cells_of(ring) = Cells.of(grown_ring(ring), turn: 0, cell: cell)

        # those cells where they lie on the sheet; what falls outside it is left out
        def stamp(cells, columns, rows)
          # a place that is no whole number of cells may touch one more each way
          x, y = [(cells.left - left) / cell, (cells.top - top) / cell]
          across, down = x.floor, y.floor
          mask = (1 << columns) - 1
          wide = cells.rows.map { |row| (x == across) ? row : row | (row << 1) }
          tall = (y == down) ? wide : [wide.first, *wide.each_cons(2).map { |a, b| a | b }, wide.last]
          tall.each_with_index.sum do |row, i|
            line = down + i
            next 0 unless line.between?(0, rows - 1)
            (((across >= 0) ? row << across : row >> -across) & mask) << (line * columns)
          end
        end

        # where a part's origin comes to lie on the sheet
        def place(cells, x, y)
          across, down = cells.origin_at(x, y)
          [left + across, top + down]
        end

        private

        def count(size) = [((size + gap) / cell + Tolerance::ROUNDING).floor, 0].max
      end
    end
  end
end
