# frozen_string_literal: true

module UpClose
  module Surfaces
    # A flat plate with square corners.
    class Rectangle < Shape
      include BoundedByLines

      describe "rectangle", "Rectangle",
        Parameter.new(:width_mm, "Width"), Parameter.new(:height_mm, "Height")
      listed 10

      def width = measures[:width_mm]

      def height = measures[:height_mm]

      # @param point [Geometry::Point] mm from the middle  @return [Float] mm to the nearest edge, negative outside
      def inside_distance(point)
        out_x, out_y = point.x.abs - width / 2, point.y.abs - height / 2
        return -[out_x, out_y].max if out_x <= 0 || out_y <= 0
        -Math.hypot(out_x, out_y)
      end

      # @param n [Geometry::Point] of length 1  @return [Float] mm to the furthest point that way
      def support(n) = (n.x.abs * width + n.y.abs * height) / 2

      def edge_normals = [[1, 0], [-1, 0], [0, 1], [0, -1]].map { |x, y| Geometry::Point[x, y] }

      def inset_normals = edge_normals

      def path = Geometry::Path.polygon(box.corners)

      private

      def exit_distance(point, n) = Geometry::Rays.leaves_planes(point, n, planes)

      def planes = once(:planes) { edge_normals.map { |normal| [normal, support(normal)] } }
    end
  end
end
