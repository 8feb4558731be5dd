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

        module_function

        # @param first [Array<Point>]  @param second [Array<Point>]
        # @return [Float]
        def call(first, second)
          first, second = [first, second].map { |points| ThinOut.call(points, THIN_MM) }
          parted = [first, second].flat_map { |points| shadows(points, first, second) }.max
          parted.positive? ? [apart(first, second), apart(second, first)].min : parted
        end

        # room between both, seen along each of an outline's edges; on bare numbers, since a drag asks for it
        def shadows(points, first, second)
          points.each_index.filter_map do |i|
            x, y = points[i - 1].y - points[i].y, points[i].x - points[i - 1].x
            size = Math.hypot(x, y)
            next if size.zero?
            a, b = [first, second].map { |outline| outline.map { |p| x * p.x + y * p.y }.minmax }
            [b[0] - a[1], a[0] - b[1]].max / size
          end
        end

        def apart(points, others)
          points.map { |p| others.each_index.map { |i| Segment.distance(p, others[i - 1], others[i]) }.min }.min
        end
      end
    end
  end
end
