# frozen_string_literal: true

# A board can be put away, and brought back.
class BoardsPutAway < ActiveRecord::Migration[7.2]
  def change
    add_column :boards, :archived_at, :datetime, precision: 6
  end
end
