# frozen_string_literal: true

require "pdf/reader"

RSpec.describe UpClose::Printing, :measured do
  let(:drawing) do
    opened(
      svg(
        '<rect x="10" y="10" width="40" height="20"/><path d="M60 30l20 0l-20 -18z" fill="#1e3b2c"/><circle cx="75" ' \
        'cy="35" r="5" fill="none" stroke="#000"/>'
      )
    )
  end
  let(:picture) do
    opened(Vips::Image.black(912, 480)
      .linear(1, 255)
      .cast(:uchar)
      .draw_rect(0, 0, 0, 700, 480, fill: true)
      .draw_rect(0, 700, 200, 212, 90, fill: true)
      .pngsave_buffer)
  end

  def pack(artwork, width_mm: 38.0, copies: 1, paper: "a4", mirrored: false, border_mm: 3.0)
    described_class::Pack.new(
      artwork: artwork,
      ink: artwork.ink,
      width_mm: width_mm,
      mirrored: mirrored,
      copies: copies,
      paper: described_class::Paper.fetch(paper),
      border_mm: border_mm,
      heading: described_class::Heading.new(title: "Fair · Rose", stock: UpClose::Sheets::Stock.fetch("label-backing"))
    )
  end

  def pdf(pack) = UpClose::Formats::PDF::Writer.new(pack.pages, fonts: types[:paths], title: "t").call

  def close_to(area, within) = match(area.transform_values { |v| be_within(within).of(v) })

  describe described_class::TiledPack do
    let(:beam) { opened(svg('<rect width="10" height="10"/><rect x="30" width="10" height="10"/>')) }

    def tiled(artwork, width_mm: 500.0, overlap_mm: 10.0, **more)
      described_class.new(
        artwork: artwork,
        ink: artwork.ink,
        width_mm: width_mm,
        border_mm: 3.0,
        copies: 1,
        mirrored: false,
        paper: UpClose::Printing::Paper.fetch("a4"),
        heading: UpClose::Printing::Heading.new(title: "beam", stock: UpClose::Sheets::Stock.fetch("letter-paper")),
        overlap_mm: overlap_mm,
        **more
      )
    end

    it "takes the way round with fewer sheets, in equal tiles overlapping" do
      # 506 × 131 with its border: on its side 281 wide, ⌈(506 − 10) ÷ (281 − 10)⌉ = 2; upright 194, ⌈496 ÷ 184⌉ = 3
      pack = tiled(beam)
      expect([pack.paper.landscape?, pack.grid, pack.sheets]).to eq [true, [2, 1], 3]
      expect(pack.tiles.map { |t| [t.name, t.part] }).to eq [["A1", box(0, 0, 258, 131)], ["A2", box(248, 0, 258, 131)]]
      expect(tiled(beam, width_mm: 900.0).tiles.each_cons(2).map { |a, b| (a.part.right - b.part.x).round(9) }.uniq)
        .to eq [10.0]
    end

    it "prints each part where it belongs, cut off at the tile, to the hundredth" do
      pages = tiled(beam).pages
      # the second block from 3 + 375 of the whole, 248 less on the second tile, inside a frame of 8: 138 … 263
      {1 => [11, 24, 125, 125], 2 => [138, 24, 125, 125]}.each do |page, wanted|
        where = {x_mm: wanted[0], y_mm: wanted[1], width_mm: wanted[2], height_mm: wanted[3]}
        dark = (render_pdf(pdf(Struct.new(:pages).new([pages[page]])), dpi: 600) < 60).ifthenelse(0, 255).cast(:uchar)
        expect(ink_found(dark, where, dpi: 600)).to close_to(where, 0.06)
      end
      cut = tiled(opened(svg('<rect width="40" height="10"/>'))).pages
      dark = (render_pdf(pdf(Struct.new(:pages).new([cut[1]])), dpi: 600) < 60).ifthenelse(0, 255).cast(:uchar)
      # solid to its window's edge at 8 + 258, and no further
      expect([265, 267].map { |x| dark.getpoint((x * 600 / 25.4).round, (80 * 600 / 25.4).round).first }).to eq [0, 255]
      drawn = grey(Vips::Image.svgload_buffer(
        UpClose::Formats::SVG::Writer.new(cut[1], faces: types[:faces], title: "t").call,
        dpi: 300
      ))
      expect([265, 267].map { |x| drawn.getpoint((x * 300 / 25.4).round, (80 * 300 / 25.4).round).first })
        .to match [be < 20, be > 240]
    end

    it "puts a tick on the middle of the overlap in both neighbours, and names all in a drawing of the whole" do
      pages = tiled(beam).pages
      upright =
        ->(page) {
          page.items
            .grep(UpClose::Printing::Items::Line)
            .map(&:points)
            .select { |p| p.size == 2 && p.first.x == p.last.x }
            .map { |p| p.first.x }
            .uniq
        }
      # 253 of the whole: 8 + 253 on the first, 8 + 5 on the second
      expect([pages[1], pages[2]].map(&upright)).to eq [[261.0], [13.0]]
      expect(pages.first.items.grep(UpClose::Printing::Items::Text).map(&:words))
        .to include("A1", "A2", /How the 2 tiles go together, 1 : 2/)
    end

    it "refuses an overlap that leaves nothing, and more sheets than anyone has" do
      expect { tiled(beam, overlap_mm: 100) }.to refuse_saying(/overlap leaves nothing/, at: :paper)
      expect { tiled(beam, width_mm: 9000.0) }.to refuse_saying(/200 is the most/, at: :paper)
    end
  end

  describe described_class::Rows do
    it "fills rows, then sheets" do
      # ⌊(194 + 3) ÷ (44 + 3)⌋ = 4 across, ⌊(268 + 3) ÷ (20 + 3)⌋ = 11 down
      rows = described_class.new(inside: box(8, 21, 194, 268), width: 44, height: 20, gap: 3)
      expect([rows.columns, rows.rows, rows.per_sheet]).to eq [4, 11, 44]
      cells = rows.cells(46)
      expect(cells[5].box).to eq box(8 + 47, 21 + 23, 44, 20)
      expect(cells.last).to have_attributes(sheet: 2, copy: 46, box: box(8 + 47, 21, 44, 20))
    end

    it "never lets copies touch, leave the frame or come nearer than the gap" do
      [[7.3, 11.9, 37], [44, 20, 90], [180, 12, 30]].each do |width, height, copies|
        inside = box(8, 21, 194, 260)
        by_sheet = described_class.new(inside: inside, width: width, height: height, gap: 3)
          .cells(copies)
          .group_by(&:sheet)
        by_sheet.each_value do |cells|
          expect(cells.map(&:box)).to all(satisfy { |b| b.inside?(inside) })
          expect(cells.combination(2).none? { |a, b| a.box.grown(1.49).overlaps?(b.box.grown(1.49)) }).to be true
        end
      end
    end
  end

  {drawing: "a4", picture: "letter", words: "a4"}.each do |kind, paper|
    it "prints at exact size: bars and mark, measured by another renderer: #{kind}", slow: kind == :words do
      sheet = pack((kind == :words) ? lettering("SANDPIPER", "roboto-slab-bold") : send(kind), paper: paper, copies: 2)
      page = render_pdf(pdf(sheet))
      sheet.bars.each do |bar|
        expect(ink_found(page, area(bar.box), dpi: 1200, around: 0.5)).to close_to(area(bar.box), 0.03)
      end
      sheet.cells.each do |cell|
        expect(ink_found(page, area(sheet.ink_box(cell)), dpi: 1200)).to close_to(area(sheet.ink_box(cell)), 0.04)
      end
    end
  end

  it "stands letters 3.00 mm high when asked for 3" do
    capital = lettering("H")
    sheet = pack(capital, width_mm: 3 * capital.ink.box.width)
    expect(ink_found(render_pdf(pdf(sheet)), area(sheet.ink_box(sheet.cells.first)), dpi: 1200)[:height_mm])
      .to be_within(0.03).of(3)
  end

  it "agrees in SVG and PNG with the PDF, within a pixel" do
    sheet = pack(drawing)
    target = area(sheet.ink_box(sheet.cells.first))
    png = Vips::Image.new_from_buffer(UpClose::Formats::PNG::Writer.new(pdf(sheet), dpi: 600).call, "")
    expect([png.width, png.xres * 25.4]).to match [be_within(1).of(210 / 25.4 * 600), be_within(0.01).of(600)]
    expect(ink_found(grey(png), target, dpi: 600)).to close_to(target, 25.4 / 600)
    text = UpClose::Formats::SVG::Writer.new(sheet.pages.first, faces: types[:faces], title: "t").call
    # a page of whole pixels, so that the renderer stretches nothing
    whole = text.sub(
      'width="210mm" height="297mm" viewBox="0 0 210 297"',
      'width="4961" height="7016" viewBox="0 0 210.015667 297.010667"'
    )
    expect(ink_found(grey(Vips::Image.new_from_buffer(whole, "")), target, dpi: 600)).to close_to(target, 25.4 / 600)
  end

  it "mirrors exactly, each copy about its own middle" do
    [drawing, picture].each do |artwork|
      plain, turned = [false, true].map do |mirrored|
        sheet = pack(artwork, mirrored: mirrored)
        ink = sheet.ink_box(sheet.cells.first)
        # a whole number of pixels between the middle and the crop's edges
        render_pdf(pdf(sheet), dpi: 508).crop(
          ((ink.centre.x - 20) * 20).round,
          ((ink.y - 1) * 20).round,
          800,
          (ink.height * 20).round + 40
        )
      end
      expect((plain.fliphor - turned).abs.max).to be < 24
      expect((plain - turned).abs.max).to be > 200
    end
  end

  it "keeps drawings as lines and pictures at their own pixels" do
    objects = ->(artwork) {
      PDF::Reader.new(StringIO.new(pdf(pack(artwork, copies: 24)))).objects.values.grep(PDF::Reader::Stream).map(&:hash)
    }
    expect(objects.call(drawing).map { |h| h[:Subtype] }).to include(:Form).and not_include(:Image)
    images = objects.call(picture).select { |h| h[:Subtype] == :Image }
    expect(images.map { |h| [h[:Width], h[:Height]] }).to eq [[912, 480]]
  end

  it "says on the sheet, outside the marks, what it is and how to print it" do
    sheet = pack(drawing, mirrored: true, copies: 400)
    words = PDF::Reader.new(StringIO.new(pdf(sheet))).pages.first.text
    expect(words).to include(
      "Fair · Rose · sheet 1 of #{sheet.sheets}",
      "print on the shiny side",
      "Reads backwards on purpose",
      "100 %, no fit to page, mirror off in the printer's window"
    )
    expect(PDF::Reader.new(StringIO.new(pdf(pack(drawing)))).pages.first.text).to include("Reads as it is")
    ink = sheet.cells.map(&:box)
    expect(sheet.bars.map(&:box) + sheet.pages[0].items.grep(UpClose::Printing::Items::Text).map { |t|
      box(t.x, t.y - t.size, 1, t.size)
    })
      .to all(satisfy { |b| ink.none? { |cell| cell.overlaps?(b) } })
  end

  it "lies down when only that fits or takes fewer sheets, and refuses what fits no way" do
    expect(pack(drawing, width_mm: 240).paper).to be_landscape
    # 84 × 58 with its border on 194 × 268: ⌊197 ÷ 87⌋ × ⌊271 ÷ 61⌋
    # = 8; on its side, 281 × 181: ⌊284 ÷ 87⌋ × ⌊184 ÷ 61⌋ = 9
    eight, nine, ten = [8, 9, 10].map do |copies|
      pack(opened(svg('<rect width="78" height="52"/>')), width_mm: 78, copies: copies)
    end
    expect([eight, nine, ten].map { |p| [p.paper.landscape?, p.sheets] }).to eq [[false, 1], [true, 1], [false, 2]]
    expect { pack(drawing, width_mm: 300) }.to refuse_saying(/300 × 129.8 mm does not fit on A4/, at: :paper)
    expect { pack(drawing, copies: 0) }.to refuse_saying(/0 copies/, at: :copies)
    expect { UpClose::Formats::PNG::Writer.new("", dpi: 5000) }.to refuse_saying(/5000 dpi/, at: :dpi)
  end
end
