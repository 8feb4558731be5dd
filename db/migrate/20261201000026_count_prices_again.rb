# frozen_string_literal: true

# Changes of prices were no longer counted since their table was made anew with keys: what is kept by that count, as a
# price list, would not have been told of them.
class CountPricesAgain < ActiveRecord::Migration[7.2]
  VERBS = %w[insert update delete].freeze

  def up
    VERBS.each do |verb|
      execute "CREATE TRIGGER IF NOT EXISTS supply_prices_#{verb}_counted AFTER #{verb.upcase} " \
        "ON supply_prices BEGIN UPDATE change_counts SET count = count + 1 WHERE name = 'supply_prices'; END"
    end
  end

  def down
    VERBS.each { |verb| execute "DROP TRIGGER IF EXISTS supply_prices_#{verb}_counted" }
  end
end
