# frozen_string_literal: true

# Copies of one mark or several where they have been laid, on sheets of the drawer and fresh ones.
class Layout < ApplicationRecord
  HEADING = UpClose::Printing::Margins::HEADING

  attribute :sheets, ListOfValues.new(UpClose::Sheets::LaidSheet)

  has_many :layout_marks, -> { order(:id) }, inverse_of: :layout, dependent: :delete_all
  has_many :marks, -> { order("layout_marks.id") }, through: :layout_marks

  # @param marks [Array<Mark>]  @param sheets [Array<UpClose::Sheets::LaidSheet>]
  def self.lay!(marks, sheets, allowances)
    create!(sheets: sheets, rules: allowances.to_h).tap do |layout|
      marks.each { |mark| layout.layout_marks.create!(mark: mark, outline_key: mark.outline_key) }
    end
  end

  # @param sheet [UpClose::Sheets::LaidSheet]  @param allowances [UpClose::Sheets::Allowances]
  # @param more [Array] rings that are taken besides what is gone
  # @return [UpClose::Sheets::Nesting::Blank]
  def self.blank(sheet, allowances, id: nil, more: [])
    gone = sheet.fresh? ? UpClose::Sheets::Nesting::Blank.fresh(sheet.paper, allowances).used : sheet.used
    UpClose::Sheets::Nesting::Blank.new(
      id: id,
      width_mm: sheet.width_mm,
      height_mm: sheet.height_mm,
      used: gone + more
    )
  end

  # @return [UpClose::Sheets::Allowances]
  def allowances = UpClose::Sheets::Allowances.from_h(rules)

  # all its marks are still as large and as many
  # @param known [Mark, nil] one of them that is at hand
  def as_laid?(known = nil)
    layout_marks.all? do |laid|
      next laid.as_laid?(known) if laid.mark_id == known&.id
      Held.fetch([:as_laid, laid.id]) { laid.as_laid?(laid.mark) }
    end
  end

  # its only mark is not fetched anew where it is at hand
  # @return [Layout] self
  def knowing(mark)
    association(:marks).target = [mark] if layout_marks.map(&:mark_id) == [mark.id]
    self
  end

  def laid? = state == "laid"

  def printed? = state == "printed"

  # in rows, each copy trimmed to its box
  def boxed? = sheets.any?(&:boxed?)

  # parts of a mark larger than a sheet
  def tiled? = sheets.any? { |sheet| sheet.places.any?(&:tile?) }

  def several? = marks.size > 1

  def copies = sheets.sum { |sheet| sheet.places.size }

  def fresh = sheets.select(&:fresh?)

  def leftovers = sheets.reject(&:fresh?)

  # the drawer's own sheets, by number
  def drawer = @drawer ||= StockSheet.where(id: sheets.filter_map(&:sheet_id)).index_by(&:id)

  # @param sheet [UpClose::Sheets::LaidSheet]  @return [String] what it is called
  def name_of(sheet) = drawer[sheet.sheet_id]&.name || "a fresh sheet"

  # whose copy lies at a place
  # @param place [UpClose::Sheets::Placement]  @return [Mark]
  def mark_at(place) = marks.find { |mark| mark.id == place.mark } || marks.first

  # rings that a sheet of it no longer has, its heading's strip among them on a fresh one
  # @param sheet [UpClose::Sheets::LaidSheet]
  # @return [Array<Array<Array(Float, Float)>>]
  def gone_from(sheet) = Layout.blank(sheet, allowances).used

  # what a copy is called on the sheet: its number, with a letter for its mark when there are several
  # @param place [UpClose::Printing::NestedPack::Place]
  def label(place) = several? ? "#{letter(place.mark)}#{place.copy}" : place.copy.to_s

  # "A" for the first mark
  def letter(mark_id) = ("A".ord + marks.index { |mark| mark.id == mark_id }.to_i).chr

  # about a copy's middle
  def outline(mark) = (@outlines ||= {})[mark.id] ||= mark.cut_outline(in_rows: boxed?)

  # @return [Hash{Integer => UpClose::Printing::NestedPack::Kind}] by mark
  def kinds = marks.to_h { |mark| [mark.id, mark.sheet_kind(in_rows: boxed?)] }

  # each copy's lines to cut along, sheet by sheet
  # @return [Array<Array(UpClose::Printing::NestedPack::Place, Array<UpClose::Geometry::Path>)>]
  def cut_lines
    known = kinds
    to_core.map { |sheet| sheet.places.map { |place| [place, known.fetch(place.mark).cut.paths(place.map)] } }
  end

  # @return [UpClose::Printing::Heading]
  def heading
    return marks.first.heading unless several?
    UpClose::Printing::Heading.new(
      title: marks.map { |mark| "#{letter(mark.id)} #{mark.title}" }.join(", "),
      stock: marks.first.setting.stock
    )
  end

  # sheets that are no longer as they were when this was laid out
  # @return [Array<String>] what they are called
  def changed
    leftovers.filter_map do |laid|
      sheet = drawer[laid.sheet_id] or next "A sheet that is no longer there"
      sheet.name unless sheet.state == "here" && sheet.lock_version == laid.version
    end
  end

  # @return [Array<UpClose::Printing::NestedPack::Sheet>]
  def to_core
    sheets.map do |laid|
      sheet = drawer[laid.sheet_id]
      UpClose::Printing::NestedPack::Sheet.new(
        title: name_of(laid),
        width_mm: laid.width_mm,
        height_mm: laid.height_mm,
        fresh: sheet.nil?,
        carrier: sheet&.carrier,
        used: laid.used,
        places: laid.places.map { |kept| place(kept) }
      )
    end
  end

  # @param kept [UpClose::Sheets::Placement]
  # @return [UpClose::Printing::NestedPack::Place]
  def place(kept)
    UpClose::Printing::NestedPack::Place.new(
      kept.copy,
      kept.x,
      kept.y,
      kept.turn,
      mark_at(kept).id,
      several? ? letter(mark_at(kept).id) : nil
    )
  end
end
