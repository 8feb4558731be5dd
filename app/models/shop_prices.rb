# frozen_string_literal: true

# What packs cost this shop, as the core asks for it.
module ShopPrices
  module_function

  # names all that the list depends on
  def stamp
    tables = %w[stock_facts supply_prices].map { |table| "(SELECT max(updated_at) FROM #{table})" }
    [*ApplicationRecord.connection.select_rows("SELECT #{tables.join(", ")}").first, Preference.get("hour_cents")]
  end

  # @return [UpClose::Costing::PriceList] what has no price here has none
  def list = Held.fetch(:prices) { as_written }

  def as_written
    pack = UpClose::Costing::PriceList::Pack
    stocks = StockFact.where.not(pack_cents: nil).where.not(pack_sheets: nil).to_h do |fact|
      [fact.stock, pack.new(fact.pack_cents, fact.pack_sheets, fact.uses)]
    end
    supplies = SupplyPrice.all.to_h { |price| [price.supply, pack.new(price.pack_cents, price.pack_amount)] }
    UpClose::Costing::PriceList.new(stocks: stocks, supplies: supplies)
  end
end
