# frozen_string_literal: true

# What was done, and each row before and after, kept a year so that it can be taken back; printers that are put away.
class History < ActiveRecord::Migration[7.2]
  def change
    create_entries
    create_rows
    # one row, set while an entry is written to
    create_table :history_now do |t|
      t.bigint :entry_id
    end
    add_column :printers, :archived_at, :datetime
    up_only { execute "INSERT INTO history_now (id, entry_id) VALUES (1, NULL)" }
  end

  private

  def create_entries
    create_table :history_entries do |t|
      t.string :title, null: false, default: ""
      t.string :by
      t.datetime :made_at, null: false, index: true
      t.datetime :undone_at
      # the entry that this one took back
      t.bigint :undoes_id, index: true
    end
  end

  def create_rows
    create_table :history_rows do |t|
      t.bigint :entry_id, null: false, index: true
      t.string :of, null: false
      t.bigint :row, null: false
      t.string :verb, null: false
      # JSON of columns and values; of an update those alone that changed
      t.text :before
      t.text :after
      t.index [:of, :row]
    end
  end
end
