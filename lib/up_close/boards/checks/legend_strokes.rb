# frozen_string_literal: true

module UpClose
  module Boards
    module Checks
      # Lettering in copper or legend is drawn with a thin pen: below what the method carries it does not read.
      module LegendStrokes
        LISTED = 70

        module_function

        # @param context [CheckContext]  @return [Array<Finding>]
        def call(context)
          return [] unless context.whole?
          Board::SIDES.filter_map { |side| context.board.layer("legend", side) }.filter_map do |layer|
            widths = layer.image&.objects.to_a.filter_map(&:width).select(&:positive?)
            finding(context, layer, widths) if widths.any?
          end
        end

        # @param widths [Array<Float>] mm, of all strokes  @return [Finding]
        def finding(context, layer, widths)
          thin = widths.min
          verdict = context.verdict(thin, context.line_mm)
          verdict = :watch if verdict == :stop
          Finding.new(
            key: :"legend_#{layer.side}", title: "Lettering, thinnest pen, #{layer.side}", verdict: verdict,
            figure: "#{Working.number(thin)} mm", value: thin, unit: "mm", limit: context.line_mm,
            working: Working.new("#{widths.count { |width| width < context.line_mm }} of #{widths.size} strokes are " \
              "thinner than #{Working.number(context.line_mm)} mm"),
            reason: "The method carries #{Working.number(context.line_mm)} mm (#{CheckContext::STARTING}).",
            remedy: ("Thicken the lettering when the layer is made, or leave it off." unless verdict == :fine)
          )
        end
      end
    end
  end
end
