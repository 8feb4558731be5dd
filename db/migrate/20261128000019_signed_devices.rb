# frozen_string_literal: true

# Devices that were let in from the network.
class SignedDevices < ActiveRecord::Migration[7.2]
  def change
    create_table :signed_devices do |t|
      t.string :name, null: false
      t.string :role, null: false
      t.string :token_hash, null: false, index: {unique: true}
      t.datetime :signed_in_at, null: false
      t.datetime :seen_at, null: false
      t.datetime :shut_out_at
    end
  end
end
