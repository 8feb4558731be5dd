# frozen_string_literal: true

module UpClose
  module Sheets
    module Nesting
      # A part at one turn, grown by half the gap, as the cells it touches: a list
      # of runs for each row. Parts that share no cell keep the gap. Frozen.
      class Cells
        # cells of the coarse map, in cells of the fine one
        COARSE = 4

        attr_reader :turn, :width, :height, :runs, :core, :left, :top, :cell, :rows

        # @param rings [Array<Array<Array(Float, Float)>>] of the grown part, mm about its origin
        # @param turn [Numeric] degrees, from x towards y  @param cell [Float] mm
        def self.of(rings, turn:, cell:)
          angle = turn * Math::PI / 180
          cos, sin = [Math.cos(angle), Math.sin(angle)].map { |v| (v.abs < 1e-12) ? 0.0 : v }
          turned = rings.map { |ring| ring.map { |x, y| [x * cos - y * sin, x * sin + y * cos] } }
          left, top = turned.map { |ring| ring.map(&:first).min }.min, turned.map { |ring| ring.map(&:last).min }.min
          new(Raster.call(turned.map { |ring| ring.map { |x, y| [(x - left) / cell, (y - top) / cell] } }), turn: turn, left: left, top: top, cell: cell)
        end

        # @param rows [Array<Integer>] a bit a cell, the leftmost lowest  @param left [Float] mm from the part's origin  @param top [Float]
        def initialize(rows, turn:, left:, top:, cell:)
          @rows, @turn, @left, @top, @cell = rows, turn, left, top, cell
          @width, @height = rows.map(&:bit_length).max, rows.size
          # rows far apart first: they tell soonest that a place is taken
          @runs = rows.each_with_index.map { |row, y| [y, Cells.runs(row)] }.sort_by { |y, _| [y % 8, y] }
          @core = core_runs
          freeze
        end

        # the same part turned half round: the grid falls onto itself
        def reversed
          upside_down = rows.reverse.map { |row| row.to_s(2).rjust(width, "0").reverse.to_i(2) }
          Cells.new(upside_down, turn: turn + 180, left: -(left + width * cell), top: -(top + height * cell), cell: cell)
        end

        # the part's origin when its cells begin at a place
        # @return [Array(Float, Float)] mm
        def origin_at(x, y) = [x * cell - left, y * cell - top]

        # @return [Integer] its cells in a sheet so many columns wide
        def bits(columns) = @rows.each_with_index.sum { |row, y| row << (y * columns) }

        # @return [Array<Array(Integer, Integer)>] first cell and how many
        def self.runs(row)
          found = []
          at = 0
          while row.positive?
            skip = (row & -row).bit_length - 1
            row >>= skip
            long = (~row & (row + 1)).bit_length - 1
            found << [at + skip, long]
            row >>= long
            at += skip + long
          end
          found
        end

        private

        # Coarse cells that it covers some of, however it lies on the coarse map: in
        # each of the windows of 4 × 4 cells that may become that coarse cell, some
        # of it lies. A margin of four cells keeps rows apart.
        # @return [Array<Array(Integer, Array)>] coarse row, runs; the longest first, which tell soonest that nothing is free
        def core_runs
          stride, tall = [width, height].map { |n| (n + 11) / COARSE * COARSE }
          met = spread(spread(bits(stride) << (4 * stride + 4), 1, :|), stride, :|)
          always = spread(spread(met, 1, :&), stride, :&) >> (stride + 1)
          digits = always.to_s(16).rjust(tall * stride / COARSE, "0").tr("13579bdf", "1").tr("^1", "0")
          across = stride / COARSE
          found = Array.new(tall / COARSE) { |v| [v, Cells.runs(digits[(tall - 1 - COARSE * v) * across, across].to_i(2))] }
          found.reject { |_, runs| runs.empty? }.sort_by { |_, runs| -runs.map(&:last).max }
        end

        # a map with itself, moved by one, two and three steps
        def spread(map, step, verb)
          two = map.public_send(verb, map >> step)
          two.public_send(verb, two >> (2 * step))
        end
      end
    end
  end
end
