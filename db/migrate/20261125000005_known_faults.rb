# frozen_string_literal: true

class KnownFaults < ActiveRecord::Migration[7.2]
  def change
    # where its rollers run, mm from the left; and how far down an image comes again, faintly
    add_column :printers, :rollers_mm, :json, null: false, default: []
    add_column :printers, :ghost_mm, :float
  end
end
