# frozen_string_literal: true

# Sizes in finished files, measured by pdftocairo at 1200 dpi.
require_relative "../spec/support/measuring"

module Bench
  extend Measuring

  svg =
    '<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 100 50"><rect x="10" y="10" width="76" height="20"/>' \
    '<circle cx="48" cy="35" r="8"/></svg>'
  heading = UpClose::Printing::Heading.new(title: "bench", stock: UpClose::Sheets::Stock.fetch("clear-film"))
  build = lambda do |artwork, width|
    UpClose::Printing::Pack.new(
      artwork: artwork,
      ink: artwork.ink,
      width_mm: width,
      mirrored: false,
      copies: 1,
      paper: UpClose::Printing::Paper.fetch("a4"),
      border_mm: 3.0,
      heading: heading
    )
  end
  rendered =
    ->(pack) { render_pdf(UpClose::Formats::PDF::Writer.new(pack.pages, fonts: types[:paths], title: "t").call) }

  pack = build.call(UpClose::Artwork::Opening.call(svg), 38.0)
  page = rendered.call(pack)
  bars = pack.bars.map do |bar|
    ink_found(page, area(bar.box), dpi: 1200, around: 0.5).values_at(:width_mm, :height_mm).max
  end
  report("50 mm bars in the PDF", bars.map { |v| format("%.3f", v) }.join(" and "), "50.00 ± 0.03 mm")
  report(
    "a 38 mm mark in the PDF",
    format("%.3f mm", ink_found(page, area(pack.ink_box(pack.cells[0])), dpi: 1200)[:width_mm]),
    "38.00 ± 0.05 mm"
  )

  face = Shelves::FontShelf.fetch("overpass-bold")
  capital = UpClose::Artwork::Lettering.new(face, "H").drawing
  pack = build.call(capital, 3 * capital.ink.box.width)
  report(
    "cap height asked 3.00 mm",
    format("%.3f mm", ink_found(rendered.call(pack), area(pack.ink_box(pack.cells[0])), dpi: 1200)[:height_mm]),
    "3.00 ± 0.03 mm"
  )
end
