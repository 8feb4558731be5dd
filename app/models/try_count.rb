# frozen_string_literal: true

# How many tries came out how, by method, printer, stock and day: kept by the database itself, with each try that is
# written, changed or taken away.
class TryCount < ApplicationRecord
  scope :own, -> { where(elsewhere: false) }

  # @return [Hash{Array => Integer}] method, printer, stock, whether another shop's (0 or 1) and result → how many;
  #   nil where a printer or a stock is not known
  def self.tallies
    group(:method_key, :printer, :stock, :elsewhere, :result).sum(:count).filter_map { |key, count|
      method, printer, stock, elsewhere, result = key
      [[method, printer.presence, stock.presence, elsewhere ? 1 : 0, result], count] if count.positive?
    }.to_h
  end

  # counts them all anew
  def self.rebuild
    ApplicationRecord.change do
      delete_all
      connection.execute("INSERT INTO try_counts (method_key, printer, stock, elsewhere, result, day, count) " \
        "SELECT method_key, ifnull(printer, ''), ifnull(stock, ''), origin IS NOT NULL, result, " \
        "ifnull(CAST(julianday(date(made_at)) + 0.5 AS INTEGER), 0), count(*) FROM attempts " \
        "WHERE method_key IS NOT NULL GROUP BY 1, 2, 3, 4, 5, 6")
    end
  end
end
