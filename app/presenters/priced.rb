# frozen_string_literal: true

module Presenters
  # What goes into a copy of a mark, one way or another, by this shop's prices.
  class Priced
    Line = UpClose::Costing::Estimate::Line

    # @param mark [Mark] with a size
    def initialize(mark)
      @mark = mark
    end

    # a copy's share of a sheet
    # @param setting [UpClose::Methods::Setting]
    # @return [Line] its cents nil while the pack has no price
    def sheet(setting)
      found, trim = share(setting.stock), trim(setting)
      Line.new("a share of #{name(setting.stock)}", found&.call(*trim), true, found&.working(*trim))
    end

    # @return [Array<Line>] what its steps use up
    def supplies(setting) = UpClose::Methods.taken(setting.steps).map { |title, amount, unit| supply(title, amount, unit, true) }

    # @return [Line] what the printer lays down
    def ink(setting)
      ink = UpClose::Costing::Ink.new(printer: setting.printer, width_mm: @mark.width_mm, height_mm: @mark.height_mm, coverage: @mark.checked&.fetch("coverage", nil))
      line = supply(ink.title, ink.amount, ink.unit, true)
      line.cents ? Line.new(line.title, line.cents, true, UpClose::Working.new("#{ink.working}; #{line.working}")) : line
    end

    # what goes into every copy
    # @return [Array<Line>]
    def lines(setting) = [sheet(setting), ink(setting), *supplies(setting)]

    # @param every [Boolean] for spoilt copies too
    def supply(title, amount, unit, every)
      price = prices[title]
      cents = price && price.pack_cents.to_r / price.pack_amount.to_r * amount.to_r
      Line.new(title, cents, every, cents && UpClose::Working.new("#{UpClose::Working.number(amount)} #{unit} × #{UpClose::Costing::Money.write(price.pack_cents)} ÷ #{UpClose::Working.number(price.pack_amount)} #{unit} = #{UpClose::Working.number(cents.to_f / 100, 3)}", source: "the amount is a starting value"))
    end

    # a way to be set against another, whole packs bought
    # @return [UpClose::Costing::BreakEven::Way, nil] nil while its pack has no price
    def way(title, setting, chance)
      found = share(setting.stock) or return
      fact = facts[setting.stock.key]
      copies = (found.sheet.zero? ? 1 : found.sheet / found.call(*trim(setting))).floor * fact.pack_sheets * (fact.uses || 1)
      UpClose::Costing::BreakEven::Way.new(title, fact.pack_cents, [copies * chance, 1].max, lines(setting).drop(1).sum { |line| line.cents || 0 } / chance.to_r)
    end

    def name(stock) = stock.title.sub(/ \(.*/, "")

    private

    def trim(setting) = [@mark.width_mm + 2 * setting.border_mm, @mark.height_mm + 2 * setting.border_mm]

    def share(stock)
      fact = facts[stock.key]
      return unless fact&.pack_cents && fact.pack_sheets
      UpClose::Costing::SheetShare.new(pack_cents: fact.pack_cents, pack_sheets: fact.pack_sheets, uses: fact.uses, paper: UpClose::Printing::Paper.fetch(@mark.paper), allowances: @mark.allowances)
    end

    def facts = @facts ||= StockFact.all.index_by(&:stock)

    def prices = @prices ||= SupplyPrice.all.index_by(&:title)
  end
end
