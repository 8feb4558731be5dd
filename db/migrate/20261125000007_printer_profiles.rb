# frozen_string_literal: true

class PrinterProfiles < ActiveRecord::Migration[7.2]
  def change
    add_column :printers, :dpi, :integer, null: false, default: 600
    # mm it cannot print on, by side: left, right, top (fed first), bottom
    add_column :printers, :margins_mm, :json, null: false, default: {}
    # each with its name and the face it prints on, as a sheet lies in it: up, down, or not yet asked
    add_column :printers, :trays, :json, null: false, default: []
    # a print queue of this machine
    add_column :printers, :queue, :string

    # what a stock costs this shop, and where it is bought
    create_table :stock_facts do |t|
      t.string :stock, null: false, index: {unique: true}
      t.integer :pack_cents
      t.integer :pack_sheets
      t.integer :uses
      t.string :supplier, null: false, default: ""
      t.timestamps
    end
  end
end
