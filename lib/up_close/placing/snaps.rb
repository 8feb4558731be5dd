# frozen_string_literal: true

module UpClose
  module Placing
    # Places a mark snaps to while it is dragged: the piece's middle, other marks' middles, and where
    # its box keeps the clearance wanted from straight edges that stand square. The page picks the nearest.
    class Snaps
      SQUARE = 1e-9

      # @param room [FitSearch] the mark as it is sized and turned now  @param clearance_mm [Float] wanted
      # @param others [Array<Placement>] marks on the same piece
      def initialize(room:, shape:, clearance_mm:, others: [])
        @room, @shape, @wanted, @others = room, shape, clearance_mm, others
      end

      # @return [Hash{Symbol => Array<Float>}] x and y of the mark's middle, mm, each in order
      def call = {x: along(:x), y: along(:y)}

      private

      def along(axis)
        [0.0, *@others.map { |other| other.centre.public_send(axis) }, *beside(axis)]
          .map { |value| value.round(6) }
          .uniq
          .sort
      end

      # with its box so far from an edge
      def beside(axis)
        box = Geometry::Box.around(@room.placed.hull)
        middle = @room.placed.placement.centre.public_send(axis)
        low, high = (axis == :x) ? [box.x, box.right] : [box.y, box.bottom]
        normals(axis).map do |n, side|
          if side.positive?
            @shape.support(n) - @wanted - (high - middle)
          else
            -(@shape.support(n) - @wanted) + (middle - low)
          end
        end
      end

      def normals(axis)
        @shape.edge_normals.filter_map do |n|
          along, across = (axis == :x) ? [n.x, n.y] : [n.y, n.x]
          [n, along] if across.abs < SQUARE
        end
      end
    end
  end
end
