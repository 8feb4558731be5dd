# frozen_string_literal: true

# A strap as it was asked for, and where a piece's handle is.
class FindingThePlace < ActiveRecord::Migration[7.2]
  def change
    add_column :marks, :strap, :json, null: false, default: {}
    add_column :pieces, :handle, :json, null: false, default: {}
  end
end
