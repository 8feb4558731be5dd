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
      @estimate ||= UpClose::Costing::Estimate.new([sheet, *supplies, sealer].compact, chance: mark.spares.chance, hour_cents: Preference.get("hour_cents").to_i,
        hands_s: mark.steps_core.reject(&:wait?).sum(&:least_s) / mark.copies_wanted)
    end

    # whole cents for all good ones
    def whole_cents = (estimate.per_good * mark.good_wanted).round

    # each piece's share of it, not a cent lost
    # @return [Array<Integer>]
    def shares = UpClose::Costing::Money.share(whole_cents, [1] * mark.good_wanted)

    # the method's priced stocks against each other
    # @return [Array<String>]
    def break_evens
      ways = mark.method_core.stocks.select { |stock| stock.printers.include?(mark.printer.to_sym) }.filter_map { |stock| way(stock) }
      ways.combination(2).map { |a, b| UpClose::Costing::BreakEven.new(a, b).words }
    end

    private

    Line = UpClose::Costing::Estimate::Line

    def trim = [mark.width_mm + 2 * mark.setting.border_mm, mark.height_mm + 2 * mark.setting.border_mm]

    def share(stock)
      fact = StockFact.find_by(stock: stock.key)
      return unless fact&.pack_cents && fact.pack_sheets
      UpClose::Costing::SheetShare.new(pack_cents: fact.pack_cents, pack_sheets: fact.pack_sheets, uses: fact.uses, paper: UpClose::Printing::Paper.fetch(mark.paper), allowances: mark.allowances)
    end

    def sheet
      stock = mark.setting.stock
      found = share(stock)
      Line.new("a share of #{stock.title.sub(/ \(.*/, "")}", found&.call(*trim), true, found&.working(*trim))
    end

    def supplies = mark.method_core.supplies.map { |title, amount, unit| supply(title, amount, unit, true) }

    def supply(title, amount, unit, every)
      price = prices[title]
      cents = price && price.pack_cents.to_r / price.pack_amount.to_r * amount.to_r
      Line.new(title, cents, every, cents && UpClose::Working.new("#{UpClose::Working.number(amount)} #{unit} × #{UpClose::Costing::Money.write(price.pack_cents)} ÷ #{UpClose::Working.number(price.pack_amount)} #{unit} = #{UpClose::Working.number(cents.to_f / 100, 3)}", source: "the amount is a starting value"))
    end

    # only good ones are sealed
    def sealer
      amount = mark.sealer_core.amount(mark.piece.coated_mm2 / mark.piece.count)
      amount && supply(mark.sealer_core.title.downcase, amount.value, "ml", false)
    end

    def prices = @prices ||= SupplyPrice.all.index_by(&:title)

    def way(stock)
      found = share(stock) or return
      chance = (stock == mark.setting.stock) ? mark.spares.chance : mark.method_core.chance_with(stock)
      fact = StockFact.find_by(stock: stock.key)
      copies = (found.sheet / found.call(*trim)).floor * fact.pack_sheets * (fact.uses || 1)
      UpClose::Costing::BreakEven::Way.new(stock.title.sub(/ \(.*/, "").capitalize, fact.pack_cents, [copies * chance, 1].max, 0)
    end
  end
end
