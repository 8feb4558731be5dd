# frozen_string_literal: true

# What kind its artwork is, and what may show through it, where its maker has said.
class KindsOfArtwork < ActiveRecord::Migration[7.2]
  def change
    add_column :marks, :artwork_kind, :string
    add_column :marks, :show_through, :string
  end
end
