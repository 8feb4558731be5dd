# frozen_string_literal: true

class Passes < ActiveRecord::Migration[7.2]
  def change
    # strokes counted at the bench, by step
    add_column :runs, :passes, :json, null: false, default: {}
  end
end
