# frozen_string_literal: true

# Columns called what they are: when something was archived, and why a stop was gone past.
class PlainerColumns < ActiveRecord::Migration[7.2]
  def change
    rename_column :jobs, :put_away_at, :archived_at
    rename_column :marks, :put_away_at, :archived_at
    rename_column :marks, :despite, :override
    rename_column :runs, :despite, :override_reason
  end
end
