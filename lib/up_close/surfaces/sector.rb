# frozen_string_literal: true

module UpClose
  module Surfaces
    # Part of a ring: what a cone unrolls to. The origin is the middle of its
    # middle arc; the ring's own centre lies below (or above, when turned).
    class Sector < Shape
      describe nil, "Ring sector", Parameter.new(:outer_mm, "Outer radius", range: 0.01..1e6), Parameter.new(:inner_mm, "Inner radius", range: 0.0..1e6),
        Parameter.new(:angle_deg, "Angle", range: 0.001..360.0), Parameter.new(:down, "Centre below", range: -1..1)

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

      def at(radius, turned) = Geometry::Point[radius * Math.sin(turned), centre.y - radius * Math.cos(turned) * measures[:down]]

      def inside_distance(point)
        radius, turned = polar(point)
        sides = ends.map { |p, q| Geometry::Segment.distance(point, p, q) }.min
        return [outer - radius, radius - inner, sides].min if turned.abs <= angle / 2 && radius.between?(inner, outer)
        -((turned.abs <= angle / 2) ? [radius - outer, inner - radius].max : sides)
      end

      def convex? = false

      # the inner arc bulges into the hull: its middle decides there
      def clearance_of(ink) = room_for(ink.hull)

      def rim_clearance_of(points) = room_for(points)

      def support(n) = outline_points.map { |p| n.dot(p) }.max

      def reach(point, n) = once(:ring) { Geometry::Ring.new(outline_points) }.then { |ring| ring.contains?(point) ? ring.exit_distance(point, n) : 0.0 }

      def path
        half = angle / 2
        steps = [(measures[:angle_deg] / 22.5).ceil, 1].max
        there = arc(outer, -half, half, steps)
        back = arc(inner, half, -half, steps)
        Geometry::Path.new([[:move, at(outer, -half)], *there, [:line, at(inner, half)], *back, [:close]])
      end

      def inset(by)
        return Geometry::Path::EMPTY if outer - by <= inner + by
        once([:inset, by]) { Geometry::Algorithms::Offset.call(Geometry::Ring.new(outline_points), -by)&.path || Geometry::Path::EMPTY }
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

      def outline_points
        once(:outline) do
          steps = (measures[:angle_deg] / 2).ceil.clamp(8, 180)
          turns = Array.new(steps + 1) { |i| angle * (i.to_f / steps - 0.5) }
          turns.map { |t| at(outer, t) } + turns.reverse.map { |t| at(inner, t) }
        end
      end

      # cubics of at most 22.5°: 4/3 tan(θ/4), off by less than a millionth of the radius
      def arc(radius, from, to, steps)
        step = (to - from) / steps
        handle = 4.0 / 3 * Math.tan(step / 4) * radius
        Array.new(steps) do |i|
          a, b = from + i * step, from + (i + 1) * step
          [:curve, at(radius, a) + along(a) * handle, at(radius, b) - along(b) * handle, at(radius, b)]
        end
      end

      def along(turned) = Geometry::Point[Math.cos(turned), Math.sin(turned) * measures[:down]]
    end
  end
end
