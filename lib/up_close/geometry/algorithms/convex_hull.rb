# frozen_string_literal: true

module UpClose
  module Geometry
    module Algorithms
      # Andrew's monotone chain (A. M. Andrew, 1979). Of many points, those within the polygon of the eight that lie
      # furthest out are left aside first (S. G. Akl and G. T. Toussaint, 1978).
      module ConvexHull
        MANY = 1000
        FURTHEST = [[1, 0], [1, 1], [0, 1], [-1, 1], [-1, 0], [-1, -1], [0, -1], [1, -1]].freeze

        module_function

        # @param points [Array<Point>]
        # @return [Array<Point>] the corners in turn, none in line
        def call(points)
          sorted = outer(points).uniq.sort_by(&:to_a)
          return sorted if sorted.size < 3
          half(sorted)[0...-1] + half(sorted.reverse)[0...-1]
        end

        # @return [Array<Point>] without those that are surely no corners
        def outer(points)
          return points if points.size < MANY
          ring = call(FURTHEST.map { |x, y| points.max_by { |point| point.x * x + point.y * y } })
          return points if ring.size < 3
          edges = ring.zip(ring.rotate).map { |from, to| [from.x, from.y, to.x - from.x, to.y - from.y] }
          points.reject do |point|
            edges.all? { |x, y, along_x, along_y| along_x * (point.y - y) - along_y * (point.x - x) > 0 }
          end
        end

        # @param points [Array<Geometry::Point>] sorted
        # @return [Array<Geometry::Point>] the lower chain (Andrew 1979)
        def half(points)
          points.each_with_object([]) do |point, chain|
            chain.pop while chain.size > 1 && (chain[-1] - chain[-2]).cross(point - chain[-1]) <= 0
            chain << point
          end
        end
      end
    end
  end
end
