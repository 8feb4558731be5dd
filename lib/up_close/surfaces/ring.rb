# frozen_string_literal: true

module UpClose
  module Surfaces
    # A round plate with a round hole: a washer, the rim of a dish.
    class Ring < Shape
      describe "ring", "Ring",
        Parameter.new(:outer_mm, "Outer diameter"), Parameter.new(:hole_mm, "Hole diameter")
      listed 40

      def radius = measures[:outer_mm] / 2.0

      def hole = measures[:hole_mm] / 2.0

      # @param point [Geometry::Point] mm from the middle  @return [Float] mm to the nearest edge, negative outside
      def inside_distance(point) = [radius - point.length, point.length - hole].min

      # @param point [Geometry::Point]  @return [Float] mm to the outer rim
      def rim_distance(point) = radius - point.length

      # @param n [Geometry::Point] of length 1  @return [Float] mm to the furthest point that way
      def support(_n) = radius

      def edge_word = "rim"

      # @param writer [Measure::LengthWriter]  @return [String]
      def size_words(writer) = "⌀ #{writer.figure(measures[:outer_mm])} / #{writer.figure(measures[:hole_mm])}"

      # The hole is not convex: the ink itself decides, not its hull,
      # so that lettering may run round the hole.
      def clearance_of(ink)
        [rim_clearance_of(ink.hull), ink.distance_from(Geometry::Point::ORIGIN) - hole].min
      end

      # @param by [Float] mm  @return [Geometry::Path] that far inside the edge; empty when nothing is left
      def inset(by)
        return Geometry::Path::EMPTY if radius - by <= hole + by
        Geometry::Shapes.ellipse(0, 0, radius - by, radius - by) + Geometry::Shapes.ellipse(0, 0, hole + by, hole + by)
      end

      def path
        Geometry::Shapes.ellipse(0, 0, radius, radius) + Geometry::Shapes.ellipse(0, 0, hole, hole)
      end

      def hole? = true

      def convex? = false

      private

      def exit_distance(point, n) = Geometry::Rays.leaves_ellipse(point, n, radius, radius)

      def check
        if hole >= radius
          refuse(
            :hole_mm,
            "The hole is as large as the ring.",
            "Make it smaller than #{Working.number(measures[:outer_mm])} mm."
          )
        end
      end
    end
  end
end
