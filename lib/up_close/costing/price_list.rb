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

      # @param stocks [Hash{String => Pack}] by stock key  @param supplies [Hash{String => Pack}] by its key
      # @param starting [Boolean] whether these are starting values, not a shop's own
      def initialize(stocks: {}, supplies: {}, starting: false)
        @stocks, @supplies, @starting = stocks.freeze, supplies.freeze, starting
        freeze
      end

      # @return [Pack, nil]
      def stock(key) = @stocks[key]

      # @return [Pack, nil]
      def supply(key) = @supplies[key]

      # the same, with a shop's own prices before these
      def with(stocks: {}, supplies: {})
        PriceList.new(stocks: @stocks.merge(stocks), supplies: @supplies.merge(supplies), starting: @starting)
      end

      # what packs usually cost, where a shop has not said
      # @return [PriceList]
      def self.starting
        new(
          stocks: Sheets::Stock.all.select(&:pack).to_h { |stock| [stock.key, Pack.new(*stock.pack)] },
          supplies: Costing.supplies.select(&:cents).to_h { |kind| [kind.key, Pack.new(kind.cents, kind.amount)] },
          starting: true
        )
      end
    end
  end
end
