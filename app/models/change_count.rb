# frozen_string_literal: true

# How often the rows of a table were changed: kept by the database itself, so that whatever is worked out from a table
# knows whether it is still true.
class ChangeCount < ApplicationRecord
  self.primary_key = "name"

  # @param tables [Array<String>]
  # @return [Array<Integer>]
  def self.of(*tables) = counts.values_at(*tables)

  # of the whole shop
  # @return [Hash{String => Integer}]
  def self.counts = Held.fetch(:change_counts) { order(:name).pluck(:name, :count).to_h }
end
