# frozen_string_literal: true

module UpClose
  module Sheets
    module Nesting
      # A sheet as cells, taken or free: one large Integer, a bit a cell, row after
      # row. What blocks a part is found for many places at once by shifting it. A
      # coarse map of what is wholly taken tells first where there is no use looking.
      class Board
        BAND = 16
        TRIALS = 6

        attr_reader :columns, :rows, :bits

        # @param bits [Integer] cells taken from the start  @param coarse [Integer] cells to a coarse one
        def initialize(columns, rows, bits: 0, coarse: Coarse::START)
          @columns, @rows, @size = columns, rows, coarse
          # whole coarse cells: what the sheet does not have is taken
          @stride, @tall = [columns, rows].map { |n| (n + @size - 1) / @size * @size }
          @across = @stride / @size
          @bits = (@stride == columns) ? bits : restride(bits)
          @bits |= beyond
          @all, @coarse_all = [@stride * @tall, @across * @tall / @size].map { |bits| (1 << bits) - 1 }
          @coarse = full_cells(0, @tall)
          open_up
        end

        # Places that the coarse map leaves open, to be asked before +find+.
        # @return [Array(Integer, Integer), nil] the first row of them, and all of them; nil when there is none
        def hopes(cells)
          return if cells.width > columns || cells.height > rows
          open = open_places(cells)
          [lowest(open) / @across * @size, open] unless open.zero?
        end

        # @param cells [Cells]
        # @param hopes [Integer]
        # @param from [Integer] no place above this row is free, as is known
        # @return [Array(Integer, Integer), nil] the topmost free place, of those the leftmost
        def find(cells, hopes, from: 0)
          (from / BAND..(rows - cells.height) / BAND).each do |band|
            next if (hopes >> (band * BAND / @size * @across) & hope_mask).zero?
            column = free_in(cells, band * BAND)
            return [column % @stride, band * BAND + column / @stride] if column
          end
          nil
        end

        # @param cells [Cells]  @param x [Integer] cells  @param y [Integer] cells
        def take(cells, x, y)
          @bits |= cells.bits(@stride) << (y * @stride + x)
          top = y / @size * @size
          tall = (y + cells.height - top + @size - 1) / @size * @size
          @coarse |= full_cells(top, [tall, @tall - top].min) << (top / @size * @across)
          open_up
          @reach = [@reach || 0, y + cells.height].max
        end

        # @return [Integer] a row's cells, a bit each
        def row(y) = @bits[y * @stride, columns]

        # rows from the top that have been taken into use
        def reach = @reach || 0

        private

        # maps of what is open: of cells, and of coarse ones; each entry where so many more in a row are
        def open_up
          @open, @coarse_open = [@all & ~@bits], [@coarse_all & ~@coarse]
        end

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

        # coarse cells all of whose fine ones are taken, from a row on
        def full_cells(top, tall) = Coarse.full(@bits[top * @stride, tall * @stride], @stride, tall, @size)

        # on the coarse map, what is not certainly taken
        def open_places(cells)
          open, maps = every_place(cells), @coarse_open
          cells.core_shifts(@across).each do |row|
            row.each { |code| open &= (maps[code & 15] || eroded(maps, code & 15)) >> (code >> 4) }
            return 0 if open.zero?
          end
          open
        end

        def every_place(cells)
          wide, tall = (columns - cells.width) / @size + 1, (rows - cells.height) / @size + 1
          repeated((1 << wide) - 1, @across, tall)
        end

        def hope_mask = @hope_mask ||= (1 << (BAND / @size * @across)) - 1

        # where 2 ** power cells in a row are open
        def eroded(maps, power)
          maps << (maps.last & (maps.last >> (1 << (maps.size - 1)))) while maps.size <= power
          maps[power]
        end

        # The topmost free place in a band of rows, of those the leftmost: a few of its
        # rows leave few places, which are then tried one by one.
        def free_in(cells, top)
          places = repeated((1 << (columns - cells.width + 1)) - 1, @stride, [rows - cells.height - top + 1, BAND].min)
          slices, tall = [], (BAND + cells.height) * @stride
          cells.shifts(@stride).each do |codes|
            codes.each do |code|
              places &= (slices[code & 15] ||= eroded(@open, code & 15)[top * @stride, tall]) >> (code >> 4)
            end
            slices[0] ||= @open[0][top * @stride, tall]
            column, places = tried(places, slices[0], cells.bits(@stride))
            return column if column
            return nil if places.zero?
          end
          lowest(places)
        end

        # the first few places, each on its own
        # @return [Array(Integer, Integer)] the one that is free or nil, and the places left to try
        def tried(places, slice, own)
          TRIALS.times do
            return [nil, 0] if places.zero?
            column = lowest(places)
            return [column, places] if (slice >> column & own) == own
            places ^= 1 << column
          end
          [nil, places]
        end

        def lowest(places) = (places & -places).bit_length - 1
      end
    end
  end
end
