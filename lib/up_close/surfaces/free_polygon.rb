# frozen_string_literal: true

module UpClose
  module Surfaces
    # A flat plate of any outline. The ink is taken as its convex hull. The
    # middle is that of the outline's box.
    class FreePolygon < Shape
      LEAST_AREA = 0.01
      describe "free-polygon", "Any outline", Parameter.new(:points, "Outline", kind: :outline)
      listed 70

      def ring = once(:ring) { centred(Geometry::Ring.new(given)) }

      def mirrored = FreePolygon.new(points: given.map { |p| [-p.x, p.y] })

      # @param point [Geometry::Point] mm from the middle  @return [Float] mm to the nearest edge, negative outside
      def inside_distance(point) = ring.inside_distance(point)

      # @param n [Geometry::Point] of length 1  @return [Float] mm to the furthest point that way
      def support(n) = ring.points.map { |p| n.dot(p) }.max

      def convex? = false

      # @param points [Array<Geometry::Point>]  @return [Float] mm to the rim, negative outside
      def rim_clearance_of(points) = ring.room_for(points)

      # @param ink [Placing::PlacedInk]  @return [Float] mm
      def clearance_of(ink) = ring.room_for(ink.hull)

      # @param n [Geometry::Point] of length 1  @return [Float] mm from a point to the edge that way
      def reach(point, n) = ring.contains?(point) ? ring.exit_distance(point, n) : 0.0

      # Each corner of the one grows along its ray until it meets the other: the
      # outline's corners the edge moved in, and that edge's corners the outline.
      def growth(outline, place, clearance)
        inner = inner_rings(clearance).find { |rings| inside?(rings, place) } or return
        own = Geometry::Ring.new(outline)
        out = outline.map { |p| (inner.filter_map { |ring| leaves(ring, place, p.unit) }.min || 0.0) / p.length }
        back = inner.flat_map(&:points).map do |p|
          (p - place).then { |way| way.length / own.exit_distance(Geometry::Point::ORIGIN, way.unit) }
        end
        (out + back).select(&:finite?).min
      end

      def path = ring.path

      # what is left may be in several parts
      def inset(by) = once([:inset, by]) { region.shrunk(by).path }

      # @return [Array<Geometry::Point>] a middle of each part that is left, moved in by +by+
      def inner_middles(by) = inner_rings(by).map { |rings| rings.first.centroid }

      # @param writer [Measure::LengthWriter]  @return [String]
      def size_words(writer) = writer.pair(box.width, box.height)

      private

      def region = once(:region) { Geometry::Region.polygon(ring.points.map(&:to_a)) }

      # @return [Array<Array<Geometry::Ring>>] of each part, its outline and its holes
      def inner_rings(by)
        once([:inner, by]) do
          region.shrunk(by).parts.map do |part|
            part.rings.map { |ring| Geometry::Ring.new(ring.map { |x, y| Geometry::Point[x, y] }) }
          end
        end
      end

      def inside?((outline, *holes), place) = outline.contains?(place) && holes.none? { |hole| hole.contains?(place) }

      def leaves(ring, place, way)
        distance = ring.exit_distance(place, way)
        distance if distance.positive?
      end

      def given = measures[:points].map { |x, y| Geometry::Point[x, y] }

      def centred(outline) = outline.transform(Geometry::Transform.move(-outline.box.centre.x, -outline.box.centre.y))

      def number(parameter, value)
        points = Array(value)
        if points.size < 3
          refuse(
            :points,
            "An outline needs at least three corners.",
            "Type them, one a line, or bring a DXF or SVG file."
          )
        end
        if points.size > Geometry::Ring::MOST_POINTS
          refuse(
            :points,
            "This outline has #{points.size} corners; #{Geometry::Ring::MOST_POINTS} is the most.",
            "Make it simpler where it was drawn."
          )
        end
        points.map { |x, y| [Float(x), Float(y)] }.freeze
      rescue ArgumentError, TypeError
        refuse(:points, "Some of these corners do not read as two lengths.", "Type them as 12, 30, one a line.")
      end

      def check
        raw = Geometry::Ring.new(given)
        crossing = raw.crossing
        if crossing
          refuse(
            :points,
            "The outline crosses itself: stretch #{crossing[0] + 1} and stretch #{crossing[1] + 1}.",
            "Type the corners in their order round the outline."
          )
        end
        if raw.points.size < 3 || raw.area < LEAST_AREA
          refuse(:points, "The outline has no area.", "Its corners lie in one line: check the figures.")
        end
        return if [raw.box.width, raw.box.height].max <= 2000
        refuse(:points, "The outline is over 2 m.", "Check the unit it was drawn in.")
      end
    end
  end
end
