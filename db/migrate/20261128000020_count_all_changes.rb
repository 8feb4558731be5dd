# frozen_string_literal: true

# Changes of every table that a plan is laid from are counted, whatever changes them.
class CountAllChanges < ActiveRecord::Migration[7.2]
  TABLES = %w[
    artworks boards calibrations jobs layout_marks layouts marks own_schools pieces preferences school_changes
    stock_facts stock_sheets supply_prices
  ].freeze

  def up
    TABLES.each do |table|
      execute "INSERT INTO change_counts (name, count) VALUES ('#{table}', 1)"
      %w[insert update delete].each do |verb|
        execute "CREATE TRIGGER #{table}_#{verb}_counted AFTER #{verb.upcase} ON #{table} BEGIN " \
          "UPDATE change_counts SET count = count + 1 WHERE name = '#{table}'; END"
      end
    end
  end

  def down
    TABLES.each do |table|
      %w[insert update delete].each { |verb| execute "DROP TRIGGER #{table}_#{verb}_counted" }
      execute "DELETE FROM change_counts WHERE name = '#{table}'"
    end
  end
end
