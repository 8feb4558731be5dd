# frozen_string_literal: true

module UpClose
  module Geometry
    module Algorithms
      # Drops corners of a convex outline that stand out less than a tolerance
      # from the line between the corners kept on either side. One pass: each kept
      # stretch is checked against all corners it skips.
      module ThinOut
        module_function

        # @param points [Array<Point>] in turn
        # @return [Array<Point>] some of them, in turn
        def call(points, tolerance)
          return points if points.size < 5
          kept = [0]
          (2...points.size).each { |i| kept << i - 1 if strays?(points, kept.last, i, tolerance) }
          points.values_at(*kept, points.size - 1).uniq
        end

        # @return [Boolean] a point between two lies further from their chord than +tolerance+
        def strays?(points, from, to, tolerance)
          (from + 1...to).any? { |i| Segment.distance(points[i], points[from], points[to]) > tolerance }
        end
      end
    end
  end
end
