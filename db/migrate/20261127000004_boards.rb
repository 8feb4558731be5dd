# frozen_string_literal: true

# A circuit board: its files as they were brought, what each is for, and how it is made.
class Boards < ActiveRecord::Migration[7.2]
  def change
    create_table :boards do |t|
      t.references :job, null: false, foreign_key: true
      t.string :name, null: false
      # name, original, kind and side of each file
      t.json :files, null: false
      t.json :layout, null: false, default: {}
      t.string :method_key, null: false, default: "heat-resist"
      t.float :depth_mm, null: false, default: 0.035
      # side → mark
      t.json :made, null: false, default: {}
      t.integer :lock_version, null: false, default: 0
      t.timestamps
    end
  end
end
