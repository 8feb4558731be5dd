# frozen_string_literal: true

# Forms that made something, by what was sent: a second press of the same finds that it is done.
class SentForms < ActiveRecord::Migration[7.2]
  def change
    create_table :sent_forms, id: false do |t|
      t.string :key, null: false, primary_key: true
      t.datetime :made_at, null: false, index: true
    end
  end
end
