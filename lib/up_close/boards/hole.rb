# frozen_string_literal: true

module UpClose
  module Boards
    # One hole, or a slot: the drill's diameter, mm, and where its middle goes: one place, or several along a slot
    # (Geometry::Point, y downwards); +plated+ is nil where the file does not say.
    Hole = Value.define(:diameter_mm, :points, :plated) do
      def slot? = points.size > 1

      # @return [Geometry::Point]
      def centre = points.first

      # @return [Geometry::Region] what is drilled away
      def region
        slot? ? Geometry::Region.stroke(points, diameter_mm) : Geometry::Region.disc(centre, diameter_mm / 2)
      end

      # @param map [Geometry::Transform]  @return [Hole]
      def mapped(map) = Hole.new(diameter_mm * map.mean_scale, points.map { |p| map.apply(p) }, plated)
    end
  end
end
