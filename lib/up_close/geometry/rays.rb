# frozen_string_literal: true

module UpClose
  module Geometry
    # Where a ray leaves simple outlines round the origin: the last t at which
    # p + t·n is still inside, or nil when it never is.
    module Rays
      module_function

      # the larger root of |p + t·n| = r, in coordinates scaled to a circle
      def leaves_ellipse(p, n, rx, ry)
        px, py, nx, ny = p.x / rx, p.y / ry, n.x / rx, n.y / ry
        a, b, c = nx * nx + ny * ny, px * nx + py * ny, px * px + py * py - 1
        under = b * b - a * c
        (-b + Math.sqrt(under)) / a unless under.negative?
      end

      # where a ray from outside a circle round the origin first meets it
      # @return [Float, nil]
      def enters_circle(p, n, radius)
        along = p.dot(n)
        under = along * along - p.dot(p) + radius * radius
        return if under.negative?
        meets = -along - Math.sqrt(under)
        meets if meets >= 0
      end

      # where a ray meets the stretch from +a+ to +b+
      # @return [Float, nil]
      def meets_segment(p, n, a, b)
        way = b - a
        across = n.cross(way)
        return if across.abs < Tolerance::ZERO
        meets, share = (a - p).cross(way) / across, (a - p).cross(n) / across
        meets if meets >= 0 && share.between?(-Tolerance::ROUNDING, 1 + Tolerance::ROUNDING)
      end

      # the nearest of the lines n·x = d that the ray runs towards
      # @param planes [Array<Array(Point, Float)>] outward normals and distances
      def leaves_planes(p, n, planes)
        planes.filter_map { |normal, d| (d - normal.dot(p)) / normal.dot(n) if normal.dot(n) > Tolerance::ZERO }.min
      end
    end
  end
end
