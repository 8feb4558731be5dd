# frozen_string_literal: true

# A job's own name in the world: a bundle that is read twice is one job.
class JobUid < ActiveRecord::Migration[7.2]
  def change
    add_column :jobs, :uid, :string
    add_index :jobs, :uid, unique: true
  end
end
