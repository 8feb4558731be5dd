# frozen_string_literal: true

module UpClose
  module Surfaces
    # Part of a ring: what a cone unrolls to. The origin is the middle of its
    # middle arc; the ring's own centre lies below (or above, when turned).
    class Sector < Shape
      describe nil,
        "Ring sector",
        Parameter.new(:outer_mm, "Outer radius", range: 0.01..1e6),
        Parameter.new(:inner_mm, "Inner radius", range: 0.0..1e6),
        Parameter.new(:angle_deg, "Angle", range: 0.001..360.0),
        Parameter.new(:down, "Centre below", range: -1..1)

      def outer = measures[:outer_mm]

      def inner = measures[:inner_mm]

      def angle = measures[:angle_deg] * Math::PI / 180

      def middle = (outer + inner) / 2.0

      # the ring's centre
      def centre = Geometry::Point[0, middle * measures[:down]]

      # radius, and angle from the middle line
      def polar(point)
        x, y = point.x, (centre.y - point.y) * measures[:down]
        [Math.hypot(x, y), Math.atan2(x, y)]
      end

      # @param radius [Float] mm  @param turned [Float] radians from the middle  @return [Geometry::Point]
      def at(radius, turned)
        Geometry::Point[radius * Math.sin(turned), centre.y - radius * Math.cos(turned) * measures[:down]]
      end

      # @param point [Geometry::Point] mm from the middle  @return [Float] mm to the nearest edge, negative outside
      def inside_distance(point)
        radius, turned = polar(point)
        sides = ends.map { |p, q| Geometry::Segment.distance(point, p, q) }.min
        return [outer - radius, radius - inner, sides].min if turned.abs <= angle / 2 && radius.between?(inner, outer)
        -((turned.abs <= angle / 2) ? [radius - outer, inner - radius].max : sides)
      end

      def convex? = false

      # the inner arc bulges into the hull: its middle decides there
      def clearance_of(ink) = room_for(ink.hull)

      # @param points [Array<Geometry::Point>]  @return [Float] mm to the rim, negative outside
      def rim_clearance_of(points) = room_for(points)

      # The furthest point lies on the outer arc where that faces along +n+, else in a corner.
      def support(n)
        facing = Math.atan2(n.x, -n.y * measures[:down])
        return centre.dot(n) + outer if facing.abs <= angle / 2
        ends.flatten.map { |p| n.dot(p) }.max
      end

      # the first of both arcs and both straight edges that a ray meets
      def reach(point, n)
        return 0.0 unless inside_distance(point) > 0
        about = point - centre
        hits = [Geometry::Rays.leaves_ellipse(about, n, outer, outer), Geometry::Rays.enters_circle(about, n, inner)]
        (hits + ends.map { |p, q| Geometry::Rays.meets_segment(point, n, p, q) }).compact.min || 0.0
      end

      def path = drawn(outer, angle / 2, inner, angle / 2)

      # Both arcs and both straight edges moved in. A straight edge moved in by c meets
      # the arc of radius ρ at asin(c ÷ ρ) from where it was.
      def inset(by)
        far, near = outer - by, inner + by
        return Geometry::Path::EMPTY if far <= near || turned_in(by, far) <= 0
        half = turned_in(by, near)
        # the straight edges meet before they reach the inner arc
        near, half = by / Math.sin(angle / 2), 0.0 if half < 0
        (far > near) ? drawn(far, turned_in(by, far), near, half) : Geometry::Path::EMPTY
      end

      def area = angle * (outer**2 - inner**2) / 2

      private

      def room_for(points)
        least = points.map { |p| inside_distance(p) }.min
        return least if points.size < 2
        # nearest of the hull's edges to the ring's centre, against the inner arc
        near = points.each_index.map { |i| Geometry::Segment.distance(centre, points[i - 1], points[i]) }.min
        [least, near - inner].min
      end

      # its two straight edges
      def ends = once(:ends) { [-1, 1].map { |way| [at(inner, way * angle / 2), at(outer, way * angle / 2)] } }

      def turned_in(by, radius) = (by < radius) ? angle / 2 - Math.asin(by / radius) : -1.0

      # from the outer arc's left end to its right, and back along the inner one
      def drawn(far, far_half, near, near_half)
        back = near_half.zero? ? [] : arc(near, near_half, -near_half)
        Geometry::Path.new(
          [[:move, at(far, -far_half)], *arc(far, -far_half, far_half), [:line, at(near, near_half)], *back, [:close]]
        )
      end

      # angles here run from the middle line; a circle's own run from x towards y
      def arc(radius, from, to)
        quarter = Math::PI / 2
        turns = (measures[:down] > 0) ? [from - quarter, to - quarter] : [quarter - from, quarter - to]
        Geometry::Shapes.arc(centre.x, centre.y, radius, radius, *turns)
      end
    end
  end
end
