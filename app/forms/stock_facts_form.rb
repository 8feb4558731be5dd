# frozen_string_literal: true

module Forms
  # What a pack of a stock costs, how many sheets it holds, how often a wiped one serves.
  class StockFactsForm < Base
    private

    def read
      values[:pack_cents] = values[:pack_sheets] = values[:uses] = nil
      unless blank?(:pack_cents)
        attempt(:pack_cents) { UpClose::Costing::Money.read(typed(:pack_cents), field: :pack_cents) }
      end
      count(:pack_sheets, 1..5000, "Sheets in a pack") unless blank?(:pack_sheets)
      count(:uses, 1..100, "How often one serves") unless blank?(:uses)
      words(:supplier, most: 200)
      words(:batch, most: 60)
    end

    def blank?(name) = typed(name).to_s.strip.empty?
  end
end
