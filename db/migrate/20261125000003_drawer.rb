# frozen_string_literal: true

# Part-used sheets, and what is laid on them.
class Drawer < ActiveRecord::Migration[7.2]
  def change
    create_sheets
    create_layouts
  end

  private

  def create_sheets
    create_table :stock_sheets do |t|
      t.string :name, null: false
      t.string :stock, null: false
      t.string :printer, null: false
      t.float :width_mm, null: false
      t.float :height_mm, null: false
      # what is gone: rings in mm from its top left, what took them, and the layout that did
      t.json :used, null: false, default: []
      t.integer :wiped, null: false, default: 0
      t.string :kept, null: false, default: ""
      t.string :state, null: false, default: "here"
      t.integer :lock_version, null: false, default: 0
      t.timestamps
    end
  end

  def create_layouts
    create_table :layouts do |t|
      t.references :mark, null: false, foreign_key: true
      t.json :sheets, null: false
      # what it was laid out for: another size or number needs another layout
      t.string :outline_key, null: false
      t.string :state, null: false, default: "laid"
      t.datetime :printed_at, precision: 6
      t.timestamps
    end
  end
end
