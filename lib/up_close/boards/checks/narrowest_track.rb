# frozen_string_literal: true

module UpClose
  module Boards
    module Checks
      # Copper that the print does not carry, or that the bath eats through.
      module NarrowestTrack
        LISTED = 10
        REMEDY = "Widen the copper before it is printed, use a method that holds finer lines, or take a thinner " \
          "copper."

        module_function

        # @param context [CheckContext]  @return [Array<Finding>]
        def call(context)
          context.each_side do |side|
            Narrow.new(
              context, side, key: "track", places: context.board.narrow(side), limit: context.line_mm,
              etched: -2 * context.side_mm, keeps: "The method needs", remedy: REMEDY
            ).finding
          end
        end
      end
    end
  end
end
