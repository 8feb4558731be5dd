# frozen_string_literal: true

# Which tip a mark is engraved, carved or burnt with, and how the grain runs.
class Tooling < ActiveRecord::Migration[7.2]
  def change
    add_column :marks, :tooling, :json, null: false, default: {}
  end
end
