# frozen_string_literal: true

module UpClose
  module Boards
    module Checks
      # A hole too near the edge breaks out when it is drilled or sawn.
      module HolesFromEdge
        LISTED = 40

        module_function

        # @param context [CheckContext]  @return [Array<Finding>]
        def call(context)
          return [] unless context.whole?
          board = context.board
          return [] if board.holes.empty? || !board.drawn_outline?
          edges = Geometry::Edges.new(board.outline, reach_mm: 2.0)
          walls = board.holes.filter_map { |hole| wall(edges, hole)&.then { |mm| [mm, hole] } }
          [finding(context, walls)]
        end

        # hole's wall to the edge; nil when far away
        def wall(edges, hole)
          hole.points.filter_map { |point| edges.within(point, hole.diameter_mm / 2 + 2.0) }.min
            &.then { |far| far - hole.diameter_mm / 2 }
        end

        # @param walls [Array<Array(Float, Hole)>] mm from the edge  @return [Finding]
        def finding(context, walls)
          limit = CheckContext::HOLE_EDGE_MM
          least = walls.map(&:first).min
          return Finding.fine(:hole_edge, "Hole to the edge", figure: "over 2 mm") unless least
          verdict = context.verdict(least, limit)
          Finding.new(
            key: :hole_edge, title: "Hole to the edge", verdict: verdict, figure: "#{Working.number(least)} mm",
            value: least, unit: "mm", limit: limit,
            reason: "Keep #{Working.number(limit)} mm from the saw cut (#{CheckContext::STARTING}).",
            remedy: ("Drill before you saw the board out, or saw further away." unless verdict == :fine),
            places: walls.select { |mm, _| mm < limit }.first(MOST_PLACES)
              .map { |_, hole| Geometry::Box.around(hole.points).grown(hole.diameter_mm / 2 + 0.3) }
          )
        end
      end
    end
  end
end
