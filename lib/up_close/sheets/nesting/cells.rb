# frozen_string_literal: true

module UpClose
  module Sheets
    module Nesting
      # A part at one turn, grown by half the gap, as the cells it touches: a list
      # of runs for each row. Parts that share no cell keep the gap. Frozen.
      class Cells
        ROWS_AT_ONCE = 8

        attr_reader :turn, :width, :height, :left, :top, :cell, :coarse, :rows

        # @param rings [Array<Array<Array(Float, Float)>>] of the grown part, mm about its origin
        # @param turn [Numeric] degrees, from x towards y  @param cell [Float] mm
        # @param coarse [Integer] cells to a coarse one, see Coarse
        def self.of(rings, turn:, cell:, coarse: Coarse::START)
          angle = turn * Math::PI / 180
          cos, sin = [Math.cos(angle), Math.sin(angle)].map { |v| (v.abs < Tolerance::ZERO) ? 0.0 : v }
          turned = rings.map { |ring| ring.map { |x, y| [x * cos - y * sin, x * sin + y * cos] } }
          left, top = turned.map { |ring| ring.map(&:first).min }.min, turned.map { |ring| ring.map(&:last).min }.min
          new(
            Raster.call(turned.map { |ring| ring.map { |x, y| [(x - left) / cell, (y - top) / cell] } }),
            turn: turn,
            left: left,
            top: top,
            cell: cell,
            coarse: coarse
          )
        end

        # @param rows [Array<Integer>] a bit a cell, the leftmost lowest
        # @param left [Float] mm from the part's origin
        # @param top [Float]
        def initialize(rows, turn:, left:, top:, cell:, coarse: Coarse::START)
          @rows, @turn, @left, @top, @cell, @coarse = rows, turn, left, top, cell, coarse
          @width, @height = rows.map(&:bit_length).max, rows.size
          @bits, @shifts, @core_shifts = {}, {}, {}
          freeze
        end

        # the same part turned half round: the grid falls onto itself
        def reversed
          upside_down = rows.reverse.map { |row| row.to_s(2).rjust(width, "0").reverse.to_i(2) }
          Cells.new(
            upside_down,
            turn: turn + 180,
            left: -(left + width * cell),
            top: -(top + height * cell),
            cell: cell,
            coarse: coarse
          )
        end

        # the part's origin when its cells begin at a place
        # @return [Array(Float, Float)] mm
        def origin_at(x, y) = [x * cell - left, y * cell - top]

        # @return [Integer] its cells in a sheet so many columns wide
        def bits(columns) = @bits[columns] ||= packed(columns)

        # How far a map is to be moved to show where it goes: a map of where 2 ** power
        # cells in a row are open, two of which cover any run. Some rows at a time, those
        # far apart first: they tell soonest that a place is taken.
        # @return [Array<Array<Integer>>] by << 4 | power
        def shifts(stride)
          @shifts[stride] ||= rows.each_index.sort_by { |y|
            [y % ROWS_AT_ONCE, y]
          }.each_slice(ROWS_AT_ONCE).map do |some|
            some.flat_map { |y| Cells.covers(Cells.runs(rows[y]), y * stride) }
          end
        end

        # the same for what it covers of the coarse map, the longest runs first
        def core_shifts(stride)
          @core_shifts[stride] ||= core.sort_by { |_, runs| -runs.map(&:last).max }.map do |y, runs|
            Cells.covers(runs, y * stride)
          end
        end

        # @return [Array<Integer>] by << 4 | power
        def self.covers(runs, cell)
          runs.flat_map do |x, long|
            power = long.bit_length - 1
            [0, long - (1 << power)].uniq.map { |more| (cell + x + more) << 4 | power }
          end
        end

        # @return [Array<Array(Integer, Integer)>] first cell and how many
        def self.runs(row)
          stretches = []
          cell = 0
          while row.positive?
            skip = (row & -row).bit_length - 1
            row >>= skip
            long = (~row & (row + 1)).bit_length - 1
            stretches << [cell + skip, long]
            row >>= long
            cell += skip + long
          end
          stretches
        end

        # Coarse cells that it covers some of, however it lies on the coarse map.
        # @return [Array<Array(Integer, Array)>] coarse row, runs
        def core
          stride, tall = [width, height].map { |n| (n + 3 * coarse - 1) / coarse * coarse }
          always = Coarse.always(packed(stride) << (coarse * stride + coarse), stride, coarse)
          Coarse.rows(always, stride, tall, coarse).each_with_index.map { |row, v|
            [v, Cells.runs(row)]
          }.reject do |_, runs|
            runs.empty?
          end
        end

        private

        def packed(columns) = Coarse.packed(rows, columns)
      end
    end
  end
end
