# frozen_string_literal: true

module UpClose
  module Boards
    module Checks
      # Copper at the edge is torn by the saw.
      module CopperFromEdge
        LISTED = 50

        module_function

        # @param context [CheckContext]  @return [Array<Finding>]
        def call(context)
          board = context.board
          return [] unless board.drawn_outline?
          frame = Geometry::Region.box(board.box.grown(100)) - board.outline
          context.each_side { |side| finding(context, side, board.copper(side), frame) }
        end

        # @param frame [Geometry::Region] all that lies off the board  @return [Finding]
        def finding(context, side, copper, frame)
          limit = CheckContext::COPPER_EDGE_MM
          least = copper.distance(frame)
          verdict = (context.verdict(least, limit) == :stop) ? :watch : :fine
          Finding.new(
            key: :"copper_edge_#{side}", title: "Copper to the edge#{context.named(side)}", verdict: verdict,
            figure: "#{Working.number(least)} mm", value: least, unit: "mm", limit: limit,
            reason: "Keep #{Working.number(limit)} mm from the saw cut (#{CheckContext::STARTING}).",
            remedy: ("Saw outside the line and file down to it, or take the copper back." unless verdict == :fine),
            places: (verdict == :fine) ? [] : near(copper, frame, limit)
          )
        end

        # @return [Array<Geometry::Box>] copper within the limit of the edge, the largest first
        def near(copper, frame, limit)
          (copper & frame.grown(limit)).parts.sort_by { |part| -part.area }.first(MOST_PLACES).map(&:box)
        end
      end
    end
  end
end
