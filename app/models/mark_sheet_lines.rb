# frozen_string_literal: true

# The lines to cut along, sheet by sheet: the sheet's own edge, and each copy by its number.
class MarkSheetLines
  SHEET, COPY = "SHEET", "COPY "

  # @param sheet [Hash{String => Array<UpClose::Geometry::Path>}]
  # @return [Hash{String => Array<UpClose::Geometry::Point>}] outlines of the copies, by number
  def self.outlines(sheet)
    sheet.except(SHEET).to_h { |name, paths| [name.delete_prefix(COPY), paths.first.flatten(0.1).first.first] }
  end

  # @param printing [MarkPrinting]
  def initialize(printing)
    @printing = printing
  end

  # @return [Array<Hash{String => Array<UpClose::Geometry::Path>}>] copies in rows
  def in_rows
    pack = @printing.pack
    paper = pack.paper
    outline = @printing.cutting.in_rows
    pack.cells.group_by(&:sheet).values.map do |cells|
      copies = cells.to_h { |cell| [COPY + cell.copy.to_s, outline.paths(move(*cell.box.centre.to_a))] }
      sheet_line(paper.width_mm, paper.height_mm).merge(copies)
    end
  end

  # @param layout [Layout]
  # @return [Array<Hash{String => Array<UpClose::Geometry::Path>}>] copies laid out freely
  def laid(layout)
    layout.cut_lines.zip(layout.to_core).map do |lines, sheet|
      copies = lines.to_h { |place, paths| [COPY + layout.label(place).to_s, paths] }
      sheet_line(sheet.width_mm, sheet.height_mm).merge(copies)
    end
  end

  private

  def move(x, y) = UpClose::Geometry::Transform.move(x, y)

  def sheet_line(width, height)
    box = UpClose::Geometry::Box.new(x: 0, y: 0, width: width, height: height)
    {SHEET => [UpClose::Geometry::Path.polygon(box.corners)]}
  end
end
