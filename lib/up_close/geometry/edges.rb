# frozen_string_literal: true

module UpClose
  module Geometry
    # The straight edges of a region's rings, its inside always to the left of them, sorted into square cells so that
    # neighbours are found without looking at all of them. Plain numbers in flat lists: a region may have 100,000.
    class Edges
      # rows a column: cells have one number
      COLUMN = 1_000_003

      # flat lists by the edge's number: its start, its end, its direction, its length
      attr_reader :x0, :y0, :x1, :y1, :ux, :uy, :lengths
      # which ring it belongs to; how far along the ring it starts; how long that ring is, mm
      attr_reader :ring, :along, :ring_length
      # which of the region's separate parts it belongs to
      attr_reader :part

      # how far apart neighbours may be, mm
      attr_reader :reach

      # @param region [Region, Array<Region>] one, or parts that are numbered as they are given
      # @param reach_mm [Float] how far apart neighbours may be
      def initialize(region, reach_mm:)
        @reach = reach_mm
        @x0, @y0, @x1, @y1, @ux, @uy, @ring, @along, @ring_length, @part, @lengths, @ring_first = Array.new(12) { [] }
        (region.is_a?(Array) ? region : region.parts).each_with_index do |part, number|
          part.rings.each_with_index { |ring, i| enter(inside_left(ring, hole: i.positive?), number) }
        end
        @cells = Hash.new { |cells, key| cells[key] = [] }
        size.times { |edge| sort_in(edge) }
        @cells.default = nil
      end

      def size = x0.size

      # @return [Array<Array<Integer>>] edges that may be within reach of each other; two of them perhaps in several
      def cells = @cells.values

      # @param point [Point]  @param reach [Float] how far is looked, mm
      # @return [Float, nil] mm to the nearest edge; nil when none is so near
      def within(point, reach)
        x, y = point.x, point.y
        least = reach * reach
        near(point, reach) do |edge|
          square = square_to(edge, x, y)
          least = square if square < least
        end
        Math.sqrt(least) if least < reach * reach
      end

      # @return [Integer] the edge before, along the ring
      def before(edge)
        first = @ring_first[ring[edge]]
        (edge > first) ? edge - 1 : (@ring_first[ring[edge] + 1] || size) - 1
      end

      # @return [Integer] the edge after, along the ring
      def after(edge)
        (edge + 1 < (@ring_first[ring[edge] + 1] || size)) ? edge + 1 : @ring_first[ring[edge]]
      end

      # @param without [Integer] edges of this part are passed over
      # @return [Array(Point, Integer), nil] the nearest place on an edge, and its part; nil when none is so near
      def nearest(point, reach, without:)
        best, nearest = reach, nil
        near(point, reach) do |edge|
          next if part[edge] == without
          t = along_edge(edge, point.x, point.y)
          x, y = x0[edge] + t * ux[edge], y0[edge] + t * uy[edge]
          far = Math.hypot(point.x - x, point.y - y)
          best, nearest = far, [Point[x, y], part[edge]] if far < best
        end
        nearest
      end

      # @param edge [Integer]  @return [Float]
      def length(edge) = lengths[edge]

      private

      def near(point, reach)
        columns, rows = [point.x, point.y].map { |mm| ((mm - reach) / @reach).floor..((mm + reach) / @reach).floor }
        columns.each do |column|
          base = column * COLUMN
          rows.each { |row| @cells[base + row]&.each { |edge| yield edge } }
        end
      end

      def along_edge(edge, x, y)
        ((x - x0[edge]) * ux[edge] + (y - y0[edge]) * uy[edge]).clamp(0.0, lengths[edge])
      end

      # the square of the distance
      def square_to(edge, x, y)
        ox, oy = x - @x0[edge], y - @y0[edge]
        t = ox * @ux[edge] + oy * @uy[edge]
        return ox * ox + oy * oy if t <= 0
        length = @lengths[edge]
        t = length if t > length
        dx, dy = ox - t * @ux[edge], oy - t * @uy[edge]
        dx * dx + dy * dy
      end

      # outlines anticlockwise and holes clockwise, as seen with y upwards
      def inside_left(ring, hole:)
        area = ring.each_with_index.sum { |(x, y), i| ring[i - 1][0] * y - x * ring[i - 1][1] }
        (area.negative? ^ hole) ? ring.reverse : ring
      end

      def enter(ring, part)
        number = @ring_length.size
        @ring_first << size
        whole = 0.0
        ring.each_with_index do |(x, y), i|
          nx, ny = ring[(i + 1) % ring.size]
          length = Math.hypot(nx - x, ny - y)
          next if length < Tolerance::ROUNDING
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

      # Into every cell within half the reach of it: edges within reach of each other share one. A long edge goes in
      # by stretches, so that a slanted one enters only the cells along its way.
      def sort_in(edge)
        steps = (lengths[edge] / @reach).ceil
        x, y = x0[edge], y0[edge]
        dx, dy = (x1[edge] - x) / steps, (y1[edge] - y) / steps
        steps.times do
          enter_cells(edge, x, y, x + dx, y + dy)
          x += dx
          y += dy
        end
      end

      # plain loops: this is most of the work
      def enter_cells(edge, ax, ay, bx, by)
        ax, bx = bx, ax if ax > bx
        ay, by = by, ay if ay > by
        column, last = (ax / @reach - 0.5).floor, (bx / @reach + 0.5).floor
        top, low = (ay / @reach - 0.5).floor, (by / @reach + 0.5).floor
        while column <= last
          row = top
          while row <= low
            cell = @cells[column * COLUMN + row]
            cell << edge unless cell.last == edge
            row += 1
          end
          column += 1
        end
      end
    end
  end
end
