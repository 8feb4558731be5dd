# frozen_string_literal: true

# A mark's copies where they have been laid, on sheets of the drawer and fresh
# ones: +sheets+ holds for each its sheet's number and version (none for a fresh
# one), its size, and where the copies lie.
class Layout < ApplicationRecord
  GAP = UpClose::Printing::Margins::GAP
  FRAME = UpClose::Printing::Margins::FRAME
  HEADING = UpClose::Printing::Margins::HEADING

  belongs_to :mark

  def laid? = state == "laid"

  def printed? = state == "printed"

  # in rows, each copy trimmed to its box
  def boxed? = sheets.any? { |s| s["boxed"] }

  def copies = sheets.sum { |s| s["places"].size }

  def fresh = sheets.reject { |s| s["sheet_id"] }

  def leftovers = sheets.select { |s| s["sheet_id"] }

  # the drawer's own sheets, by number
  def drawer = @drawer ||= StockSheet.where(id: sheets.filter_map { |s| s["sheet_id"] }).index_by(&:id)

  # sheets that are no longer as they were when this was laid out
  # @return [Array<String>] what they are called
  def changed
    leftovers.filter_map do |s|
      sheet = drawer[s["sheet_id"]] or next "A sheet that is no longer there"
      sheet.name unless sheet.state == "here" && sheet.lock_version == s["version"]
    end
  end

  # @return [Array<UpClose::Printing::NestedPack::Sheet>]
  def to_core
    sheets.map do |s|
      sheet = drawer[s["sheet_id"]]
      UpClose::Printing::NestedPack::Sheet.new(title: sheet ? sheet.name : "a fresh sheet", width_mm: s["width_mm"], height_mm: s["height_mm"], fresh: sheet.nil?,
        used: s["used"], places: s["places"].map { |p| UpClose::Printing::NestedPack::Place.new(p["copy"], p["x"], p["y"], p["turn"]) })
    end
  end
end
