# frozen_string_literal: true

module UpClose
  module Boards
    # Copper left standing wherever nothing else is, to spare the bath: a clearance round all conductors and holes, and
    # back from the board's edge; nothing narrower than the clearance itself.
    module GroundFill
      module_function

      # @param board [Board]  @param side [String]  @param clearance_mm [Float]
      # @return [Geometry::Region]
      def call(board, side, clearance_mm)
        room = board.outline.shrunk([clearance_mm, CheckContext::COPPER_EDGE_MM].max)
        taken = Geometry::Region.union([board.copper(side), *holes(board)]).grown(clearance_mm)
        (room - taken).opened(clearance_mm / 2)
      end

      # @return [Array<Geometry::Region>]
      def holes(board) = board.holes.map(&:region)
    end
  end
end
