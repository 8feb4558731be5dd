# frozen_string_literal: true

# Printers found out by their crosses, what is undone, and what is left of a scanned sheet.
module Bench
  a4 = UpClose::Printing::Paper.fetch("a4")
  crosses = UpClose::Printing::Calibrating::CrossPage.new(a4)
  types = {paths: Shelves::PrintTypes.paths}
  measure = lambda do |key, page, turn|
    device = Devices::Simulated::Printer.fetch(key)
    sheet = device.print(
      UpClose::Formats::PDF::Writer.new([page], fonts: types[:paths], title: "b").call,
      width_mm: 210,
      height_mm: 297
    )
    scan = Devices::Simulated::Scanner.new.scan(sheet, sheet_dpi: device.dpi, turn_deg: turn)
    UpClose::Printing::Calibrating::Scan.read(scan, dpi: 300, page: crosses).calibration
  end
  Devices::Simulated::Printer::ALL.each_key do |key|
    hidden = Devices::Simulated::Printer.fetch(key).faults
    found = [-3.0, 0.0, 1.7, 3.0].map { |turn| measure.call(key, crosses.page, turn) }
    scale = found.flat_map { |f| [f.x_scale / hidden.x_scale - 1, f.y_scale / hidden.y_scale - 1] }.map(&:abs).max
    skew = found.map { |f| (f.skew_deg - hidden.skew_deg).abs }.max
    report(
      "#{key}: hidden scale and skew, scans turned up to 3°",
      format("within %.4f %% and %.4f°", scale * 100, skew),
      "0.02 % and 0.02°"
    )
    off = found.map { |f| f.offset ? (f.offset - UpClose::Geometry::Point[*hidden.offset_mm]).length : Float::INFINITY }
      .max
    report("#{key}: hidden offset on the paper", format("within %.3f mm", off), "–")
    second = measure.call(key, crosses.page.drawn_by(found.first.undo(a4)), 0.8)
    report(
      "#{key}: after compensation, over 200 mm",
      format("%.3f mm off", [second.x_scale, second.y_scale].map { |s| (s - 1).abs * 200 }.max),
      "within 0.05 mm"
    )
  end
  art = UpClose::Artwork::Lettering.new(Shelves::FontShelf.fetch("dancing-script-bold"), "Pellow Ness Light").drawing
  pack = UpClose::Printing::Pack.new(
    artwork: art,
    ink: art.ink,
    width_mm: 13.0,
    mirrored: false,
    copies: 200,
    paper: a4,
    border_mm: 0.5,
    heading: UpClose::Printing::Heading.new(title: "b", stock: UpClose::Sheets::Stock.fetch("clear-film"))
  )
  took = seconds do
    pack.pages.each { |page| UpClose::Formats::PDF::Writer.new([page], fonts: types[:paths], title: "b").call }
  end
  report(
    "a sheet of #{pack.cells.count { |c| c.sheet == 1 }} vector marks as PDF",
    format("%.2f s", took),
    "under 1.5 s"
  )
end
