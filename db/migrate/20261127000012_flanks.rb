# frozen_string_literal: true

# Two flanks of one body: which a mark lies on, whose mirror it is; and what both sides agree on.
class Flanks < ActiveRecord::Migration[7.2]
  def change
    add_column :marks, :flank, :string
    add_column :marks, :mirror_of, :integer
    add_column :pieces, :features, :json, null: false, default: []
  end
end
