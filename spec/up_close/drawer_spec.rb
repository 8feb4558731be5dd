# frozen_string_literal: true

require "pdf/reader"

RSpec.describe "sheets that have been used", :measured do
  def blank(**how) = UpClose::Sheets::Nesting::Blank.new(width_mm: 210, height_mm: 297, **how)

  def ring(x, y, width, height) = [[x, y], [x + width, y], [x + width, y + height], [x, y + height]]

  describe UpClose::Sheets::FreeRoom do
    def room(**how) = described_class.new(blank(**how), gap_mm: 3, frame_mm: 8)

    it "knows what is left, overlaps counted once, and what hangs over the edge not at all" do
      expect(room.area_mm2).to be_within(1e-6).of(210 * 297)
      # 100 × 50 and 100 × 50 share 50 × 50; of the third 10 × 20 lies on the sheet
      expect(room(used: [ring(0, 0, 100, 50), ring(50, 0, 100, 50), ring(200, 100, 40, 20)]).area_mm2)
        .to be_within(1e-6).of(210 * 297 - 7500 - 200)
      expect(room(used: [ring(-5, -5, 300, 400)]).area_mm2).to be_within(1e-6).of(0)
    end

    it "finds the largest box that still fits, clear of what is gone and of the frame" do
      expect(room.largest.to_a).to match([8, 8, 194, 281].map { |v| be_within(1).of(v) })
      # gone down to 180: from 183 to 289 there are 106
      expect(room(used: [ring(0, 0, 210, 180)]).largest.to_a)
        .to match([8, 183, 194, 106].map { |v| be_within(1.1).of(v) })
      # a bite in the middle leaves the tall strip beside it: 8 to 117
      expect(room(used: [ring(120, 60, 60, 170)]).largest.to_a)
        .to match([8, 8, 109, 281].map { |v| be_within(1.1).of(v) })
      expect(room(used: [ring(0, 0, 210, 297)]).largest).to be_nil
    end
  end

  it "finds no smaller box than trying every one does" do
    chance = UpClose::Sheets::Nesting::Chance.new(9)
    3.times do
      used = Array.new(5) { ring(60 * chance.share, 80 * chance.share, 4 + 12 * chance.share, 4 + 12 * chance.share) }
      sheet = UpClose::Sheets::Nesting::Blank.new(width_mm: 70, height_mm: 90, used: used)
      found = UpClose::Sheets::FreeRoom.new(sheet, gap_mm: 0, frame_mm: 5).largest
      regions = sheet.used_regions
      expect(regions.map { |gone| gone.distance(UpClose::Geometry::Region.box(found)) }.min).to be >= 0
      free =
        ->(b) {
          regions.all? do |gone|
            (gone.area + UpClose::Geometry::Region.box(b).area - (gone + UpClose::Geometry::Region.box(b)).area) < 1e-6
          end
        }
      expect(free[found]).to be true
      # every box with its corners on a grid of 5 mm
      grid = (5..65).step(5).to_a.combination(2).to_a.product((5..85).step(5).to_a.combination(2).to_a)
      best = grid.sort_by { |(x0, x1), (y0, y1)| -(x1 - x0) * (y1 - y0) }.find do |(x0, x1), (y0, y1)|
        free[box(x0, y0, x1 - x0, y1 - y0)]
      end
      expect(found.width * found.height).to be >= (best[0][1] - best[0][0] - 2) * (best[1][1] - best[1][0] - 2)
    end
  end

  describe UpClose::Sheets::LargestMark do
    def widest(used: [], turns: [0], width: 210, height: 297, frame: 8)
      blank = UpClose::Sheets::Nesting::Blank.new(width_mm: width, height_mm: height, used: used)
      described_class.new(
        blank,
        room: UpClose::Sheets::Nesting::CellRules.new(gap_mm: 3, frame_mm: frame),
        turns: turns
      ) { |w|
        [[-w / 2, -w / 4], [w / 2, -w / 4], [w / 2, w / 4], [-w / 2, w / 4]]
      }
        .width_mm
    end

    it "is as wide as the frame leaves, or as long when it may turn, or as what is gone lets it" do
      expect(widest).to be_between(193, 194)
      expect(widest(turns: [0, 90])).to be_between(280, 281)
      # gone down to 200: 297 − 8 − 203 = 86 high, 172 wide
      expect(widest(used: [ring(0, 0, 210, 200)])).to be_between(170.5, 172)
      expect(widest(used: [ring(0, 0, 210, 297)])).to be_nil
    end
  end

  describe UpClose::Printing::NestedPack do
    def cut_of(art, line)
      UpClose::Cutting::Lines.fetch(line).new(UpClose::Cutting::Asked.new(
        ink: art.ink, width_mm: 40.0, around_mm: 3.0, least_radius_mm: 0.5, blade_mm: 4.0, corner_mm: 0.0
      )).call
    end

    def pack(
      places,
      art: opened(svg('<rect width="40" height="10"/><rect width="10" height="30"/>')),
      boxed: false,
      mirrored: false,
      **sheet
    )
      cut = cut_of(art, boxed ? "box" : "hull")
      cut = cut.mirrored if mirrored
      copy = UpClose::Printing::Copy.new(artwork: art, ink: art.ink, mirrored: mirrored, border_mm: 3,
        cut: (cut unless boxed))
      laid = described_class::Sheet.new(
        title: "film 3",
        width_mm: 210,
        height_mm: 297,
        **sheet.slice(:width_mm, :height_mm),
        places: places.map { |p| described_class::Place.new(*p) },
        **sheet.except(:width_mm, :height_mm)
      )
      kind = described_class::Kind
        .new(copy: copy, ink: art.ink, width_mm: 40, cut: cut, mirrored: mirrored)
      described_class.new(kinds: {nil => kind}, laid: [laid], gap_mm: 3.0,
        heading: UpClose::Printing::Heading.new(title: "t", stock: UpClose::Sheets::Stock.fetch("clear-film")))
    end

    it "numbers a copy in the gap above it, with a turned letter when it reads reversed, and not where there " \
      "is no room" do
      corners =
        ->(items) {
          items.flat_map do |i|
            if i.is_a?(UpClose::Printing::Items::Text)
              [point(i.x, i.y), point(i.x + i.words.length * 0.85 * i.size, i.y - i.size)]
            else
              i.points
            end
          end
        }
      outline = [point(50, 40), point(70, 40), point(60, 60)]
      [["7", false], ["B12", true]].each do |words, turned|
        items = UpClose::Printing::Label.items(words, outline, gap_mm: 3.0, turned: turned)
        expect(items.first.words).to eq words
        expect(corners[items].map { |p| [p.x.between?(50, 70), 40 - p.y] })
          .to all match [true, be_between(0.6 - 1e-9, 3)]
        expect(items.size).to eq(turned ? 3 : 1)
      end
      # over a pointed tip its far corners keep within the gap of the tip
      tip = [point(60, 40), point(70, 60), point(50, 60)]
      expect(corners[UpClose::Printing::Label.items("123", tip, gap_mm: 3.0, turned: false)]
        .map { |p| p.distance(point(60, 40)) }
        .max).to be < 3
      expect(UpClose::Printing::Label.items("7", outline, gap_mm: 1.0, turned: false)).to be_empty
    end

    it "moves an offcut's marks to where it lies taped on its carrier, and draws that carrier" do
      expect([
        UpClose::Printing::Carrier.wanted?(150, 200),
        UpClose::Printing::Carrier.wanted?(210, 148),
        UpClose::Printing::Carrier.for(400, 400)
      ])
        .to eq [true, false, nil]
      carrier = UpClose::Printing::Carrier.for(130, 90)
      # 154 × 114 with 12 mm round it: A5 on its side, 210 × 148
      expect([carrier.paper.width_mm, carrier.paper.height_mm, carrier.dx, carrier.dy]).to eq [210.0, 148.0, 40.0, 12.0]
      sheet = described_class::Sheet
        .new(title: "offcut", width_mm: 130, height_mm: 90, fresh: false, carrier: carrier, places: [])
      expect(render_pdf(pdf([carrier.page(sheet)]), dpi: 300)
        .then { |page| ink_found(page, {x_mm: 40, y_mm: 12, width_mm: 130, height_mm: 90}, dpi: 300) }
        .values).to match([40, 12, 130, 90].map { |v| be_within(8.5).of(v) })
      laid = pack([[1, 60, 50, 0]], width_mm: 130, height_mm: 90, carrier: carrier, fresh: false)
      dark = (render_pdf(pdf(laid.pages)) < 60).ifthenelse(0, 255).cast(:uchar)
      expect(ink_found(dark, {x_mm: 80, y_mm: 47, width_mm: 40, height_mm: 30}, dpi: 1200).values)
        .to match([80, 47, 40, 30].map { |v| be_within(0.03).of(v) })
      expect(laid.carrier_pages.size).to eq 1
    end

    def pdf(pages) = UpClose::Formats::PDF::Writer.new(pages, fonts: types[:paths], title: "t").call

    # an L: 40 × 30, its foot 10 wide on the left, its top 10 high
    {
      0 => [80, 85, 40, 30],
      90 => [85, 80, 30, 40],
      180 => [80, 85, 40, 30],
      270 => [85, 80, 30, 40]
    }.each do |turn, wanted|
      it "prints a mark turned by #{turn}° where it was laid, the same in PDF and SVG", slow: turn != 90 do
        found = pack([[1, 100, 100, turn]], fresh: false)
        where = {x_mm: wanted[0], y_mm: wanted[1], width_mm: wanted[2], height_mm: wanted[3]}
        page = render_pdf(pdf(found.pages))
        # the cut line lies 3 mm out, thin and grey: what is dark is the mark
        dark = (page < 60).ifthenelse(0, 255).cast(:uchar)
        measured = ink_found(dark, where, dpi: 1200)
        expect(measured.values).to match(where.values.map { |v| be_within(0.03).of(v) })
        drawn = Vips::Image.svgload_buffer(
          UpClose::Formats::SVG::Writer.new(found.pages.first, faces: types[:faces], title: "t").call,
          dpi: 600
        )
        expect(ink_found((grey(drawn) < 60).ifthenelse(0, 255).cast(:uchar), where, dpi: 600).values)
          .to match(where.values.map { |v| be_within(0.06).of(v) })
        # where the L is open: at the lower right, turned with it
        open = UpClose::Geometry::Transform.turn(turn).apply(point(10, 8)) + point(100, 100)
        expect(page.getpoint((open.x * 1200 / 25.4).round, (open.y * 1200 / 25.4).round).first).to be > 200
      end
    end

    it "turns a picture with its box, and mirrors before it turns" do
      image = Vips::Image.black(40, 30)
        .linear(1, 255)
        .cast(:uchar)
        .draw_rect(0, 0, 0, 40, 10, fill: true)
        .draw_rect(0, 0, 0, 10, 30, fill: true)
      page = render_pdf(
        pdf(pack([[1, 100, 100, 90]], art: opened(image.pngsave_buffer), mirrored: true, fresh: false).pages),
        dpi: 600
      )
      lies = ->(x, y) { page.getpoint((x * 600 / 25.4).round, (y * 600 / 25.4).round).first }
      # mirrored, the foot is on the right; a quarter turn from x towards
      # y brings the right to the bottom and the top to the right
      expect([lies[112, 90], lies[90, 117], lies[90, 85]]).to match [be < 60, be < 60, be > 200]
    end

    it "prints nothing but marks on a leftover; the proof has the rest, and what is gone, clear of both" do
      used = [ring(0, 0, 210, 60), ring(150, 200, 60, 97)]
      laid = pack([[1, 60, 120, 0]], used: used, fresh: false)
      words = ->(pages) { PDF::Reader.new(StringIO.new(pdf(pages))).pages.first.text }
      expect(words[laid.pages].strip).to eq "1" # its number, in the gap
      expect(words[laid.proof_pages]).to include("50.0 mm: measure this")
      expect(words[laid.proof_pages]).not_to include("Reads as it is") # it would stand on what is gone
      expect(words[pack([[1, 60, 120, 0]]).pages]).to include("Reads as it is")
      gone = render_pdf(pdf(laid.proof_pages), dpi: 300)
      expect((0...12).map { |dy| gone.getpoint(1200, (60 * 300 / 25.4).round - 6 + dy).first }.min).to be < 230
    end
  end
end
