# frozen_string_literal: true

# A mark's and a school's method are named by its key.
class MethodKey < ActiveRecord::Migration[7.2]
  def change
    rename_column :marks, :way, :method_key
    rename_column :own_schools, :way, :method_key
  end
end
