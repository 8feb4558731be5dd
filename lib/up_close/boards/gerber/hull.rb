# frozen_string_literal: true

module UpClose
  module Boards
    module Gerber
      # What a convex shape covers on its way from one place to another: the hull of it at both.
      module Hull
        module_function

        # @param ring [Array<Float>] about the origin
        # @return [Array<Float>] a ring
        def call(ring, x0, y0, x1, y1)
          points = [[x0, y0], [x1, y1]].flat_map do |x, y|
            ring.each_slice(2).map { |a, b| Geometry::Point[a + x, b + y] }
          end
          Geometry::Algorithms::ConvexHull.call(points).flat_map(&:to_a)
        end
      end
    end
  end
end
