# frozen_string_literal: true

module UpClose
  module Sheets
    module Nesting
      # Rings as the cells they touch: every cell an edge runs through, and those between.
      module Raster
        module_function

        # @param rings [Array<Array<Array(Float, Float)>>] in cells, nothing below nought
        # @return [Array<Integer>] a bit a cell for each row
        def call(rings)
          tall = (rings.map { |ring| ring.map(&:last).max }.max + Tolerance::ROUNDING).floor + 1
          rows = Array.new(tall, 0)
          crossings = Array.new(tall) { [] }
          rings.each { |ring| ring.each_index { |i| edge(*ring[i - 1], *ring[i], rows, crossings) } }
          crossings.each_with_index { |xs, y| xs.sort.each_slice(2) { |from, to| rows[y] |= span(from, to) if to } }
          rows.pop while rows.last.zero?
          rows
        end

        # marks the cells that an edge runs through, and where it crosses each row
        def edge(x0, y0, x1, y1, rows, crossings)
          x0, y0, x1, y1 = x1, y1, x0, y0 if y1 < y0
          lean = (y1 - y0).zero? ? 0.0 : (x1 - x0) / (y1 - y0)
          (y0.floor..y1.floor).each do |row|
            from = x0 + ([row, y0].max - y0) * lean
            to = (y1 - y0).zero? ? x1 : x0 + ([row + 1, y1].min - y0) * lean
            rows[row] |= (from < to) ? span(from, to) : span(to, from)
            middle = row + 0.5
            crossings[row] << x0 + (middle - y0) * lean if middle >= y0 && middle < y1
          end
        end

        # @param from [Float] cells  @param to [Float]  @return [Integer] bits of a row
        def span(from, to)
          first = (from < 0) ? 0 : from.floor
          ((1 << (to.floor - first + 1)) - 1) << first
        end
      end
    end
  end
end
