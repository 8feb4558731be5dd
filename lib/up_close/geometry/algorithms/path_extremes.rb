# frozen_string_literal: true

module UpClose
  module Geometry
    module Algorithms
      # The points where a path reaches furthest left, right, up and down.
      # A cubic's extremes lie at its ends or where its derivative is nought.
      module PathExtremes
        module_function

        # @return [Array<Point>]
        def call(path)
          drawn = []
          here = start = nil
          path.commands.each do |verb, *points|
            case verb
            when :move then here = start = points.last
            when :close then here = start
            else
              drawn << here << points.last
              drawn.concat(turning_points(here, *points)) if verb == :curve
              here = points.last
            end
          end
          drawn
        end

        # @return [Array<Geometry::Point>] where a cubic's x or y turns
        def turning_points(p0, p1, p2, p3)
          roots = roots(p0.x, p1.x, p2.x, p3.x) + roots(p0.y, p1.y, p2.y, p3.y)
          roots.select { |t| t > 0 && t < 1 }.map do |t|
            u = 1 - t
            (p0 * (u * u * u)) + (p1 * (3 * u * u * t)) + (p2 * (3 * u * t * t)) + (p3 * (t * t * t))
          end
        end

        # where 3[(p1−p0)(1−t)² + 2(p2−p1)(1−t)t + (p3−p2)t²] = 0
        def roots(p0, p1, p2, p3)
          a = -p0 + 3 * p1 - 3 * p2 + p3
          b = 2 * (p0 - 2 * p1 + p2)
          c = p1 - p0
          return (b.abs < Tolerance::ZERO) ? [] : [-c / b] if a.abs < Tolerance::ZERO
          under = b * b - 4 * a * c
          return [] if under.negative?
          root = Math.sqrt(under)
          [(-b + root) / (2 * a), (-b - root) / (2 * a)]
        end
      end
    end
  end
end
