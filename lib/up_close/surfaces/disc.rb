# frozen_string_literal: true

module UpClose
  module Surfaces
    # A round plate.
    class Disc < Shape
      describe "disc", "Disc", Parameter.new(:diameter_mm, "Diameter")
      listed 30

      def radius = measures[:diameter_mm] / 2.0

      # @param point [Geometry::Point] mm from the middle  @return [Float] mm to the nearest edge, negative outside
      def inside_distance(point) = radius - point.length

      # @param n [Geometry::Point] of length 1  @return [Float] mm to the furthest point that way
      def support(_n) = radius

      def edge_word = "rim"

      # @param writer [Measure::LengthWriter]  @return [String]
      def size_words(writer) = "⌀ #{writer.figure(measures[:diameter_mm])}"

      # @param by [Float] mm  @return [Geometry::Path] that far inside the edge; empty when nothing is left
      def inset(by) = (by < radius) ? Geometry::Shapes.ellipse(0, 0, radius - by, radius - by) : Geometry::Path::EMPTY

      def path = Geometry::Shapes.ellipse(0, 0, radius, radius)

      # @param outline [Array<Geometry::Point>]
      # @param clearance [Float] mm
      # @return [Float] how many times as large it could be
      def growth(outline, place, clearance)
        room = radius - clearance
        grown(outline) { |way| Geometry::Rays.leaves_ellipse(place, way, room, room) } if place.length < room
      end

      private

      def exit_distance(point, n) = Geometry::Rays.leaves_ellipse(point, n, radius, radius)
    end
  end
end
