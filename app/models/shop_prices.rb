# frozen_string_literal: true

# What packs cost this shop, as the core asks for it.
module ShopPrices
  KNOWN = Shelves::LruCache.new(most: 2)

  module_function

  # names all that a cost depends on
  def stamp = [*written_as, Preference.get("hour_cents")]

  # @return [UpClose::Costing::PriceList] what has no price here has none; the same until one is written down
  def list = KNOWN.fetch(written_as) { as_written }

  def written_as = ChangeCount.of("stock_facts", "supply_prices")

  def as_written
    pack = UpClose::Costing::PriceList::Pack
    stocks = StockFact.where.not(pack_cents: nil).where.not(pack_sheets: nil).to_h do |fact|
      [fact.stock, pack.new(fact.pack_cents, fact.pack_sheets, fact.uses)]
    end
    supplies = SupplyPrice.all.to_h { |price| [price.supply, pack.new(price.pack_cents, price.pack_amount)] }
    UpClose::Costing::PriceList.new(stocks: stocks, supplies: supplies)
  end
end
