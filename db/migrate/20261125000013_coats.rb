# frozen_string_literal: true

class Coats < ActiveRecord::Migration[7.2]
  def change
    # the maker's own number of coats; none: as the sealer has it
    add_column :marks, :coats, :integer
  end
end
