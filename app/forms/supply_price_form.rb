# frozen_string_literal: true

module Forms
  # What a bottle or roll costs, and how much is in it.
  class SupplyPriceForm < Base
    private

    def read
      choice(:supply, UpClose::Costing.supplies.map(&:key))
      attempt(:pack_cents) { UpClose::Costing::Money.read(typed(:pack_cents), field: :pack_cents) }
      amount = Float(typed(:pack_amount).to_s.tr(",", "."), exception: false)
      if amount&.between?(0.01, 1e6)
        values[:pack_amount] = amount
      else
        errors[:pack_amount] = "How much is in it must be a number above 0."
      end
    end
  end
end
