# frozen_string_literal: true

module Presenters
  # A sheet of the drawer, drawn in millimetres: what is gone, what still fits.
  class DrawnSheet
    attr_reader :sheet

    def initialize(sheet, writer:)
      @sheet, @writer = sheet, writer
    end

    def view_box = "-1 -1 #{(sheet.width_mm + 2).round(2)} #{(sheet.height_mm + 2).round(2)}"

    # @return [Array<Array(String, String)>] points, and what took them
    def gone
      sheet.used.map { |area| [area.ring.map { |x, y| "#{x.round(2)},#{y.round(2)}" }.join(" "), area.words] }
    end

    def largest = sheet.free_room.largest

    # "312 cm² left, largest 194.0 × 106.0"
    def words
      "#{(sheet.free_room.area_mm2 / 100).round} cm² left, " \
      "#{largest ? "at most #{@writer.pair(largest.width, largest.height)}" : "too little to use"}"
    end

    def alt = "#{sheet.name}, #{@writer.pair(sheet.width_mm, sheet.height_mm)}: #{words}"
  end
end
