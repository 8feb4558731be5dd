# frozen_string_literal: true

require "matrix"

module UpClose
  module Printing
    module Calibrating
      # The affine map that comes nearest to pairs of places, by least squares
      # (normal equations about the middle, so that they are well conditioned).
      module Fit
        module_function

        # @param pairs [Array<Array(Geometry::Point, Geometry::Point)>] three or more, not in line
        # @return [Geometry::Transform]
        def call(pairs)
          from, to = [0, 1].map do |side|
            pairs.map { |pair| pair[side] }.then { |all| all.reduce(:+) * (1.0 / all.size) }
          end
          moved = pairs.map { |p, q| [p - from, q - to] }
          xx, xy, yy = moved.sum { |p, _| p.x * p.x }, moved.sum { |p, _| p.x * p.y }, moved.sum { |p, _| p.y * p.y }
          normal = Matrix[[xx, xy], [xy, yy]].inverse
          a, c = *(normal * Vector[moved.sum { |p, q| p.x * q.x }, moved.sum { |p, q| p.y * q.x }])
          b, d = *(normal * Vector[moved.sum { |p, q| p.x * q.y }, moved.sum { |p, q| p.y * q.y }])
          Geometry::Transform.new(a, b, c, d, to.x - a * from.x - c * from.y, to.y - b * from.x - d * from.y)
        end
      end
    end
  end
end
