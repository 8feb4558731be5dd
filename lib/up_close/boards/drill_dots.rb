# frozen_string_literal: true

module UpClose
  module Boards
    # A bare spot in the middle of each pad: the etch leaves a dimple that the drill's tip falls into. The hole itself
    # stays covered, so that the copper backs the drill.
    module DrillDots
      # copper all round a spot, at least, mm
      RING_MM = 0.15

      module_function

      # @param copper [Geometry::Region]  @param holes [Array<Hole>]  @param diameter_mm [Float] of a spot
      # @return [Geometry::Region]
      def call(copper, holes, diameter_mm)
        dots = holes.reject(&:slot?).select { |hole| hole.diameter_mm >= diameter_mm }
        copper - spots(dots, diameter_mm)
      end

      # a spot too near the copper's edge would open it: none there
      # @return [Integer] holes that get one
      def count(copper, holes, diameter_mm)
        room = Geos::PreparedGeometry.new(copper.shrunk(diameter_mm / 2 + RING_MM).shape)
        holes.count { |hole| !hole.slot? && room.contains?(Geos.create_point(hole.centre.x, hole.centre.y)) }
      end

      def spots(holes, diameter_mm)
        Gerber::Assembly.union(holes.map { |hole|
          [Gerber::Outlines.circle(hole.centre.x, -hole.centre.y, diameter_mm / 2)]
        })
      end
    end
  end
end
