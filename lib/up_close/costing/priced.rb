# frozen_string_literal: true

module UpClose
  module Costing
    # What goes into a copy of a mark by a shop's prices, line by line.
    class Priced
      Line = Estimate::Line

      # @param prices [PriceList]  @param size [Methods::MarkSize]
      # @param paper [Printing::Paper]  @param allowances [Sheets::Allowances]
      # @param coverage [Float, nil] share of its box that is inked
      def initialize(prices, size:, paper:, allowances: Sheets::Allowances::START, coverage: nil)
        @prices, @size, @paper, @allowances, @coverage = prices, size, paper, allowances, coverage
      end

      # what goes into every copy, spoilt ones too
      # @param setting [Methods::MethodChoice]
      # @return [Array<Line>] its cents nil where a price is not known
      def lines(setting) = [sheet(setting), ink(setting), *supplies(setting, setting.steps, true)]

      # what goes onto good ones alone
      # @param steps [Array<Methods::Step>] of the sealer
      def sealing(setting, steps) = supplies(setting, steps, false)

      # a copy's share of a sheet
      def sheet(setting)
        sheet_share, trim = share(setting.stock), trim(setting)
        Line.new("a share of #{name(setting.stock)}", sheet_share&.call(*trim), true, sheet_share&.working(*trim))
      end

      # what the printer lays down
      def ink(setting)
        ink =
          Ink.new(printer: setting.printer, width_mm: @size.width_mm, height_mm: @size.height_mm, coverage: @coverage)
        line = supply(Methods::Supply.new(kind: ink.kind, amount: ink.amount), 1, true)
        line.cents ? Line.new(line.title, line.cents, true, Working.new("#{ink.working}; #{line.working}")) : line
      end

      # a way to be set against another, whole packs bought
      # @return [BreakEven::Way, nil] nil while its pack has no price
      def way(title, setting, chance)
        sheet_share = share(setting.stock) or return
        pack = @prices.stock(setting.stock.key)
        copies =
          (sheet_share.sheet.zero? ? 1 : sheet_share.sheet / sheet_share.call(*trim(setting))).floor *
          pack.amount * (pack.uses || 1)
        BreakEven::Way.new(
          title,
          pack.cents,
          [copies * chance, 1].max,
          lines(setting).drop(1).sum { |line| line.cents || 0 } / chance.to_r
        )
      end

      # @param stock [Sheets::Stock]  @return [String] its title without what stands in brackets
      def name(stock) = stock.title.sub(/ \(.*/, "")

      private

      def supplies(setting, steps, every)
        Methods.taken(steps).map { |taken| supply(taken, every ? setting.copies : setting.pieces, every) }
      end

      # a least amount is shared by all that are made at a time
      def supply(taken, number, every)
        pack = @prices.supply(taken.key)
        amount = taken.for(number) / number.to_f
        cents = pack && pack.each * amount.to_r
        Line.new(taken.title, cents, every, cents && supply_working(taken, amount, pack, cents))
      end

      def supply_working(taken, amount, pack, cents)
        figures = [amount, pack.amount].map { |value| Working.number(value, 3) }
        Working.new(
          "#{figures[0]} #{taken.unit} × #{Money.write(pack.cents)} ÷ #{figures[1]} #{taken.unit} = " \
          "#{Working.number(cents.to_f / 100, 3)}",
          source: "the amount is a starting value"
        )
      end

      def trim(setting) = [@size.width_mm + 2 * setting.border_mm, @size.height_mm + 2 * setting.border_mm]

      def share(stock)
        pack = @prices.stock(stock.key) or return
        SheetShare.new(
          pack_cents: pack.cents,
          pack_sheets: pack.amount,
          uses: pack.uses,
          paper: @paper,
          allowances: @allowances
        )
      end
    end
  end
end
