# frozen_string_literal: true

module UpClose
  module Geometry
    module Algorithms
      # Curves to chords. The number of chords follows from the second
      # differences of the control points (Wang's bound), so the distance is
      # guaranteed without trial.
      class Flatten
        MOST_CHORDS = 400

        def initialize(tolerance)
          @tolerance = tolerance
        end

        # @param path [Path]
        # @return [Array<Array(Array<Point>, Boolean)>] each subpath's points, and whether it is closed
        def call(path)
          subpaths = []
          path.commands.each { |verb, *points| send(verb, subpaths, *points) }
          subpaths.reject { |points, _| points.size < 2 }
        end

        private

        def move(subpaths, point) = subpaths << [[point], false]

        def line(subpaths, point) = subpaths.last[0] << point

        def curve(subpaths, first, second, last)
          start = subpaths.last[0].last
          chords = chords(start, first, second, last)
          1.upto(chords) { |i| subpaths.last[0] << at(start, first, second, last, i.to_f / chords) }
        end

        def close(subpaths)
          return if subpaths.empty?
          subpaths.last[1] = true
          subpaths << [[subpaths.last[0].first], false]
        end

        def chords(p0, p1, p2, p3)
          bend = [
            Math.hypot(p0.x - 2 * p1.x + p2.x, p0.y - 2 * p1.y + p2.y),
            Math.hypot(p1.x - 2 * p2.x + p3.x, p1.y - 2 * p2.y + p3.y)
          ].max
          Math.sqrt(0.75 * bend / @tolerance).ceil.clamp(1, MOST_CHORDS)
        end

        def at(p0, p1, p2, p3, t)
          u = 1 - t
          a, b, c, d = u * u * u, 3 * u * u * t, 3 * u * t * t, t * t * t
          Point.new(a * p0.x + b * p1.x + c * p2.x + d * p3.x, a * p0.y + b * p1.y + c * p2.y + d * p3.y)
        end
      end
    end
  end
end
