# frozen_string_literal: true

module UpClose
  module Boards
    module Checks
      # Copper that the print does not carry, or that the bath eats through.
      module NarrowestTrack
        LISTED = 10

        module_function

        # @param context [CheckContext]  @return [Array<Finding>]
        def call(context) = context.each_side { |side| finding(context, side) }

        # @param side [String]  @return [Finding]
        def finding(context, side)
          places = context.board.narrow(side)
          width = places.first&.mm
          return wide(side, context) unless width
          left = width - 2 * context.side_mm
          verdict = (left <= 0) ? :stop : context.verdict(width, context.line_mm)
          Finding.new(
            key: :"track_#{side}", title: "Narrowest track#{context.named(side)}", verdict: verdict,
            figure: "#{n(width)} mm", value: width, unit: "mm", limit: context.line_mm,
            working: working(context, width), reason: reason(context, left), remedy: remedy(verdict),
            places: places.select { |place| place.mm < context.line_mm * CheckContext::SPARE }.first(MOST_PLACES)
              .map(&:box)
          )
        end

        # @return [Finding] where nothing narrow was found
        def wide(side, context)
          title = "Narrowest track#{context.named(side)}"
          Finding.fine(:"track_#{side}", title, figure: "over #{n(Board::NEAR_MM)} mm")
        end

        # @param width [Float] mm  @return [Working, nil] nil where nothing is etched
        def working(context, width)
          return unless context.undercut
          Working.new("#{n(width)} − 2 × #{n(context.side_mm, 4)} = #{n(width - 2 * context.side_mm)} mm",
            source: context.undercut.working.source)
        end

        # @param left [Float] mm after the etch  @return [String]
        def reason(context, left)
          etched = context.undercut && ((left > 0) ? "After the etch #{n(left)} mm. " : "The bath eats through it. ")
          "#{etched}The method needs #{n(context.line_mm)} mm (#{CheckContext::STARTING})."
        end

        # @param verdict [Symbol]  @return [String, nil]
        def remedy(verdict)
          return if verdict == :fine
          "Widen the copper before it is printed, use a method that holds finer lines, or take a thinner copper."
        end

        # @return [String] a plain decimal
        def n(value, places = 3) = Working.number(value, places)
      end
    end
  end
end
