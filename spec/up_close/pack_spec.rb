# frozen_string_literal: true

require "pdf/reader"

RSpec.describe UpClose::Printing::Pack do
  def pack(width, height, copies, paper, border)
    ink = box_ink(width, height)
    described_class.new(
      artwork: nil,
      ink: ink,
      width_mm: width,
      mirrored: false,
      copies: copies,
      paper: UpClose::Printing::Paper.fetch(paper),
      border_mm: border,
      heading: UpClose::Printing::Heading.new(title: "t", stock: UpClose::Sheets::Stock.fetch("clear-film"))
    )
  end

  # widths from a pendant to nearly a sheet; every rule held exactly, whatever the size
  [[3, 2], [21, 21], [62.5, 8.9], [124, 124], [187.9, 40], [40, 261.9], [260, 100]].product(
    %w[a4 letter],
    [0.5, 3.0]
  ).each do |(width, height), paper, border|
    next if width + 2 * border > 263 || height + 2 * border > 262

    it "keeps frame, gap, bars and heading clear: #{width} × #{height} on #{paper}, border #{border}" do
      laid = pack(width, height, 30, paper, border)
      sheet = box(0, 0, laid.paper.width_mm, laid.paper.height_mm)
      laid.cells.group_by(&:sheet).each_value do |cells|
        expect(cells.map(&:box)).to all(satisfy { |b| b.inside?(sheet.grown(-8)) })
        expect(cells.combination(2).none? { |a, b| a.box.grown(1.499).overlaps?(b.box.grown(1.499)) }).to be true
        expect(laid.bars.none? { |bar| cells.any? { |cell| cell.box.overlaps?(bar.box) } }).to be true
      end
      expect(laid.cells.map(&:copy)).to eq [*1..30]
      expect(laid.cells.map { |cell| laid.ink_box(cell).width.round(6) }.uniq).to eq [width]
      expect(laid.bars.map { |bar| bar.box.inside?(sheet.grown(-4.2)) }).to all(be true)
    end
  end

  it "tells how many fit, with the working" do
    finding = pack(38, 13.9, 24, "a4", 3.0).finding
    expect(finding).to have_attributes(figure: "44", reason: /24 copies on 1 sheet of A4.*starting values/)
    expect(finding.working.to_s).to eq "⌊(194 + 3) ÷ (44 + 3)⌋ × ⌊(268 + 3) ÷ (19.9 + 3)⌋ = 4 × 11 = 44"
  end
end
