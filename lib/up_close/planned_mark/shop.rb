# frozen_string_literal: true

module UpClose
  class PlannedMark
    # What a shop knows that bears on any mark: its room, the most fumes it takes, copies its oven takes at once, what
    # an hour and its supplies cost, what is on record of every way (Record::Ways), what it has read of its limits
    # (Record::LimitBook), and the kinds of printer there are (nil: the mark's own).
    Shop = Value.define(
      :climate, :fumes, :tray, :hour_cents, :prices, :ways, :book, :printers, keyword_init: true
    ) do
      def initialize(climate: Timetable::Climate.new, fumes: "strong", tray: nil, hour_cents: 0,
        prices: Costing::PriceList.starting, ways: Record::Ways.new, book: Record::LimitBook::NONE,
        printers: nil) = super
    end
  end
end
