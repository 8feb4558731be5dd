# frozen_string_literal: true

class Despite < ActiveRecord::Migration[7.2]
  def change
    # the maker's reason for going on past stops, which of them, and when
    add_column :marks, :despite, :json, null: false, default: {}
  end
end
