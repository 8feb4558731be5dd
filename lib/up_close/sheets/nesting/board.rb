# frozen_string_literal: true

module UpClose
  module Sheets
    module Nesting
      # A sheet as cells, taken or free: one large Integer, a bit a cell, row after
      # row. What blocks a part is found for many places at once by shifting it. A
      # coarse map of what is wholly taken tells first where there is no use looking.
      class Board
        BAND = 16
        COARSE = Cells::COARSE

        attr_reader :columns, :rows, :bits

        # @param bits [Integer] cells taken from the start
        def initialize(columns, rows, bits: 0)
          @columns, @rows = columns, rows
          # whole coarse cells: what the sheet does not have is taken
          @stride, @tall = [columns, rows].map { |n| (n + COARSE - 1) / COARSE * COARSE }
          @across = @stride / COARSE
          @bits = (@stride == columns) ? bits : restride(bits)
          @bits |= beyond
          @coarse = full_cells(0, @tall)
          @dilated, @coarse_dilated = [@bits], [@coarse]
        end

        # Places that the coarse map leaves open, to be asked before +find+.
        # @return [Array(Integer, Integer), nil] the first row of them, and all of them; nil when there is none
        def hopes(cells)
          return if cells.width > columns || cells.height > rows
          open = open_places(cells)
          [((open & -open).bit_length - 1) / @across * COARSE, open] unless open.zero?
        end

        # @param cells [Cells]  @param hopes [Integer]  @param from [Integer] no place above this row is free, as is known
        # @return [Array(Integer, Integer), nil] the topmost free place, of those the leftmost
        def find(cells, hopes, from: 0)
          (from / BAND..(rows - cells.height) / BAND).each do |band|
            next if (hopes >> (band * BAND / COARSE * @across) & hope_mask).zero?
            free = free_in(cells, band * BAND)
            return place_of(free, band) unless free.zero?
          end
          nil
        end

        def take(cells, x, y)
          @bits |= cells.bits(@stride) << (y * @stride + x)
          top = y / COARSE * COARSE
          tall = (y + cells.height - top + COARSE - 1) / COARSE * COARSE
          @coarse |= full_cells(top, [tall, @tall - top].min) << (top / COARSE * @across)
          @dilated, @coarse_dilated = [@bits], [@coarse]
          @reach = [@reach || 0, y + cells.height].max
          @hopes = nil
        end

        # @return [Integer] a row's cells, a bit each
        def row(y) = @bits[y * @stride, columns]

        # rows from the top that have been taken into use
        def reach = @reach || 0

        private

        def restride(bits)
          row = (1 << columns) - 1
          Array.new(rows) { |y| ((bits >> (y * columns)) & row) << (y * @stride) }.reduce(0, :|)
        end

        def beyond
          side = ((1 << (@stride - columns)) - 1) << columns
          (repeated(side, @stride, rows) | (((1 << ((@tall - rows) * @stride)) - 1) << (rows * @stride)))
        end

        # the same row so many times
        def repeated(row, stride, times) = times.zero? ? 0 : row * (((1 << (stride * times)) - 1) / ((1 << stride) - 1))

        # Coarse cells all of whose fine ones are taken: four rows together, then in
        # their hexadecimal figures a digit is four cells beside each other.
        def full_cells(top, tall)
          region = @bits[top * @stride, tall * @stride]
          pairs = region & (region >> @stride)
          digits = (pairs & (pairs >> (2 * @stride))).to_s(16).rjust(tall * @across, "0")
          rows = Array.new(tall / COARSE) { |i| digits[(tall - 1 - COARSE * i) * @across, @across] }
          rows.reverse.join.tr("^f", "0").tr("f", "1").to_i(2)
        end

        # on the coarse map, what is not certainly taken
        def open_places(cells)
          all = every_place(cells)
          blocked = 0
          cells.core.each_with_index do |(y, runs), i|
            runs.each { |x, long| blocked |= shifted(@coarse_dilated, long, y * @across + x) }
            return 0 if (i & 1) == 1 && (all & ~blocked).zero?
          end
          all & ~blocked
        end

        def every_place(cells)
          wide, tall = (columns - cells.width) / COARSE + 1, (rows - cells.height) / COARSE + 1
          repeated((1 << wide) - 1, @across, tall)
        end

        def hope_mask = @hope_mask ||= (1 << (BAND / COARSE * @across)) - 1

        # OR of a map shifted by every step of a run: two runs of a power of two cover it
        def shifted(maps, long, by)
          power = long.bit_length - 1
          map = dilated(maps, power)
          found = map >> by
          (long == 1 << power) ? found : found | (map >> (by + long - (1 << power)))
        end

        def dilated(maps, power)
          maps << (maps.last | (maps.last >> (1 << (maps.size - 1)))) while maps.size <= power
          maps[power]
        end

        # places in a band of rows where none of its cells is taken
        def free_in(cells, top)
          slices = []
          open = repeated((1 << (columns - cells.width + 1)) - 1, @stride, [rows - cells.height - top + 1, BAND].min)
          taken = 0
          cells.runs.each_with_index do |(y, runs), i|
            runs.each do |x, long|
              power = long.bit_length - 1
              map = slices[power] ||= dilated(@dilated, power)[top * @stride, (BAND + cells.height) * @stride]
              taken |= map >> (y * @stride + x)
              taken |= map >> (y * @stride + x + long - (1 << power)) unless long == 1 << power
            end
            return 0 if (i & 3) == 3 && (open & ~taken).zero?
          end
          open & ~taken
        end

        def place_of(free, band)
          at = (free & -free).bit_length - 1
          [at % @stride, band * BAND + at / @stride]
        end
      end
    end
  end
end
