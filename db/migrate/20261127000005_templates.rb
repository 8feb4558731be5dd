# frozen_string_literal: true

# How a mark's template is cut: of what, as what, folded how, bridges moved by hand.
class Templates < ActiveRecord::Migration[7.2]
  def change
    add_column :marks, :template, :json, null: false, default: {}
  end
end
