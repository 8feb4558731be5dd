# frozen_string_literal: true

module UpClose
  module Boards
    # A bare spot in the middle of each pad: the etch leaves a dimple that the drill's tip falls into. The hole itself
    # stays covered, so that the copper backs the drill.
    module DrillDots
      # copper all round a spot, at least, mm
      RING_MM = 0.15

      module_function

      # @param copper [Geometry::Region]  @param holes [Array<Hole>] that get one
      # @param diameter_mm [Float] of a spot
      # @return [Geometry::Region]
      def call(copper, holes, diameter_mm) = holes.empty? ? copper : copper - spots(holes, diameter_mm)

      # a spot too near the copper's edge would open it: none there
      # @param board [Board]  @param side [String]
      # @return [Array<Hole>] holes that get one
      def holes(board, side, diameter_mm)
        board.rings(side).select { |ring, hole| ring + hole.diameter_mm / 2 >= diameter_mm / 2 + RING_MM }.map(&:last)
      end

      # @return [Geometry::Region] all spots
      def spots(holes, diameter_mm)
        Gerber::Assembly.union(holes.map { |hole|
          [Gerber::Outlines.circle(hole.centre.x, -hole.centre.y, diameter_mm / 2)]
        })
      end
    end
  end
end
