# frozen_string_literal: true

# Sheets that marks have been cut from, wherever they lay.
module PartUsed
  SHEETS = 4
  GONE = [0.16, 0.22, 0.28, 0.33].freeze
  SIDES = (18..46)

  module_function

  # @return [Array<Array<Array(Float, Float, Float, Float)>>] for each sheet, boxes gone: x, y, width, height
  def here_and_there(sheet, chance: UpClose::Sheets::Nesting::Chance.new(3))
    GONE.map do |share|
      gone = []
      1000.times do
        break if gone.sum { |_, _, w, h| w * h } >= share * sheet.width_mm * sheet.height_mm
        w, h = Array.new(2) { SIDES.begin + chance.share * (SIDES.end - SIDES.begin) }
        x, y = chance.share * (sheet.width_mm - w), chance.share * (sheet.height_mm - h)
        gone << [x, y, w, h] if gone.none? { |a, b, c, d| x < a + c && a < x + w && y < b + d && b < y + h }
      end
      gone
    end
  end

  def ring(x, y, width, height) = [[x, y], [x + width, y], [x + width, y + height], [x, y + height]]
end
