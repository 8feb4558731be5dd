# frozen_string_literal: true

class Use < ActiveRecord::Migration[7.2]
  def change
    # how it will be used: keys of UpClose::Suitability::USES
    add_column :pieces, :uses, :json, null: false, default: []
  end
end
