# frozen_string_literal: true

module UpClose
  module Geometry
    # A closed outline of straight stretches; either way round. It never changes, and remembers
    # what was worked out of it.
    class Ring
      MOST_POINTS = 2000
      attr_reader :points

      # @param points [Array<Point>] three or more; the last is joined to the first
      def initialize(points)
        points = points.chunk_while { |a, b| a == b }.map(&:first)
        points = points[0..-2] if points.size > 1 && points.first == points.last
        @points = points.freeze
        @memo = {}
        freeze
      end

      # @return [Array<Array(Point, Point)>]
      def edges = @memo[:edges] ||= points.each_index.map { |i| [points[i - 1], points[i]] }

      # signed: positive when it runs from x towards y
      def signed_area = edges.sum { |p, q| p.cross(q) } / 2

      def area = signed_area.abs

      def perimeter = edges.sum { |p, q| p.distance(q) }

      def box = Box.around(points)

      # middle of its area (the shoelace formula's moments)
      def centroid
        sums = edges.map { |p, q| [(p.x + q.x) * p.cross(q), (p.y + q.y) * p.cross(q)] }
        Point[sums.sum(&:first) / (6 * signed_area), sums.sum(&:last) / (6 * signed_area)]
      end

      # even-odd
      def contains?(point)
        x, y = point.x, point.y
        bare_edges.count { |px, py, dx, dy, _, qy|
          (py > y) != (qy > y) && x < dx * (y - py) / dy + px
        }.odd?
      end

      # Signed distance to the outline: positive inside. Asked thousands of times
      # for one drag, so it works on bare numbers.
      def inside_distance(point)
        x, y = point.x, point.y
        nearest = Float::INFINITY
        inside = false
        bare_edges.each do |px, py, dx, dy, size, qy|
          ox, oy = x - px, y - py
          t = size.zero? ? 0.0 : (ox * dx + oy * dy) / size
          t = if t < 0
            0.0
          else
            (t > 1) ? 1.0 : t
          end
          ex, ey = ox - t * dx, oy - t * dy
          distance = ex * ex + ey * ey
          nearest = distance if distance < nearest
          inside = !inside if (py > y) != (qy > y) && x < dx * oy / dy + px
        end
        inside ? Math.sqrt(nearest) : -Math.sqrt(nearest)
      end

      # how far a ray from inside goes before it meets the outline; 0 when it never does
      def exit_distance(point, n)
        x, y, nx, ny = point.x, point.y, n.x, n.y
        nearest = nil
        bare_edges.each do |px, py, dx, dy, _|
          across = nx * dy - ny * dx
          next if across.abs < Tolerance::ZERO
          ox, oy = px - x, py - y
          t = (ox * dy - oy * dx) / across
          s = (ox * ny - oy * nx) / across
          on_it = s.between?(-Tolerance::ROUNDING, 1 + Tolerance::ROUNDING)
          nearest = t if t >= 0 && on_it && (nearest.nil? || t < nearest)
        end
        nearest || 0.0
      end

      # @return [Array(Integer, Integer), nil] two stretches that cross, by number
      def crossing
        return @memo[:crossing] if @memo.key?(:crossing)
        @memo[:crossing] = find_crossing
      end

      # @param map [Transform]  @return [Ring]
      def transform(map) = Ring.new(points.map { |p| map.apply(p) })

      def path = Path.polygon(points)

      # Least distance between two outlines; negative when the other one reaches out of this.
      # @param other [Array<Point>] a convex outline
      def room_for(other)
        deepest = other.map { |p| inside_distance(p) }.min
        return deepest if deepest.negative?
        hull = Ring.new(other)
        poking = points.map { |p| hull.inside_distance(p) }.max
        poking.positive? ? -poking : [deepest, -poking].min
      end

      private

      # where each begins, its way, its length squared, and the height at which the next one begins
      def bare_edges
        @memo[:bare_edges] ||= edges.map do |p, q|
          [p.x, p.y, q.x - p.x, q.y - p.y, (q.x - p.x)**2 + (q.y - p.y)**2, q.y]
        end
      end

      # sorted by x, so that only stretches that overlap there are tried
      def find_crossing
        boxes = edges.each_with_index.map { |(p, q), i| [[p.x, q.x].min, [p.x, q.x].max, i] }.sort
        boxes.each_with_index do |(_, right, i), place|
          boxes[place + 1..].each do |left, _, j|
            break if left > right
            next if (i - j).abs <= 1 || (i - j).abs == edges.size - 1
            return [i, j].minmax if cross?(*edges[i], *edges[j])
          end
        end
        nil
      end

      def cross?(a, b, c, d)
        side = ->(p, q, r) { (q - p).cross(r - p) }
        side[a, b, c] * side[a, b, d] < 0 && side[c, d, a] * side[c, d, b] < 0
      end
    end
  end
end
