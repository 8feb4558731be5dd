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

        # @param side [String]  @return [Finding, nil] nil where no hole lies in copper
        def finding(context, side)
          least, hole = context.board.rings(side).min_by(&:first)
          return unless least
          after = least - context.side_mm
          verdict = context.verdict(after, CheckContext::RING_MM)
          Finding.new(
            key: :"ring_#{side}", title: "Smallest ring round a hole#{context.named(side)}", verdict: verdict,
            figure: "#{"over " if least >= Board::RING_REACH_MM}#{n(least)} mm", value: least, unit: "mm",
            limit: CheckContext::RING_MM,
            working: Working.new("from the middle #{n(least + hole.diameter_mm / 2)} − #{n(hole.diameter_mm)} ÷ 2 = " \
              "#{n(least)} mm#{"; after the etch #{n(after)} mm" if context.undercut}"),
            reason: "You need #{n(CheckContext::RING_MM)} mm (#{CheckContext::STARTING}).",
            remedy: ("Drill it smaller, or widen the copper." unless verdict == :fine),
            places: low(context, side)
          )
        end

        # @return [Array<Geometry::Box>] round holes with too little
        def low(context, side)
          context.board.rings(side).select { |ring, _| ring - context.side_mm < CheckContext::RING_MM }
            .first(MOST_PLACES).map { |_, hole| Geometry::Box.around([hole.centre]).grown(hole.diameter_mm / 2 + 0.3) }
        end

        # @return [String] a plain decimal
        def n(value) = Working.number(value, 3)
      end
    end
  end
end
