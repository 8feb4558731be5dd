# frozen_string_literal: true

module Presenters
  # All methods for a mark, from what this shop knows: its record and its prices.
  class Compared
    # @param mark [Mark]  @param printer [String]
    def initialize(mark, printer)
      @mark, @printer = mark, printer
    end

    # @return [UpClose::Comparison]
    def to_core
      piece = @mark.piece
      UpClose::Comparison.new(printer: @printer, ground: {material: piece.material_core, finish: piece.finish_core, colour: piece.colour_core}, wanted: @mark.wanted, copies: @mark.good_wanted, record: record, cost: method(:cents))
    end

    private

    def record
      Attempt.joins(:mark).group("marks.way", "marks.printer", :result).count.each_with_object(Hash.new { |all, key| all[key] = [0, 0] }) do |((way, printer, result), count), all|
        all[[way, printer]] = all[[way, printer]].zip([(result == "spoilt") ? 0 : count, count]).map(&:sum)
      end
    end

    # a copy's share of a sheet, where a pack's price is known
    def cents(setting)
      fact = facts[setting.stock.key]
      return unless @mark.width_mm && fact&.pack_cents && fact.pack_sheets
      share = UpClose::Costing::SheetShare.new(pack_cents: fact.pack_cents, pack_sheets: fact.pack_sheets, uses: fact.uses, paper: UpClose::Printing::Paper.fetch(@mark.paper))
      share.call(@mark.width_mm + 2 * setting.border_mm, @mark.height_mm + 2 * setting.border_mm)
    end

    def facts = @facts ||= StockFact.all.index_by(&:stock)
  end
end
