# frozen_string_literal: true

class WidenMarks < ActiveRecord::Migration[7.2]
  def change
    # steps of preparing, in order; and the ink they leave, kept so that pages need not prepare again
    add_column :marks, :recipe, :json, null: false, default: []
    add_column :marks, :earlier_recipes, :json, null: false, default: []
    add_column :marks, :prepared, :json
    # the worst of the checks, for the job card's row
    add_column :marks, :checked, :json
    add_column :marks, :repeats, :json, null: false, default: {}

    add_column :pieces, :outline, :json
    add_column :pieces, :keep_outs, :json, null: false, default: []
    add_column :pieces, :photo, :json

    # how a lettering is set: spacing, arc, outline stroke
    add_column :artworks, :setting, :json, null: false, default: {}
    add_column :artworks, :members, :json
  end
end
