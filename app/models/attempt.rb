# frozen_string_literal: true

# One mark tried once: good, usable or spoilt.
class Attempt < ApplicationRecord
  belongs_to :mark
  belongs_to :run, optional: true

  # @return [Array(Integer, Integer)] good or usable ones, and all that were tried, by one way of doing it
  def self.record_of(way, printer, stock)
    joins(:mark).where(marks: {way: way, printer: printer, stock: stock}).pluck(:result).then do |results|
      [results.count { |r| r != "spoilt" }, results.size]
    end
  end

  # the same of every way on record
  # @return [Hash{Array(String, String, String) => Array(Integer, Integer)}]
  def self.records
    joins(:mark).group("marks.way", "marks.printer", "marks.stock", :result).count
      .each_with_object(Hash.new { |all, key| all[key] = [0, 0] }) do |((way, printer, stock, result), count), all|
        all[[way, printer, stock]] = all[[way, printer, stock]]
          .zip([(result == "spoilt") ? 0 : count, count])
          .map(&:sum)
      end
  end
end
