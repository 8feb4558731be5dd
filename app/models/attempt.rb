# frozen_string_literal: true

# One mark tried once: good, usable or spoilt.
class Attempt < ApplicationRecord
  belongs_to :mark
  belongs_to :run, optional: true

  before_create { self.piece ||= mark.pieces_wanting.first || 1 }

  # @return [Array(Integer, Integer)] good or usable ones, and all that were tried, by one way of doing it
  def self.record_of(method_key, printer, stock) = records[[method_key, printer, stock]]

  # the same of every way on record, asked for at once: a page wants several
  # @return [Hash{Array(String, String, String) => Array(Integer, Integer)}]
  def self.records
    found = joins(:mark).group("marks.method_key", "marks.printer", "marks.stock", :result).count
    found.each_with_object(Hash.new([0, 0].freeze)) do |((method_key, printer, stock, result), count), all|
      good = (result == "spoilt") ? 0 : count
      key = [method_key, printer, stock]
      all[key] = all[key].zip([good, count]).map(&:sum)
    end
  end
end
