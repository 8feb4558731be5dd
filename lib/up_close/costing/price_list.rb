# frozen_string_literal: true

module UpClose
  module Costing
    # What packs cost: stock by the sheet, supplies by the amount. Frozen.
    class PriceList
      # One pack: its price, so many sheets or so much in it, and how often a sheet serves. Frozen.
      Pack = Value.define(:cents, :amount, :uses) do
        # @return [Rational] cents for one sheet, or one unit
        def each = cents.to_r / amount.to_r / (uses || 1)
      end

      # @param stocks [Hash{String => Pack}] by stock key  @param supplies [Hash{String => Pack}] by title
      # @param starting [Boolean] whether these are starting values, not a shop's own
      def initialize(stocks: {}, supplies: {}, starting: false)
        @stocks, @supplies, @starting = stocks.freeze, supplies.freeze, starting
        freeze
      end

      # @return [Pack, nil]
      def stock(key) = @stocks[key]

      # @return [Pack, nil]
      def supply(title) = @supplies[title]

      # the same, with a shop's own prices before these
      def with(stocks: {}, supplies: {})
        PriceList.new(stocks: @stocks.merge(stocks), supplies: @supplies.merge(supplies), starting: @starting)
      end

      # cents, sheets, uses
      STOCKS = {
        "letter-paper" => [
          600,
          500
        ], "clear-film" => [1500, 10], "white-film" => [1700, 10], "quick-peel" => [1200, 10],
        "label-backing" => [
          100,
          25
        ], "photo-paper-back" => [900, 20, 8], "photo-paper-front" => [900, 20], "wax-paper" => [300, 20, 3],
        "resist-film" => [
          2400,
          10
        ], "transparency" => [1500, 50], "wet-release-film" => [2500, 10], "template-card" => [500, 20]
      }.freeze
      # cents, and how much of its unit
      SUPPLIES = {
        "toner" => [6900, 90], "ink" => [1990, 30], "acetone" => [500, 500], "alcohol" => [400, 500],
        "cotton swabs" => [150, 100], "cotton pads" => [180, 80], "gel medium" => [1200, 250], "varnish" => [900, 250],
        "transfer paste" => [1200, 250], "baking medium" => [1450, 30], "spray lacquer" => [1000, 400],
        "clear coat" => [1190, 400], "gloss coat" => [1190, 400], "decal softener" => [600, 30],
        "spray adhesive" => [1200, 400], "clear parcel tape" => [240, 6600], "aluminium tape" => [890, 4500],
        "carbon paper" => [500, 20], "release paper" => [300, 20], "etch-proof pen" => [350, 1], "card" => [500, 20],
        "template plastic" => [900, 10], "template aluminium" => [1500, 10], "spray acrylic clear" => [1190, 400],
        "spray water-based satin" => [1290, 400], "spray matt clear" => [1190, 400],
        "brushed water-based varnish" => [1200, 250], "wiped or brushed oil varnish" => [1200, 250],
        "shellac" => [1200, 250], "brush-on cup coat" => [1800, 120], "cast resin or rod epoxy" => [1600, 100],
        "baked sealer" => [1450, 30], "oil or wax" => [1200, 250]
      }.freeze
      STARTING = new(
        stocks: STOCKS.transform_values { |row| Pack.new(*row).freeze },
        supplies: SUPPLIES.transform_values { |row| Pack.new(*row).freeze },
        starting: true
      )
    end
  end
end
