# frozen_string_literal: true

# What a spoilt try and a moved copy were before, so that one press takes them back; and from when on a mark is planned.
class UndoAndNotBefore < ActiveRecord::Migration[7.2]
  def change
    add_column :runs, :before_spoilt, :json
    add_column :layouts, :earlier, :json, null: false, default: []
    add_column :marks, :not_before, :datetime
  end
end
