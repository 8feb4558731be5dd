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
end
