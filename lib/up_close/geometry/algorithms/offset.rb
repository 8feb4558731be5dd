# frozen_string_literal: true

module UpClose
  module Geometry
    module Algorithms
      # A straight-edged outline moved out, or in when negative: each edge moved
      # along its normal, neighbours met again. Corners stay sharp up to a limit.
      # Where moving in makes the outline cross itself, nothing is given.
      module Offset
        MITER = 4.0

        module_function

        # @param ring [Ring]  @param by [Float] mm
        # @return [Ring, nil]
        def call(ring, by)
          out = (ring.signed_area > 0) ? 1 : -1
          points = ring.points.each_index.flat_map do |i|
            corner(ring.points[i - 1], ring.points[i], ring.points[(i + 1) % ring.points.size], by * out, by)
          end
          moved = Ring.new(points)
          return if moved.points.size < 3 || moved.signed_area * out <= 0 || moved.crossing
          moved if by > 0 || moved.points.all? { |p| ring.inside_distance(p) >= -by * 0.999 }
        end

        def corner(before, at, after, by, limit)
          first, second = (at - before).unit, (after - at).unit
          n, m = [first, second].map { |way| Point[way.y, -way.x] }
          bisector = n + m
          share = bisector.dot(bisector)
          return [at + n * by, at + m * by] if share < 4 / MITER**2
          [at + bisector * (2 * by / share)]
        end
      end
    end
  end
end
