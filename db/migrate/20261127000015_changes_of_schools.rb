# frozen_string_literal: true

# What was changed in a school of the shop's own after something went wrong, so that its effect can be followed.
class ChangesOfSchools < ActiveRecord::Migration[7.2]
  def change
    create_table :school_changes do |t|
      t.string :method_key, null: false
      t.references :own_school
      t.references :attempt
      t.string :cause, null: false
      t.string :step
      t.string :words, null: false
      t.datetime :made_at, null: false
      t.timestamps
      t.index %i[method_key made_at]
    end
  end
end
