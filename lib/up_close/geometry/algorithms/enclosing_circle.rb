# frozen_string_literal: true

module UpClose
  module Geometry
    module Algorithms
      # The smallest circle round some points (E. Welzl, 1991, in its
      # move-free incremental form; the order given is the order used).
      module EnclosingCircle
        SLACK = 1e-9

        module_function

        # @param points [Array<Point>] at least one
        # @return [Array(Point, Float)] centre and radius
        def call(points)
          circle = [points.first, 0.0]
          points.each_with_index do |p, i|
            circle = with_one(points.first(i), p) unless holds?(circle, p)
          end
          circle
        end

        # @return [Array(Geometry::Point, Float)] the smallest circle with +p+ on it (Welzl 1991)
        def with_one(points, p)
          circle = [p, 0.0]
          points.each_with_index do |q, j|
            circle = with_two(points.first(j), p, q) unless holds?(circle, q)
          end
          circle
        end

        # @return [Array(Geometry::Point, Float)] the smallest circle with +p+ and +q+ on it
        def with_two(points, p, q)
          points.reduce(across(p, q)) { |circle, r| holds?(circle, r) ? circle : through(p, q, r) }
        end

        # @return [Boolean] whether a circle holds a point, within SLACK
        def holds?((centre, radius), point) = centre.distance(point) <= radius * (1 + SLACK) + SLACK

        # @return [Array(Geometry::Point, Float)] the circle with +p+ and +q+ at its ends
        def across(p, q) = [(p + q) * 0.5, p.distance(q) / 2]

        # @return [Array(Geometry::Point, Float)] the circle through three; of three in a line, across the furthest two
        def through(p, q, r)
          a, b = q - p, r - p
          twice = 2 * a.cross(b)
          return across(*[p, q, r].combination(2).max_by { |s, t| s.distance(t) }) if twice.abs < 1e-15
          x = (b.y * a.dot(a) - a.y * b.dot(b)) / twice
          y = (a.x * b.dot(b) - b.x * a.dot(a)) / twice
          [p + Point.new(x, y), Math.hypot(x, y)]
        end
      end
    end
  end
end
