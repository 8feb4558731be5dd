# frozen_string_literal: true

# One real sheet in the drawer.
class StockSheet < ApplicationRecord
  ROOMS = Shelves::LruCache.new(most: 200)

  attribute :used, ListOfValues.new(UpClose::Sheets::UsedArea)

  scope :here, -> { where(state: "here").order(:stock, :printer, :id) }
  scope :suiting, ->(stock, printer) { here.where(stock: stock, printer: printer) }

  # the next free name for a sheet of this stock
  def self.next_name(stock)
    short = UpClose::Sheets::Stock.fetch(stock).short
    number = where(stock: stock)
      .pluck(:name)
      .filter_map { |name| name[/\A#{Regexp.escape(short)} (\d+)\z/, 1]&.to_i }
      .max
      .to_i + 1
    "#{short} #{number}"
  end

  def stock_core = UpClose::Sheets::Stock.fetch(stock)

  # what it is taped onto to feed
  # @return [UpClose::Printing::Carrier, nil]
  def carrier
    if stock_core.carrier? || UpClose::Printing::Carrier.wanted?(width_mm, height_mm)
      UpClose::Printing::Carrier.for(width_mm, height_mm)
    end
  end

  def rings = used.map(&:ring)

  # @return [UpClose::Sheets::Nesting::Blank]
  def to_core = UpClose::Sheets::Nesting::Blank.new(id: id.to_s, width_mm: width_mm, height_mm: height_mm, used: rings)

  # @return [UpClose::Sheets::FreeRoom]
  def free_room
    ROOMS.fetch([width_mm, height_mm, rings].to_json) do
      UpClose::Sheets::FreeRoom.new(
        to_core,
        gap_mm: UpClose::Sheets::Allowances::START.gap,
        frame_mm: UpClose::Sheets::Allowances::START.sides
      ).tap do |room|
        [room.area_mm2, room.largest]
      end
    end
  end
end
