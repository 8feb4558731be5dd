# frozen_string_literal: true

module UpClose
  module Geometry
    # Straight stretches between two points; on bare numbers, since a drag asks for many.
    module Segment
      module_function

      # @return [Float] least distance from +point+ to the stretch p–q
      def distance(point, p, q)
        dx, dy = q.x - p.x, q.y - p.y
        ox, oy = point.x - p.x, point.y - p.y
        size = dx * dx + dy * dy
        return Math.hypot(ox, oy) if size.zero?
        t = ((ox * dx + oy * dy) / size).clamp(0.0, 1.0)
        Math.hypot(ox - t * dx, oy - t * dy)
      end
    end
  end
end
