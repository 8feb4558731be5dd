# frozen_string_literal: true

# One real sheet in the drawer.
class StockSheet < ApplicationRecord
  attribute :used, ListOfValues.new(UpClose::Sheets::UsedArea)

  # what is left of it, as kept beside it: its area, and the largest box that still fits. Frozen.
  Free = UpClose::Value.define(:area_mm2, :largest)

  before_save :keep_free, if: -> { free.nil? || used_changed? || width_mm_changed? || height_mm_changed? }

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

  # @return [Free] worked out when what is used of it changes
  def free_room
    kept = free || worked_out_free
    box = kept["largest"]&.then { |x, y, width, height|
      UpClose::Geometry::Box.new(x: x, y: y, width: width, height: height)
    }
    Free.new(kept["area_mm2"], box)
  end

  private

  def keep_free = self.free = worked_out_free

  def worked_out_free
    start = UpClose::Sheets::Allowances::START
    room = UpClose::Sheets::FreeRoom.new(to_core, gap_mm: start.gap, frame_mm: start.sides)
    {"area_mm2" => room.area_mm2, "largest" => room.largest&.to_a}
  end
end
