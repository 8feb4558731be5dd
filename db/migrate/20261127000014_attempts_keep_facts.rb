# frozen_string_literal: true

# What is kept with every attempt: how it was made, on what, in what room, how its steps went, where it failed. It stays
# as it was when the mark is made in another way later; what another shop noted has no mark here.
class AttemptsKeepFacts < ActiveRecord::Migration[7.2]
  TEXTS = %i[
    method_key printer printer_name cartridge stock sheet batch purpose material finish sealer photo cause origin
  ].freeze
  FLOATS = %i[width_mm height_mm temperature_c humidity late_part].freeze
  INTEGERS = %i[own_school_id grit coats nth lot].freeze
  LISTS = {schools: {}, times: [], passes: {}, places: [], answers: {}, seen: {}, given: {}}.freeze

  def up
    TEXTS.each { |name| add_column :attempts, name, :string }
    FLOATS.each { |name| add_column :attempts, name, :float }
    INTEGERS.each { |name| add_column :attempts, name, :integer }
    LISTS.each { |name, empty| add_column :attempts, name, :json, null: false, default: empty }
    add_column :attempts, :made_at, :datetime
    change_column_null :attempts, :mark_id, true
    add_column :stock_facts, :batch, :string
    add_column :printers, :cartridge, :string
    add_column :printers, :changed_at, :datetime
    fill
    add_index :attempts, :made_at
    add_index :attempts, %i[method_key made_at]
    add_index :attempts, %i[method_key printer stock result]
  end

  def down
    remove_index :attempts, %i[method_key printer stock result]
    remove_index :attempts, %i[method_key made_at]
    remove_index :attempts, :made_at
    remove_column :stock_facts, :batch
    remove_column :printers, :cartridge
    remove_column :printers, :changed_at
    execute "DELETE FROM attempts WHERE mark_id IS NULL"
    change_column_null :attempts, :mark_id, false
    [*TEXTS, *FLOATS, *INTEGERS, *LISTS.keys, :made_at].each { |name| remove_column :attempts, name }
  end

  private

  # of what their marks say now
  def fill
    execute <<~SQL
      UPDATE attempts SET made_at = attempts.created_at,
        (method_key, printer, stock, purpose, sealer, width_mm, material, finish, grit) =
        (SELECT m.method_key, m.printer, m.stock, m.purpose, m.sealer, m.width_mm, p.material, p.finish, p.grit
           FROM marks m JOIN pieces p ON p.id = m.piece_id WHERE m.id = attempts.mark_id)
    SQL
  end
end
