# frozen_string_literal: true

require_relative "../shop_helper"

# What leaves the shop: the downloaded files, rendered by tools that are not ours, against the
# artwork. Every method and every school that changes the reading, by every kind of layout;
# file kinds go round among them by default, on A5; all of them and A4 under --tag slow.
RSpec.describe "a downloaded sheet", :shop do
  def self.cases
    all = ProofTable::READINGS.keys.product(ProofTable::LAYOUTS)
    by_default = all.each_with_index.map do |(way, layout), i|
      [way, layout, ProofTable::FILES[(i + i / ProofTable::LAYOUTS.size) % 3], "a5"]
    end
    whole = ProofTable::READINGS.keys.product(ProofTable::LAYOUTS, ProofTable::FILES, ProofTable::PAPERS.keys)
    by_default.map { |one| [one, false] } + (whole - by_default).map { |one| [one, true] }
  end

  def mark_for(way, picked, paper, layout)
    piece = Job.create!(title: "Fair").pieces.create!(
      name: "plate",
      shape: "rectangle",
      measures: {width_mm: 900, height_mm: 700},
      material: "wood",
      finish: "sanded",
      colour: "#ecd9b0",
      count: ProofTable::COPIES,
      seen_through: picked["through"] == true
    )
    method = UpClose::Methods.fetch(way)
    piece.marks.create!(
      artwork: artwork,
      method_key: way,
      printer: method.printers.first,
      stock: method.stocks.find { |s| s.printers.include?(method.printers.first) }.key,
      picked: picked.except("through"),
      width_mm: (layout == "tiles") ? ProofTable::TILED : ProofTable::WIDE,
      placed_at: Time.now,
      paper: paper,
      sealer: "none",
      earlier_places: []
    )
  end

  def artwork
    Artwork.first || Actions::AddArtwork
      .opened(Shelves::OriginalStore.new(Settings.originals).put(ProofTable::DRAWING), name: "flag", source: "ours")
      .tap(&:save!)
  end

  def lay(mark, **more)
    send_form "/marks/#{mark.id}/sheet",
      {"copies" => ProofTable::COPIES.to_s, "paper" => mark.paper, "turning" => "quarter"}
        .merge(more.transform_keys(&:to_s))
    expect(last_response.status).to eq(303), page_words[0, 900]
  end

  # every page that is downloaded, as pictures
  def downloaded(mark, file, sheets)
    return FoundMarks.pages(pack(mark), "pdf") if file == "pdf"
    (1..sheets).flat_map do |n|
      FoundMarks.pages(get("/marks/#{mark.id}/sheets/#{n}.#{file}#{"?dpi=300" if file == "png"}").body, file)
    end
  end

  # asked once in an example
  def pack(mark) = (@packs ||= {})[mark.id] ||= get("/marks/#{mark.id}/pack.pdf").body

  def sized(image) = [image.width, image.height].map { |px| px / FoundMarks::PER_MM }

  # numbers as the PDF has them, which SVG and PNG are drawn from too: each over its own copy
  def numbered(mark, marks_by_page, border)
    pdf = pack(mark)
    marks_by_page.each_with_index.flat_map do |marks, page|
      FoundMarks.words(pdf, page + 1).select { |word, _, _| word.match?(/\A\d{1,2}\z/) }.filter_map do |word, x, y|
        over = marks.select do |m|
          x.between?(m.x - border, m.right + border) && (m.y - border - y).between?(0, ProofTable::GAP)
        end
        word.to_i if over.size == 1
      end
    end
  end

  # @return [Array<Array<FoundMarks::Mark>>] by page, after holding each to what was asked
  def found(pages, reading, width: ProofTable::WIDE, height: ProofTable::HIGH)
    finder = FoundMarks.new(ProofTable::DRAWING, width: width, height: height, mirrored: reading == :mirrored)
    pages.map { |page| finder.on(page) }.tap do |by_page|
      marks = by_page.flatten
      expect(marks.size).to eq ProofTable::COPIES
      expect(marks.map(&:off)).to all(be < 0.03)
      by_page.each { |on_page| on_page.combination(2) { |a, b| expect(a.overlaps?(b)).to be false } }
    end
  end

  def inside(mark, left, top, right, bottom, border)
    expect(
      [mark.x - border - left, mark.y - border - top, right - mark.right - border, bottom - mark.bottom - border].min
    )
      .to be > -0.12
  end

  def words_clear(mark, by_page)
    pdf = pack(mark)
    by_page.each_with_index do |marks, page|
      words = FoundMarks.words(pdf, page + 1)
      marks.each do |m|
        expect(words.select { |word, x, y|
          word !~ /\A\d+\z/ && x.between?(m.x - 1, m.right + 1) && y.between?(m.y - 1, m.bottom + 1)
        })
          .to be_empty
      end
    end
  end

  def used_sheet(mark, wide, high, rings = [])
    StockSheet.create!(
      stock: mark.stock,
      printer: mark.printer,
      name: "left over 1",
      width_mm: wide,
      height_mm: high,
      used: rings.map { |ring| {"ring" => ring, "words" => "cut"} }
    )
  end

  def check_rows(mark, reading, file, paper, border)
    lay(mark)
    pages = downloaded(mark, file, 1)
    wide, high = ProofTable::PAPERS[paper]
    by_page = found(pages, reading)
    # rows from the frame's corner, as many to a row as fit
    a_row = ((wide - 2 * ProofTable::FRAME + ProofTable::GAP) / (ProofTable::WIDE + 2 * border + ProofTable::GAP)).floor
    places = Array.new(ProofTable::COPIES) do |i|
      [
        ProofTable::FRAME + border + (i % a_row) * (ProofTable::WIDE + 2 * border + ProofTable::GAP),
        ProofTable::FRAME + ProofTable::HEADING + border +
          (i / a_row) * (ProofTable::HIGH + 2 * border + ProofTable::GAP)
      ]
    end
    expect(sized(pages.first)).to match [wide, high].map { |mm| be_within(0.1).of(mm) }
    expect(by_page.flatten.sort_by { |m| [m.y.round, m.x] }.map { |m| [m.x, m.y, m.turn] })
      .to match(places.map { |x, y| [be_within(0.12).of(x), be_within(0.12).of(y), 0] })
    by_page
  end

  def check_nested(mark, reading, file, paper, border)
    lay(mark, nested: "1")
    by_page = found(downloaded(mark, file, mark.reload.layout.sheets.size), reading)
    wide, high = ProofTable::PAPERS[paper]
    by_page.flatten.each do |m|
      inside(
        m,
        ProofTable::FRAME,
        ProofTable::FRAME + ProofTable::HEADING,
        wide - ProofTable::FRAME,
        high - ProofTable::FRAME,
        0
      )
    end
    words_clear(mark, by_page)
    by_page
  end

  def check_leftover(mark, reading, file, _paper, border)
    # an A5 leftover, its upper left gone
    gone = [[0, 0], [70, 0], [70, 90], [0, 90]]
    used_sheet(mark, 148, 210, [gone])
    lay(mark, leftovers: "1")
    pages = downloaded(mark, file, 1)
    by_page = found(pages, reading)
    by_page.flatten.each do |m|
      inside(m, ProofTable::FRAME, ProofTable::LEADING, 148 - ProofTable::FRAME, 210 - ProofTable::FRAME, 0)
      expect(m.overlaps?(FoundMarks::Mark.new(0, 0, 70, 90))).to be false
    end
    # nothing at all over what is gone
    dark = pages.first.crop(0, 0, (70 * FoundMarks::PER_MM).floor, (90 * FoundMarks::PER_MM).floor).min
    expect(dark).to be > 200
    by_page
  end

  def check_carrier(mark, reading, file, _paper, _border)
    used_sheet(mark, 140, 180)
    lay(mark, leftovers: "1")
    pages = downloaded(mark, file, 1)
    # 140 + 2 × 12 and 180 + 2 × 12 go on Letter, in its middle, 12 from the edge that feeds
    expect(sized(pages.first)).to match [be_within(0.1).of(215.9), be_within(0.1).of(279.4)]
    left, top = (215.9 - 140) / 2, 12.0
    by_page = found(pages, reading)
    by_page.flatten.each do |m|
      inside(
        m,
        left + ProofTable::FRAME,
        top + ProofTable::LEADING,
        left + 140 - ProofTable::FRAME,
        top + 180 - ProofTable::FRAME,
        0
      )
    end
    carrier = FoundMarks.pages(get("/marks/#{mark.id}/carrier.pdf").body, "pdf").first
    edge = carrier.crop(((left - 0.4) * FoundMarks::PER_MM).round, ((top + 60) * FoundMarks::PER_MM).round, 10, 600)
    expect((edge < 128).project.first.to_a.flatten.max / 255).to eq 600
    by_page
  end

  def check_calibrated(mark, reading, file, paper, border)
    {[0.97, 1.02] => "The old one", [1.03, 0.98] => "The one in use"}.each do |(x, y), name|
      printer = Printer.create!(kind: mark.printer, name: name, margins_mm: {}, trays: [])
      printer.calibrations.create!(
        figures: UpClose::Printing::Calibration.new(x_scale: x, y_scale: y).to_h,
        way: "rule",
        paper: paper,
        created_at: Time.now + ((x > 1) ? 0 : -86_400)
      )
    end
    lay(mark)
    wide, high = ProofTable::PAPERS[paper]
    by_page = found(downloaded(mark, file, 1), reading, width: ProofTable::WIDE / 1.03, height: ProofTable::HIGH / 0.98)
    first = by_page.flatten.min_by { |m| [m.y.round, m.x] }
    expect([first.x, first.y]).to match [
      be_within(0.15).of(wide / 2 + (ProofTable::FRAME + border - wide / 2) / 1.03),
      be_within(0.15).of(high / 2 + (ProofTable::FRAME + ProofTable::HEADING + border - high / 2) / 0.98)
    ]
    by_page
  end

  # tiles lap over by 8 and are equal: each holds its part of the whole and nothing else
  def check_tiles(mark, reading, file, paper, border)
    lay(mark, tiles: "1", copies: "1")
    whole = [ProofTable::TILED + 2 * border, ProofTable::TILED * 2 / 3 + 2 * border]
    sheet = [ProofTable::PAPERS[paper], ProofTable::PAPERS[paper].reverse].min_by do |wide, high|
      grid(whole, wide, high).reduce(:*)
    end
    columns, rows = grid(whole, *sheet)
    pages = downloaded(mark, file, 1 + columns * rows)
    expect(pages.size).to eq 1 + columns * rows
    parts = whole.zip([columns, rows]).map { |size, many| (size + (many - 1) * ProofTable::OVERLAP) / many }
    wanted = picture_of_whole(whole, border, reading == :mirrored)
    pages.drop(1).each_with_index do |page, i|
      expect(sized(page)).to match sheet.map { |mm| be_within(0.1).of(mm) }
      x, y = (i % columns) * (parts[0] - ProofTable::OVERLAP), (i / columns) * (parts[1] - ProofTable::OVERLAP)
      expect(difference(page, wanted, x, y, parts)).to be < 0.02
    end
  end

  def grid(whole, wide, high)
    [
      whole[0],
      whole[1]
    ].zip([wide - 2 * ProofTable::FRAME, high - 2 * ProofTable::FRAME - ProofTable::HEADING]).map do |size, room|
      (size <= room) ? 1 : ((size - ProofTable::OVERLAP) / (room - ProofTable::OVERLAP)).ceil
    end
  end

  # 4 pixels a millimetre
  def picture_of_whole(whole, border, mirrored)
    ink = FoundMarks.grey(Vips::Image.svgload_buffer(ProofTable::DRAWING, scale: ProofTable::TILED * 4 / 60.0))
    (mirrored ? ink.fliphor : ink)
      .embed((border * 4).round, (border * 4).round, (whole[0] * 4).round, (whole[1] * 4).round, extend: :white)
  end

  def difference(page, wanted, x, y, parts)
    px = FoundMarks::PER_MM
    seen = page.crop(
      ((ProofTable::FRAME + 1) * px).round,
      ((ProofTable::FRAME + ProofTable::HEADING + 1) * px).round,
      ((parts[0] - 2) * px).floor,
      ((parts[1] - 2) * px).floor
    )
    small = seen.thumbnail_image(((parts[0] - 2) * 4).floor, height: ((parts[1] - 2) * 4).floor, size: :force)
    (small.cast(:uchar) - wanted.crop(((x + 1) * 4).round, ((y + 1) * 4).round, small.width, small.height))
      .abs
      .avg / 255
  end

  cases.each do |((way, picked), layout, file, paper), slow|
    it "holds #{way}#{" #{picked}" if picked.any?}: #{layout}, #{file}, #{paper}", slow: slow do
      reading = ProofTable::READINGS.fetch([way, picked])
      mark = mark_for(way, picked, paper, layout)
      border = mark.setting.border_mm
      by_page = send(:"check_#{layout}", mark, reading, file, paper, border)
      if file == "pdf" && layout != "calibrated" && layout != "tiles" && border + ProofTable::GAP >= 3
        expect(numbered(mark, by_page, border).sort).to eq (1..ProofTable::COPIES).to_a
      end
    end
  end
end
