# frozen_string_literal: true

module UpClose
  module Geometry
    module Algorithms
      # Andrew's monotone chain (A. M. Andrew, 1979).
      module ConvexHull
        module_function

        # @param points [Array<Point>]
        # @return [Array<Point>] the corners in turn, none in line
        def call(points)
          sorted = points.uniq.sort_by(&:to_a)
          return sorted if sorted.size < 3
          half(sorted)[0...-1] + half(sorted.reverse)[0...-1]
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
