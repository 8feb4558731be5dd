# frozen_string_literal: true

module UpClose
  module Boards
    module Checks
      # Two conductors that the print, or what is left between them, could join.
      module NarrowestGap
        LISTED = 20

        module_function

        # @param context [CheckContext]  @return [Array<Finding>]
        def call(context) = context.each_side { |side| finding(context, side) }

        # @param side [String]  @return [Finding]
        def finding(context, side)
          places = context.board.gaps(side)
          gap = places.first&.mm
          title = "Narrowest gap#{context.named(side)}"
          return Finding.fine(:"gap_#{side}", title, figure: "over #{n(Board::NEAR_MM)} mm") unless gap
          verdict = context.verdict(gap, context.gap_mm)
          Finding.new(
            key: :"gap_#{side}", title: title, verdict: verdict, figure: "#{n(gap)} mm", value: gap, unit: "mm",
            limit: context.gap_mm, working: working(context, gap), reason: reason(context, gap),
            remedy: remedy(verdict),
            places: places.select { |place| place.mm < context.gap_mm * CheckContext::SPARE }.first(MOST_PLACES)
              .map(&:box)
          )
        end

        # @param gap [Float] mm  @return [Working, nil] nil where nothing is etched
        def working(context, gap)
          return unless context.undercut
          Working.new("#{n(gap)} + 2 × #{n(context.side_mm, 4)} = #{n(gap + 2 * context.side_mm)} mm")
        end

        # @param gap [Float] mm  @return [String]
        def reason(context, gap)
          etched = context.undercut && "The etch opens it to #{n(gap + 2 * context.side_mm)} mm. "
          "#{etched}The method keeps gaps of #{n(context.gap_mm)} mm open (#{CheckContext::STARTING})."
        end

        # @param verdict [Symbol]  @return [String, nil]
        def remedy(verdict)
          return if verdict == :fine
          "Look at the ringed places after the transfer and scratch bridges away, or use a method that holds finer " \
            "gaps."
        end

        # @return [String] a plain decimal
        def n(value, places = 3) = Working.number(value, places)
      end
    end
  end
end
