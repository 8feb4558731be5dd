# frozen_string_literal: true

module UpClose
  module Surfaces
    # A regular polygon standing on one flat, measured across the flats: from a
    # flat to the opposite flat, or to the opposite corner when the number is odd.
    class Polygon < Shape
      include BoundedByLines

      describe "polygon", "Regular polygon",
        Parameter.new(:sides, "Sides", kind: :count, default: 6, range: 3..24),
        Parameter.new(:flats_mm, "Across flats")
      listed 60

      def sides = measures[:sides].to_i

      # centre to flat: even n, half the figure; odd n, a(1 + 1/cos(π/n)) = figure
      def apothem = sides.even? ? measures[:flats_mm] / 2.0 : measures[:flats_mm] / (1 + 1 / Math.cos(Math::PI / sides))

      def corner_radius = apothem / Math.cos(Math::PI / sides)

      def corners = once(:corners) { spokes(0.5).map { |way| way * corner_radius } }

      def edge_normals = once(:normals) { spokes(0) }

      # @param point [Geometry::Point] mm from the middle  @return [Float] mm to the nearest edge, negative outside
      def inside_distance(point)
        depth = edge_normals.map { |n| apothem - n.dot(point) }.min
        (depth >= 0) ? depth : -outside_distance(point)
      end

      # @param n [Geometry::Point] of length 1  @return [Float] mm to the furthest point that way
      def support(n) = corners.map { |p| n.dot(p) }.max

      # @param writer [Measure::LengthWriter]  @return [String]
      def size_words(writer) = "#{sides} sides, #{writer.figure(measures[:flats_mm])} across flats"

      def inset_normals = edge_normals

      def path = Geometry::Path.polygon(corners)

      private

      def exit_distance(point, n) = Geometry::Rays.leaves_planes(point, n, planes)

      def planes = once(:planes) { edge_normals.map { |normal| [normal, apothem] } }

      # as many directions as sides, the first straight down, each +share+ of a side further
      def spokes(share)
        Array.new(sides) do |i|
          angle = Math::PI / 2 + 2 * Math::PI * (i + share) / sides
          Geometry::Point[Math.cos(angle), Math.sin(angle)]
        end
      end

      def outside_distance(point)
        (corners + [corners.first]).each_cons(2).map { |p, q| Geometry::Segment.distance(point, p, q) }.min
      end
    end
  end
end
