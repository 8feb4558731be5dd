# frozen_string_literal: true

# A mark that is laid stays where it is; from when on it may be moved all the same, for a while.
class LockedMarks < ActiveRecord::Migration[7.2]
  def change
    add_column :marks, :unlocked_at, :datetime
  end
end
