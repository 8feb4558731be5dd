# frozen_string_literal: true

module UpClose
  module Boards
    module Checks
      # Two conductors that the print, or what is left between them, could join.
      module NarrowestGap
        LISTED = 20
        REMEDY = "Look at the ringed places after the transfer and scratch bridges away, or use a method that holds " \
          "finer gaps."

        module_function

        # @param context [CheckContext]  @return [Array<Finding>]
        def call(context)
          context.each_side do |side|
            Narrow.new(
              context, side, key: "gap", places: context.board.gaps(side), limit: context.gap_mm,
              etched: 2 * context.side_mm, keeps: "The method keeps gaps open from", remedy: REMEDY
            ).finding
          end
        end
      end
    end
  end
end
