# frozen_string_literal: true

# The line a mark is cut out along, and what stands at a piece's edge.
class Cutting < ActiveRecord::Migration[7.2]
  def change
    add_column :marks, :cutting_kept, :json, null: false, default: {}
    add_column :pieces, :edge, :string, null: false, default: "open"
  end
end
