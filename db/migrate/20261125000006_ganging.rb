# frozen_string_literal: true

class Ganging < ActiveRecord::Migration[7.2]
  def change
    # a layout may carry several marks; each with what it was laid out for
    create_table :layout_marks do |t|
      t.references :layout, null: false, foreign_key: true
      t.references :mark, null: false, foreign_key: true
      t.string :outline_key, null: false
      t.index %i[layout_id mark_id], unique: true
    end
    # gap, frame, leading edge and turns it was laid out by
    add_column :layouts, :rules, :json, null: false, default: {}
    # the same, as this mark wants them, and its own border
    add_column :marks, :laying, :json, null: false, default: {}
    reversible do |way|
      way.up do
        execute "INSERT INTO layout_marks (layout_id, mark_id, outline_key) SELECT id, mark_id, outline_key " \
          "FROM layouts"
      end
    end
    remove_reference :layouts, :mark, foreign_key: true
    remove_column :layouts, :outline_key, :string
  end
end
