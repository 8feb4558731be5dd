# frozen_string_literal: true

module UpClose
  module Boards
    module Checks
      # Copper left round a hole: a hand drill wanders, and solder needs a ring all round.
      module SmallestRing
        LISTED = 30

        module_function

        # @param context [CheckContext]  @return [Array<Finding>]
        def call(context) = context.each_side { |side| finding(context, side) }

        def finding(context, side)
          least, hole = rings(context.board, side).min_by(&:first)
          return unless least
          after = least - context.side_mm
          verdict = context.verdict(after, CheckContext::RING_MM)
          Finding.new(
            key: :"ring_#{side}", title: "Smallest ring round a hole#{context.named(side)}", verdict: verdict,
            figure: "#{n(least)} mm", value: least, unit: "mm", limit: CheckContext::RING_MM,
            working: Working.new("from the middle #{n(least + hole.diameter_mm / 2)} − #{n(hole.diameter_mm)} ÷ 2 = " \
              "#{n(least)} mm#{"; after the etch #{n(after)} mm" if context.undercut}"),
            reason: "You need #{n(CheckContext::RING_MM)} mm (#{CheckContext::STARTING}).",
            remedy: ("Drill it smaller, or widen the copper." unless verdict == :fine),
            places: low(context, side)
          )
        end

        # holes in copper, and how much of it is left at the narrowest; no more than REACH_MM is measured
        # @return [Array<Array(Float, Hole)>]
        def rings(board, side)
          covers = Geos::PreparedGeometry.new(board.copper(side).shape)
          edges = board.edges(side)
          board.holes.reject(&:slot?).filter_map do |hole|
            next unless covers.contains?(Geos.create_point(hole.centre.x, hole.centre.y))
            far = edges.within(hole.centre, hole.diameter_mm / 2 + Board::REACH_MM) or next
            [far - hole.diameter_mm / 2, hole]
          end
        end

        def low(context, side)
          rings(context.board, side).select { |ring, _| ring - context.side_mm < CheckContext::RING_MM }
            .first(MOST_PLACES).map { |_, hole| Geometry::Box.around([hole.centre]).grown(hole.diameter_mm / 2 + 0.3) }
        end

        def n(value) = Working.number(value)
      end
    end
  end
end
