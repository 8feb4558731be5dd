# frozen_string_literal: true

module UpClose
  module Geometry
    # Straight stretches between two points.
    module Segment
      module_function

      # @return [Float] least distance from +point+ to the stretch p–q
      def distance(point, p, q)
        along = q - p
        size = along.dot(along)
        return point.distance(p) if size.zero?
        t = ((point - p).dot(along) / size).clamp(0.0, 1.0)
        point.distance(p + along * t)
      end
    end
  end
end
