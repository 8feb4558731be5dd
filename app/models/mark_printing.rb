# frozen_string_literal: true

# How a mark goes to paper: pages in rows, tiles or laid out freely, outlines to cut along, and what
# its printer does to them.
class MarkPrinting
  delegate :pack, :print_pack, :pack_to_print, :sheet_kind, :heading, to: :pages

  # @param mark [Mark] with artwork, size and method
  def initialize(mark)
    @mark = mark
  end

  # sheets in the drawer that suit its stock and printer
  # @return [ActiveRecord::Relation]
  def suiting_sheets = StockSheet.suiting(@mark.setting.stock.key, @mark.printer)

  # the lines to cut along, sheet by sheet, each copy by its number
  # @return [Array<Hash{String => Array<UpClose::Geometry::Path>}>]
  def cut_lines
    laid = layout unless tiled?
    laid ? sheet_lines.laid(laid) : sheet_lines.in_rows
  end

  # about the middle of the ink, as it lies on the sheet
  def cut_outline(in_rows: false) = (in_rows ? cutting.in_rows : cutting.cut).outline

  # @return [MarkCutting]
  def cutting = @cutting ||= MarkCutting.new(@mark)

  # names everything that a layout of it depends on
  def outline_key
    parts = [cut_outline, @mark.copies_wanted, @mark.paper, @mark.stock, @mark.printer]
    parts << @mark.laying["overlap_mm"] if tiled?
    Digest::SHA256.hexdigest(parts.to_json)[0, 20]
  end

  # what can be done when it does not fit on its paper in rows
  # @param on [String] a key of Printing::Paper
  # @return [UpClose::Sheets::TooLarge]
  def too_large(on: @mark.paper)
    UpClose::Sheets::TooLarge.new(
      paper: UpClose::Printing::Paper.fetch(on),
      allowances: allowances,
      unprintable: unprintable,
      width_mm: printed.width_mm,
      aspect: printed.ink.aspect,
      border_mm: border_mm,
      outline: cut_outline
    )
  end

  # larger than a sheet, and printed in parts
  def tiled? = @mark.laying["tiles"] == true

  # paper that is laid face down is trimmed to a box that registers
  def boxed? = @mark.method_core.passages(@mark.schools).any?(&:turned?)

  # @return [UpClose::Sheets::Allowances]
  def allowances = UpClose::Sheets::Allowances.from_h(@mark.laying)

  # the printer it goes to, when one is known
  # @return [Printer, nil]
  def own_printer = @own_printer ||= Printer.for(@mark.printer)

  # margins its printer cannot reach
  # @return [Hash{Symbol => Float}]
  def unprintable = own_printer&.margins_core || {}

  # ink that is still wet when it leaves the printer
  def wet? = @mark.printer == "inkjet"

  # whether rollers would run over wet copies that stand in rows
  def rows_under_rollers?
    faults = own_printer&.faults if wet? && !tiled?
    return false unless faults
    outlines = sheet_lines.in_rows.map { |sheet| MarkSheetLines.outlines(sheet) }
    !!faults.track_finding(outlines.reduce({}, :merge), wet: true)&.watch?
  end

  # what is known of its printer, told of the copies as they lie on each sheet
  # @return [Array<UpClose::Finding>]
  def fault_findings
    faults = own_printer&.faults or return []
    outlines = cut_lines.map { |sheet| MarkSheetLines.outlines(sheet) }
    [faults.track_finding(outlines.reduce({}, :merge), wet: wet?), faults.ghost_finding(outlines.first || {})].compact
  end

  private

  def printed = @mark.printed

  def layout = @mark.layout

  def border_mm = @mark.setting.border_mm

  def pages = MarkPack.new(@mark, self)

  def sheet_lines = MarkSheetLines.new(self)
end
