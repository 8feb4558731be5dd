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
    def estimate = @estimate ||= planned.estimate

    # whole cents for all good ones
    def whole_cents = (estimate.per_good * mark.good_wanted).round

    # each piece's share of it, not a cent lost
    # @return [Array<Integer>]
    def shares = UpClose::Costing::Money.share(whole_cents, [1] * mark.good_wanted)

    # the method's priced stocks against each other, those that would do as well here
    # @return [Array<String>]
    def break_evens
      ways = stocks_that_would_do.filter_map { |stock| way(stock) }
      ways.combination(2).map { |a, b| UpClose::Costing::BreakEven.new(a, b).words }
    end

    private

    def planned = @planned ||= mark.planned

    def stocks_that_would_do
      mark.method_core.stocks.select { |stock| stock.printers.include?(mark.printer.to_sym) }
        .select do |stock|
          UpClose::Suitability.drawbacks(on(stock).situation, on(mark.setting.stock).situation).empty?
        end
    end

    # the same, printed on another stock
    def on(stock) = planned.with(stock: stock)

    def way(stock)
      planned.priced.way(planned.priced.name(stock).capitalize, on(stock).setting, on(stock).spares.chance)
    end
  end
end
