# frozen_string_literal: true

module UpClose
  module Supplies
    # One supply: its key, its title in running text, the unit it is counted in, and what a pack of it usually costs:
    # cents, and how many units are in it (starting values; nil where we know none). Frozen.
    Kind = Value.define(:key, :title, :unit, :cents, :amount) do
      # @param title [String]  @return [String] "cotton-swabs"
      def self.key_for(title) = title.downcase.gsub(/[^a-z0-9]+/, "-").delete_suffix("-")

      # @param title [String]  @param unit [String]  @param cents [Integer, nil]  @param amount [Numeric, nil]
      # @return [Kind] whose key is its title
      def self.of(title, unit, cents = nil, amount = nil) = new(key_for(title), title, unit, cents, amount)
    end
  end
end
