# frozen_string_literal: true

class Printers < ActiveRecord::Migration[7.2]
  def change
    create_table :printers do |t|
      t.string :name, null: false
      t.string :kind, null: false
      # the key of a simulated one, which stands in for hardware
      t.string :simulated
      # which face of a sheet it prints on, as it lies in the tray: up, down, or not yet asked
      t.string :prints_face
      t.timestamps
    end

    create_table :calibrations do |t|
      t.references :printer, null: false, foreign_key: true
      t.json :figures, null: false
      t.string :way, null: false
      t.string :paper, null: false
      # a new cartridge or fuser ends it
      t.datetime :ended_at, precision: 6
      t.timestamps
    end
  end
end
