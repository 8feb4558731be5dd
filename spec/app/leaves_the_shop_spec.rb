# frozen_string_literal: true

require_relative "../shop_helper"
require_relative "../support/downloaded_sheets"

# What leaves the shop: the downloaded files, rendered by tools that are not ours, against the
# artwork. By default every kind of layout by every kind of file, over which all methods and all schools that change
# the reading go round, on A5; each by each, and A4, under --tag slow.
RSpec.describe "a downloaded sheet", :shop do
  include DownloadedSheets

  # every layout meets both readings
  def self.cases
    ways = ProofTable::READINGS.keys
    by_default = ProofTable::FILES.product(ProofTable::LAYOUTS).each_with_index.map do |(file, layout), i|
      [ways[i % ways.size], layout, file, "a5"]
    end
    whole = ways.product(ProofTable::LAYOUTS, ProofTable::FILES, ProofTable::PAPERS.keys)
    by_default.map { |one| [one, false] } + (whole - by_default).map { |one| [one, true] }
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
