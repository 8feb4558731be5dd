# frozen_string_literal: true

module UpClose
  module Placing
    # An artwork's ink as it lies on a piece, in the piece's mm. Frozen.
    class PlacedInk
      attr_reader :ink, :placement, :map

      # @param ink [Artwork::Ink]  @param placement [Placement]
      def initialize(ink, placement)
        @ink, @placement = ink, placement
        @scale = placement.width_mm / ink.box.width
        @map = Geometry::Transform.move(-ink.box.centre.x, -ink.box.centre.y)
          .then(Geometry::Transform.scale(@scale)).then(Geometry::Transform.turn(placement.turn_deg))
          .then(Geometry::Transform.move(placement.x_mm, placement.y_mm))
        @hull = ink.hull.map { |p| @map.apply(p) }.freeze
        freeze
      end

      attr_reader :hull

      def width_mm = placement.width_mm

      def height_mm = placement.width_mm * ink.aspect

      # the upright box round the turned ink
      def box = Geometry::Box.around(hull)

      # the ink's own box, turned with it
      def corners = ink.box.corners.map { |p| map.apply(p) }

      # weighted middle of the ink
      def centroid = map.apply(ink.centroid)

      # Least distance from any ink to +point+; nought inside ink.
      # From the silhouette, so never more than the truth.
      def distance_from(point)
        there = back(point)
        ink.rows.map { |x, y, w, h| Math.hypot(gap(there.x, x, w), gap(there.y, y, h)) }.min * @scale
      end

      # Least distance from any ink to an upright box, negative when ink lies on it.
      # Turned ink is taken by its rows' corners and middles.
      def distance_from_box(box)
        middle = box.centre
        return distance_from_upright(box) if (placement.turn_deg % 90).zero?
        distance_from(middle) - Math.hypot(box.width, box.height) / 2
      end

      private

      def distance_from_upright(box)
        corners = box.corners.map { |p| back(p) }
        there = Geometry::Box.around(corners)
        nearest = ink.rows.map do |x, y, w, h|
          across, down = [x - there.right, there.x - x - w].max, [y - there.bottom, there.y - y - h].max
          (across.negative? && down.negative?) ? [across, down].max : Math.hypot([across, 0].max, [down, 0].max)
        end.min
        nearest * @scale
      end

      def gap(position, from, size) = [from - position, position - from - size, 0].max

      # the inverse of the map: the turn is a rotation, so its transpose undoes it
      def back(point)
        turned = Geometry::Transform.turn(-placement.turn_deg).apply(point - placement.centre) * (1 / @scale)
        turned + ink.box.centre
      end
    end
  end
end
