# frozen_string_literal: true

module UpClose
  module Geometry
    module Algorithms
      # What half planes n·p ≤ d leave of a box (Sutherland and Hodgman, 1974).
      module HalfPlanes
        module_function

        # @param planes [Array<Array(Point, Float)>]
        # @return [Array<Point>] corners in turn; empty when nothing is left
        def call(box, planes) = planes.reduce(box.corners) { |points, (n, d)| cut(points, n, d) }

        # @param n [Geometry::Point] the half plane's normal
        # @param d [Float] n·p ≤ d is kept (Sutherland and Hodgman 1974)
        def cut(points, n, d)
          points.each_with_index.flat_map do |p, i|
            q = points[(i + 1) % points.size]
            p_over, q_over = n.dot(p) - d, n.dot(q) - d
            kept = (p_over <= 0) ? [p] : []
            ((p_over <= 0) == (q_over <= 0)) ? kept : kept + [p + (q - p) * (p_over / (p_over - q_over))]
          end
        end
      end
    end
  end
end
