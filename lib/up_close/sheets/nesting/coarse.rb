# frozen_string_literal: true

module UpClose
  module Sheets
    module Nesting
      # Maps of cells seen from further off: 4 × 4 or 8 × 8 of them as one. A map is
      # an Integer, its stride and height whole coarse cells.
      module Coarse
        START = 4
        ODD = {4 => "13579bdf", 8 => (1..255).step(2).map(&:chr).join.b.sub("-", "\\-").sub("]", "\\]").freeze}.freeze

        module_function

        # coarse cells all of whose fine ones are set
        # @return [Integer] a bit a coarse cell, row after row
        def full(map, stride, tall, size)
          packed(rows(together(together(map, 1, size, :&), stride, size, :&), stride, tall, size), stride / size)
        end

        # Where a shape covers some of a coarse cell however it lies on the coarse map:
        # in each of the windows that may become that cell, some of it lies.
        # @param map [Integer] with a coarse cell's margin all round, which keeps rows apart
        def always(map, stride, size)
          met = together(together(map, 1, size, :|), stride, size, :|)
          together(together(met, 1, size, :&), stride, size, :&) >> (stride + 1)
        end

        # The lowest cell of each coarse one. As text, highest first, a hexadecimal
        # figure is four cells and a byte eight; odd ones have their lowest set.
        # @return [Array<Integer>] a bit a coarse cell, for each coarse row
        def rows(map, stride, tall, size)
          across, text = stride / size, map.to_s(16).rjust(stride * tall / 4, "0")
          text = [text].pack("H*") if size == 8
          Array.new(tall / size) do |i|
            text[(tall - 1 - size * i) * across, across].tr(ODD.fetch(size), "1").tr("^1", "0").to_i(2)
          end
        end

        # two by two, so that little is made on the way
        def packed(rows, stride)
          rows, stride = rows.each_slice(2).map { |a, b| b ? a | b << stride : a }, 2 * stride while rows.size > 1
          rows.first || 0
        end

        # a map with itself, moved by each number of steps up to a size
        def together(map, step, size, verb)
          (0...size.bit_length - 1).reduce(map) { |wide, power| wide.public_send(verb, wide >> (step << power)) }
        end
      end
    end
  end
end
