# frozen_string_literal: true

module UpClose
  module Geometry
    # The straight edges of a region's rings, its inside always to the left of them, sorted into square cells so that
    # neighbours are found without looking at all of them. Plain numbers in flat lists: a region may have 100,000.
    class Edges
      # flat lists by the edge's number: its start, its end, its direction, its length
      attr_reader :x0, :y0, :x1, :y1, :ux, :uy, :lengths
      # which ring it belongs to; how far along the ring it starts; how long that ring is, mm
      attr_reader :ring, :along, :ring_length
      # which of the region's separate parts it belongs to
      attr_reader :part

      # @param region [Region]  @param reach_mm [Float] how far apart neighbours may be
      def initialize(region, reach_mm:)
        @reach = reach_mm
        @x0, @y0, @x1, @y1, @ux, @uy, @ring, @along, @ring_length, @part, @lengths = Array.new(11) { [] }
        region.parts.each_with_index do |part, number|
          part.rings.each_with_index { |ring, i| enter(inside_left(ring, hole: i.positive?), number) }
        end
        @cells = Hash.new { |cells, key| cells[key] = [] }
        size.times { |edge| sort_in(edge) }
        @cells.default = nil
      end

      def size = x0.size

      # @return [Array<Array<Integer>>] edges that may be within reach of each other; two of them perhaps in several
      def near = @cells.values

      # @param point [Point]  @param reach [Float] how far is looked, mm
      # @return [Float, nil] mm to the nearest edge; nil when none is so near
      def within(point, reach)
        near = []
        columns, rows = [point.x, point.y].map { |at| ((at - reach) / @reach).floor..((at + reach) / @reach).floor }
        columns.each { |column| rows.each { |row| near.concat(@cells[key(column, row)] || []) } }
        least = near.map { |edge| distance_to(edge, point.x, point.y) }.min
        least if least && least <= reach
      end

      # @param edge [Integer]  @return [Float]
      def length(edge) = lengths[edge]

      private

      def distance_to(edge, x, y)
        ox, oy = x - x0[edge], y - y0[edge]
        t = (ox * ux[edge] + oy * uy[edge]).clamp(0.0, length(edge))
        Math.hypot(ox - t * ux[edge], oy - t * uy[edge])
      end

      # outlines anticlockwise and holes clockwise, as seen with y upwards
      def inside_left(ring, hole:)
        area = ring.each_with_index.sum { |(x, y), i| ring[i - 1][0] * y - x * ring[i - 1][1] }
        (area.negative? ^ hole) ? ring.reverse : ring
      end

      def enter(ring, part)
        number = @ring_length.size
        whole = 0.0
        ring.each_with_index do |(x, y), i|
          nx, ny = ring[(i + 1) % ring.size]
          length = Math.hypot(nx - x, ny - y)
          next if length < 1e-9
          push(x, y, nx, ny, length)
          @ring << number
          @part << part
          @along << whole
          whole += length
        end
        @ring_length << whole
      end

      def push(x, y, nx, ny, length)
        @lengths << length
        @x0 << x
        @y0 << y
        @x1 << nx
        @y1 << ny
        @ux << (nx - x) / length
        @uy << (ny - y) / length
      end

      # Into every cell within half the reach of it: edges within reach of each other share one.
      def sort_in(edge)
        steps = (length(edge) / @reach).ceil
        steps.times do |i|
          cells_round(point_at(edge, i, steps), point_at(edge, i + 1, steps)) do |cell|
            @cells[cell] << edge unless @cells[cell].last == edge
          end
        end
      end

      def point_at(edge, i, steps)
        t = i.to_f / steps
        [x0[edge] + (x1[edge] - x0[edge]) * t, y0[edge] + (y1[edge] - y0[edge]) * t]
      end

      def cells_round(from, to)
        left, right = [from[0], to[0]].minmax
        top, low = [from[1], to[1]].minmax
        (left / @reach - 0.5).floor.upto((right / @reach + 0.5).floor) do |column|
          (top / @reach - 0.5).floor.upto((low / @reach + 0.5).floor) { |row| yield key(column, row) }
        end
      end

      def key(column, row) = column * 1_000_003 + row
    end
  end
end
