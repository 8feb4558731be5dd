# frozen_string_literal: true

# What the whole shop knows that bears on any mark, read once for one page or one plan.
module ShopFacts
  module_function

  # @return [UpClose::PlannedMark::Shop]
  def now = Held.fetch(:shop) { read }

  def read
    time = ShopTime.current
    UpClose::PlannedMark::Shop.new(
      climate: time.climate, tray: time["oven"], fumes: Preference.get("fumes"),
      hour_cents: Preference.get("hour_cents").to_i, prices: ShopPrices.list, ways: ShopLimits.ways,
      book: ShopLimits.book
    )
  end
end
