# frozen_string_literal: true

# What a kind of stock costs this shop, how often a wiped sheet serves, and where it comes from.
class StockFact < ApplicationRecord
  # @return [StockFact] a new one when nothing has been said
  def self.of(key) = find_or_initialize_by(stock: key)
end
