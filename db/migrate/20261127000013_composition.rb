# frozen_string_literal: true

# Several marks on one piece: the order they are applied in, which are bound as one transfer, and the piece's direction.
class Composition < ActiveRecord::Migration[7.2]
  def change
    add_column :marks, :layer, :integer
    add_column :marks, :bound_to, :integer
    add_column :marks, :binds, :boolean, null: false, default: false
    add_column :pieces, :direction, :json, null: false, default: {}
  end
end
