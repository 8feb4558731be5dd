# frozen_string_literal: true

class RunNotes < ActiveRecord::Migration[7.2]
  def change
    # what was written down, or photographed, on the way: at, step, words, photo
    add_column :runs, :notes, :json, null: false, default: []
    # why it was begun although a rule refused it
    add_column :runs, :despite, :string
  end
end
