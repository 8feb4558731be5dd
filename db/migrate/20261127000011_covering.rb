# frozen_string_literal: true

# How a mark covers its piece; nothing while it does not.
class Covering < ActiveRecord::Migration[7.2]
  def change
    add_column :marks, :cover, :json
  end
end
