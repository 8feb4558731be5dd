# frozen_string_literal: true

module UpClose
  module Surfaces
    # An oval plate.
    class Ellipse < Shape
      describe "ellipse", "Ellipse", Parameter.new(:width_mm, "Width"), Parameter.new(:height_mm, "Height")
      listed 50

      def half_width = measures[:width_mm] / 2.0

      def half_height = measures[:height_mm] / 2.0

      # @param point [Geometry::Point] mm from the middle  @return [Float] mm to the nearest edge, negative outside
      def inside_distance(point)
        inside = (point.x / half_width)**2 + (point.y / half_height)**2 <= 1
        distance = point.distance(nearest(point))
        inside ? distance : -distance
      end

      # @param n [Geometry::Point] of length 1  @return [Float] mm to the furthest point that way
      def support(n) = Math.hypot(half_width * n.x, half_height * n.y)

      def path = Geometry::Shapes.ellipse(0, 0, half_width, half_height)

      # The curve that runs parallel to the edge (its points moved in along their normals),
      # without what of it has crossed the long axis: both halves meet there.
      def inset(by)
        return Geometry::Path::EMPTY if by >= [half_width, half_height].min
        once([:inset, by]) { ParallelEllipse.new(half_width, half_height, by).path }
      end

      private

      def exit_distance(point, n) = Geometry::Rays.leaves_ellipse(point, n, half_width, half_height)

      # Nearest point of the edge, by the one root that matters (D. Eberly,
      # Distance from a Point to an Ellipse, 2013). The function falls and is
      # convex, so Newton's steps from its left end come nearer and never pass it.
      def nearest(point)
        wide = half_width >= half_height
        e0, e1 = wide ? [half_width, half_height] : [half_height, half_width]
        y0, y1 = wide ? [point.x.abs, point.y.abs] : [point.y.abs, point.x.abs]
        x0, x1 = in_first_quarter(e0, e1, y0, y1)
        x0, x1 = x1, x0 unless wide
        Geometry::Point[(point.x < 0) ? -x0 : x0, (point.y < 0) ? -x1 : x1]
      end

      def in_first_quarter(e0, e1, y0, y1)
        return on_long_axis(e0, e1, y0) if y1 < e1 * Tolerance::ZERO
        return [0.0, e1] if y0.zero?
        ratio = (e0 / e1)**2
        z0, z1 = y0 / e0, y1 / e1
        root = newton(ratio, z0, z1)
        [ratio * y0 / (root + ratio), y1 / (root + 1)]
      end

      def on_long_axis(e0, e1, y0)
        spread = e0 * e0 - e1 * e1
        return [e0, 0.0] if spread.zero? || e0 * y0 >= spread
        x0 = e0 * (e0 * y0 / spread)
        [x0, e1 * Math.sqrt([1 - (x0 / e0)**2, 0].max)]
      end

      def newton(ratio, z0, z1)
        t = z1 - 1
        200.times do
          p, q = ratio * z0 / (t + ratio), z1 / (t + 1)
          over = p * p + q * q - 1
          step = over / (2 * (p * p / (t + ratio) + q * q / (t + 1)))
          return t if step.abs <= 1e-15 * (t + 1 + ratio)
          t += step
        end
        t
      end
    end
  end
end
