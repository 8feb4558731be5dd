# frozen_string_literal: true

module UpClose
  module Surfaces
    # A flat plate with rounded corners.
    class RoundedRectangle < Shape
      describe "rounded-rectangle", "Rounded rectangle",
        Parameter.new(:width_mm, "Width"), Parameter.new(:height_mm, "Height"),
        Parameter.new(:corner_mm, "Corner radius", range: 0.0..1000.0)
      listed 20

      def width = measures[:width_mm]

      def height = measures[:height_mm]

      def corner = measures[:corner_mm]

      # @param point [Geometry::Point] mm from the middle  @return [Float] mm to the nearest edge, negative outside
      def inside_distance(point)
        out_x, out_y = point.x.abs - width / 2 + corner, point.y.abs - height / 2 + corner
        corner - Math.hypot([out_x, 0].max, [out_y, 0].max) - [out_x, out_y].max.clamp(nil, 0)
      end

      # @param n [Geometry::Point] of length 1  @return [Float] mm to the furthest point that way
      def support(n) = n.x.abs * (width / 2 - corner) + n.y.abs * (height / 2 - corner) + corner

      def edge_normals = [[1, 0], [-1, 0], [0, 1], [0, -1]].map { |x, y| Geometry::Point[x, y] }

      # @param by [Float] mm  @return [Geometry::Path] that far inside the edge; empty when nothing is left
      def inset(by)
        return Geometry::Path::EMPTY if 2 * by >= [width, height].min
        Geometry::Shapes.rounded_rectangle(box.grown(-by), [corner - by, 0].max, [corner - by, 0].max)
      end

      def path = Geometry::Shapes.rounded_rectangle(box, corner, corner)

      private

      # As from the square plate, unless that way out lies in a corner: then by its disc.
      def exit_distance(point, n)
        far = Geometry::Rays.leaves_planes(
          point,
          n,
          once(:planes) { edge_normals.map { |normal| [normal, normal.x.abs * width / 2 + normal.y.abs * height / 2] } }
        )
        out = point + n * far
        middle =
          Geometry::Point[(width / 2 - corner) * ((out.x < 0) ? -1 : 1), (height / 2 - corner) * ((out.y < 0) ? -1 : 1)]
        return far if out.x.abs <= middle.x.abs || out.y.abs <= middle.y.abs
        Geometry::Rays.leaves_ellipse(point - middle, n, corner, corner)
      end

      def check
        return if 2 * corner <= [width, height].min
        refuse(:corner_mm, "A corner of #{Working.number(corner)} mm is rounder than half the shorter side.",
          "Half of #{Working.number([width, height].min)} mm is the most.")
      end
    end
  end
end
