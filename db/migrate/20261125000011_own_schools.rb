# frozen_string_literal: true

class OwnSchools < ActiveRecord::Migration[7.2]
  def change
    # a way of one's own: a method's steps, changed and named
    create_table :own_schools do |t|
      t.string :way, null: false
      t.string :title, null: false
      t.json :steps, null: false
      t.timestamps
      t.index %i[way title], unique: true
    end
  end
end
