# frozen_string_literal: true

module UpClose
  module Surfaces
    # A flat plate of any outline. The ink is taken as its convex hull. The
    # middle is that of the outline's box.
    class FreePolygon < Shape
      LEAST_AREA = 0.01
      describe "free-polygon", "Any outline", Parameter.new(:points, "Outline", kind: :outline)

      def ring = once(:ring) { centred(Geometry::Ring.new(given)) }

      def inside_distance(point) = ring.inside_distance(point)

      def support(n) = ring.points.map { |p| n.dot(p) }.max

      def convex? = false

      def rim_clearance_of(points) = ring.room_for(points)

      def clearance_of(ink) = ring.room_for(ink.hull)

      def reach(point, n) = ring.contains?(point) ? ring.exit_distance(point, n) : 0.0

      # Each corner of the one grows along its ray until it meets the other: the
      # outline's corners the edge moved in, and the edge's corners the outline.
      def growth(outline, place, clearance)
        inner = clearance.zero? ? ring : once([:inner, clearance]) { Geometry::Algorithms::Offset.call(ring, -clearance) }
        return unless inner&.contains?(place)
        own = Geometry::Ring.new(outline)
        out = outline.map { |p| inner.exit_distance(place, p.unit) / p.length }
        back = inner.points.map { |p| (p - place).then { |way| way.length / own.exit_distance(Geometry::Point::ORIGIN, way.unit) } }
        (out + back).select(&:finite?).min
      end

      def path = ring.path

      # each stretch moved in; what then runs the wrong way round is gone
      def inset(by) = once([:inset, by]) { Geometry::Algorithms::Offset.call(ring, -by)&.path || Geometry::Path::EMPTY }

      def size_words(writer) = writer.pair(box.width, box.height)

      private

      def given = measures[:points].map { |x, y| Geometry::Point[x, y] }

      def centred(found) = found.transform(Geometry::Transform.move(-found.box.centre.x, -found.box.centre.y))

      def number(parameter, value)
        points = Array(value)
        refuse(:points, "An outline needs three corners or more.", "Type them, one a line, or bring a DXF or SVG file.") if points.size < 3
        refuse(:points, "This outline has #{points.size} corners; #{Geometry::Ring::MOST_POINTS} is the most.", "Make it simpler where it was drawn.") if points.size > Geometry::Ring::MOST_POINTS
        points.map { |x, y| [Float(x), Float(y)] }.freeze
      rescue ArgumentError, TypeError
        refuse(:points, "Some of these corners do not read as two lengths.", "Type them as 12, 30, one a line.")
      end

      def check
        raw = Geometry::Ring.new(given)
        crossing = raw.crossing
        refuse(:points, "The outline crosses itself: stretch #{crossing[0] + 1} and stretch #{crossing[1] + 1}.", "Put the corners in the order you meet them going round.") if crossing
        refuse(:points, "The outline has no area.", "Its corners lie in one line: check the figures.") if raw.points.size < 3 || raw.area < LEAST_AREA
        return if [raw.box.width, raw.box.height].max <= 2000
        refuse(:points, "The outline is over 2 m.", "Check the unit it was drawn in.")
      end
    end
  end
end
