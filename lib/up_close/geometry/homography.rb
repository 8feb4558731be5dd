# frozen_string_literal: true

require "matrix"

module UpClose
  module Geometry
    # A map of one plane onto another as a camera sees it: eight figures from four
    # pairs of places (Hartley and Zisserman, Multiple View Geometry, 4.1). Frozen.
    class Homography
      # @param from [Array<Point>] four places, no three in line  @param to [Array<Point>]
      # @raise [ExceptionForMatrix::ErrNotRegular] when three of them lie in line
      def self.between(from, to)
        rows = from.zip(to).flat_map do |p, q|
          [[p.x, p.y, 1, 0, 0, 0, -p.x * q.x, -p.y * q.x], [0, 0, 0, p.x, p.y, 1, -p.x * q.y, -p.y * q.y]]
        end
        solved = Matrix.rows(rows).lup.solve(Vector.elements(to.flat_map(&:to_a)))
        new(*solved.to_a, 1.0)
      end

      attr_reader :values

      # @param values nine figures, row by row
      def initialize(*values)
        @values = values.map(&:to_f).freeze
        freeze
      end

      # @param point [Point]  @return [Point]
      def apply(point)
        a, b, c, d, e, f, g, h, i = values
        w = g * point.x + h * point.y + i
        Point[(a * point.x + b * point.y + c) / w, (d * point.x + e * point.y + f) / w]
      end

      def inverse = Homography.new(*Matrix.rows(values.each_slice(3).to_a).inverse.to_a.flatten)
    end
  end
end
