# frozen_string_literal: true

class SupplyPrices < ActiveRecord::Migration[7.2]
  def change
    # what a bottle, roll or can costs, and how much is in it
    create_table :supply_prices do |t|
      t.string :title, null: false, index: {unique: true}
      t.integer :pack_cents, null: false
      t.float :pack_amount, null: false
      t.timestamps
    end
  end
end
