# frozen_string_literal: true

# How deep a mark is etched, in which bath, and what a strip test said.
class Baths < ActiveRecord::Migration[7.2]
  def change
    add_column :marks, :etching, :json, null: false, default: {}
  end
end
