# frozen_string_literal: true

module Presenters
  # What a mark costs, from this shop's prices and its record.
  class Costed
    attr_reader :mark

    # @param mark [Mark] with a method and a size
    def initialize(mark)
      @mark = mark
    end

    # @return [UpClose::Costing::Estimate]
    def estimate
      @estimate ||= UpClose::Costing::Estimate.new([*priced.lines(mark.setting), sealer].compact, chance: mark.spares.chance, hour_cents: Preference.get("hour_cents").to_i,
        hands_s: mark.steps_core.reject(&:wait?).sum(&:least_s) / mark.copies_wanted)
    end

    # whole cents for all good ones
    def whole_cents = (estimate.per_good * mark.good_wanted).round

    # each piece's share of it, not a cent lost
    # @return [Array<Integer>]
    def shares = UpClose::Costing::Money.share(whole_cents, [1] * mark.good_wanted)

    # the method's priced stocks against each other, those that would do as well here
    # @return [Array<String>]
    def break_evens
      ways = mark.method_core.stocks.select { |stock| stock.printers.include?(mark.printer.to_sym) && UpClose::Suitability.drawbacks(mark.situation(stock: stock), mark.situation(stock: mark.setting.stock)).empty? }.filter_map { |stock| way(stock) }
      ways.combination(2).map { |a, b| UpClose::Costing::BreakEven.new(a, b).words }
    end

    private

    def priced = @priced ||= Priced.new(mark)

    # only good ones are sealed
    def sealer
      amount = mark.sealer_core.amount(mark.piece.coated_mm2 / mark.piece.count, coats: mark.coats_wanted)
      amount && priced.supply(mark.sealer_core.title.downcase, amount.value, "ml", false)
    end

    def way(stock)
      chance = (stock == mark.setting.stock) ? mark.spares.chance : mark.method_core.chance_with(stock)
      priced.way(priced.name(stock).capitalize, mark.setting.with(stock: stock), chance)
    end
  end
end
