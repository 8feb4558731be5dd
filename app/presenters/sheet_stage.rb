# frozen_string_literal: true

module Presenters
  # Sheet: the pages as they are laid out, or why they cannot be, and what else could be laid on.
  class SheetStage
    USUAL_DPI = 600

    # pages, or why there are none
    # @return [UpClose::Printing::Pack, UpClose::Printing::TiledPack, UpClose::Printing::NestedPack, UpClose::Error]
    attr_reader :pack

    # @param mark [Mark]  @param pack [UpClose::Printing::Pack, UpClose::Error]
    def initialize(mark, pack)
      @mark, @pack = mark, pack
    end

    def laid? = !pack.is_a?(UpClose::Error)

    # @return [Layout, nil]
    def layout
      return @layout if defined?(@layout)
      @layout = laid? ? @mark.layout : nil
    end

    # @return [Layout, nil] one that is laid out freely
    def nested = layout&.tiled? ? nil : layout

    # leftover sheets that it could still be laid on
    # @return [Array<StockSheet>]
    def leftovers = @leftovers ||= (laid? && !layout&.printed?) ? @mark.suiting_sheets.to_a : []

    def leftover_words
      (leftovers.size == 1) ? "leftover sheet “#{leftovers.first.name}”" : "the #{leftovers.size} leftover sheets"
    end

    def dpi = @mark.own_printer&.dpi || USUAL_DPI

    # while something says stop
    def stopped? = @mark.stops.open.any?
  end
end
