# frozen_string_literal: true

# Coupons that were made, and what was read of them.
class Coupons < ActiveRecord::Migration[7.2]
  def change
    create_table :coupons do |t|
      t.references :mark
      t.string :kind, null: false
      t.string :method_key, null: false
      t.string :printer, null: false
      t.string :printer_name
      t.string :cartridge
      t.string :stock
      t.string :material
      t.json :plan
      t.json :shares, null: false, default: {}
      t.json :readings, null: false, default: {}
      t.json :best
      t.string :photo
      t.string :read_by
      t.datetime :read_at
      t.timestamps
      t.index %i[method_key printer read_at]
    end
  end
end
