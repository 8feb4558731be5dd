# frozen_string_literal: true

module UpClose
  module Geometry
    module Algorithms
      # Least distance between two convex outlines; when they meet, minus the least
      # way that parts them. A line square to one of their edges parts two convex
      # outlines, or none does (S. Gottschalk, Separating Axis Theorem, 1996).
      module HullGap
        # corners that stand out less than this are passed over
        THIN_MM = 0.005
        # of a corner that stands exactly as far back as can matter: rounding must not leave it out
        SLACK_MM = 1e-6

        module_function

        # @param first [Array<Point>]  @param second [Array<Point>]
        # @return [Float]
        def call(first, second)
          first, second = [first, second].map { |points| ThinOut.call(points, THIN_MM) }
          parted, x, y = [first, second].flat_map { |points| shadows(points, first, second) }.max_by(&:first)
          return parted unless parted.positive?
          first, second = facing(first, second, x, y)
          [apart(first, second), apart(second, first)].min
        end

        # Room between both, seen along each of an outline's edges, and which way
        # that is; on bare numbers, since a drag asks for it.
        def shadows(points, first, second)
          points.each_index.filter_map do |i|
            x, y = points[i - 1].y - points[i].y, points[i].x - points[i - 1].x
            size = Math.hypot(x, y)
            next if size.zero?
            a, b = [first, second].map { |outline| outline.map { |p| x * p.x + y * p.y }.minmax }
            ahead, back = b[0] - a[1], a[0] - b[1]
            (ahead >= back) ? [ahead / size, x / size, y / size] : [back / size, -x / size, -y / size]
          end
        end

        # The stretches of both that can be nearest: the foremost corners tell how far
        # apart they are at most, and what stands further back than that is not.
        # @return [Array<Array<Array(Point, Point)>>] edges of the first and of the second
        def facing(first, second, x, y)
          heights = [first, second].map { |outline| outline.map { |p| x * p.x + y * p.y } }
          front, wall = heights[0].max, heights[1].min
          most = first[heights[0].index(front)].distance(second[heights[1].index(wall)]) + SLACK_MM
          [edges(first) { |i| heights[0][i] >= wall - most }, edges(second) { |i| heights[1][i] <= front + most }]
        end

        # @yieldparam i [Integer] of a corner  @return [Array<Array(Geometry::Point, Geometry::Point)>]
        def edges(outline)
          outline.each_index.select { |i| yield(i) || yield(i - 1) }.map { |i| [outline[i - 1], outline[i]] }
        end

        # @return [Float] the least distance between two sets of edges
        def apart(edges, others)
          edges.flatten.uniq.map { |p| others.map { |a, b| Segment.distance(p, a, b) }.min }.min
        end
      end
    end
  end
end
