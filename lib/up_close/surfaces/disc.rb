# frozen_string_literal: true

module UpClose
  module Surfaces
    # A round plate.
    class Disc < Shape
      describe "disc", "Disc", Parameter.new(:diameter_mm, "Diameter")

      def radius = measures[:diameter_mm] / 2.0

      def inside_distance(point) = radius - point.length

      def support(_n) = radius

      def edge_word = "rim"

      def size_words(writer) = "⌀ #{writer.figure(measures[:diameter_mm])}"

      def inset(by) = (by < radius) ? Geometry::Shapes.ellipse(0, 0, radius - by, radius - by) : Geometry::Path::EMPTY

      def path = Geometry::Shapes.ellipse(0, 0, radius, radius)

      def growth(outline, place, clearance)
        room = radius - clearance
        grown(outline) { |way| Geometry::Rays.leaves_ellipse(place, way, room, room) } if place.length < room
      end

      private

      def exit_distance(point, n) = Geometry::Rays.leaves_ellipse(point, n, radius, radius)
    end
  end
end
