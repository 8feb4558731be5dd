# frozen_string_literal: true

RSpec.describe UpClose::Placing do
  let(:dish) { shape("disc", diameter_mm: 200) }

  describe UpClose::Placing::Repeats do
    def hulls(repeats, first, ink = box_ink(10, 5))
      repeats.placements(first).map { |p| UpClose::Placing::PlacedInk.new(ink, p).hull }
    end

    it "goes round in whole repeats, each turned with the rim" do
      round = described_class.new(kind: "round", count: 4)
      first = placed(width_mm: 10, y_mm: -80)
      expect(round.placements(first).map { |p| [p.x_mm.round(6), p.y_mm.round(6), p.turn_deg] })
        .to eq [[0, -80, 0], [80, 0, 90], [0, 80, 180], [-80, 0, 270]]
      # 2π × 80 ÷ 4
      expect(round.pitch(first)).to be_within(1e-9).of(40 * Math::PI)
      expect(described_class.nearest(2 * Math::PI * 80, 40)).to eq 13 # 502.65 ÷ 40 = 12.57
    end

    it "goes along a line with its ends as asked" do
      first = placed(width_mm: 10)
      at =
        ->(ends) { described_class.new(kind: "along", count: 4, run_mm: 120, ends: ends).placements(first).map(&:x_mm) }
      expect(at["half"]).to eq [-45, -15, 15, 45] # 120 ÷ 4 apart, half of it left at either end
      expect(at["whole"]).to eq [-60, -20, 20, 60]
      expect(described_class.new(kind: "along", count: 5, run_mm: 100, ends: "centred").placements(first).map(&:x_mm))
        .to eq [-40, -20, 0, 20, 40]
      expect { described_class.new(kind: "along", count: 4, run_mm: 100, ends: "centred") }
        .to refuse_saying(/even number/, at: :count)
    end

    it "takes the whole repeats that come nearest, and says how far they are stretched" do
      expect([
        described_class.nearest(120, 35),
        described_class.nearest(120, 35, ends: "whole"),
        described_class.nearest(120, 35, ends: "centred")
      ])
        .to eq [3, 4, 3]
      expect(described_class.nearest(120, 24, ends: "centred")).to eq 5
      row = described_class.new(kind: "along", count: 3, run_mm: 120, wanted_mm: 35)
      # 120 ÷ 3 = 40: 14.3 % more than 35
      expect(row.finding(placed(width_mm: 10), hulls(row, placed(width_mm: 10)), writer).reason)
        .to eq "Each is 40.0 mm from the next, 14.3 % more than the 35.0 mm you asked for."
      expect(described_class.from_h(row.to_h)).to have_attributes(count: 3, run_mm: 120, wanted_mm: 35)
    end

    it "tells the gap between them, and when they lie on each other or stick out" do
      row = described_class.new(kind: "along", count: 4, run_mm: 120)
      told = row.finding(placed(width_mm: 10), hulls(row, placed(width_mm: 10)), writer, clearances: [3, 2])
      expect(told).to have_attributes(value: be_within(1e-9).of(20), verdict: :fine)
      tight = row.finding(placed(width_mm: 40), hulls(row, placed(width_mm: 40)), writer)
      expect(tight).to have_attributes(verdict: :stop, reason: /overlap/, remedy: /fewer/)
      expect(row.finding(placed(width_mm: 10), hulls(row, placed(width_mm: 10)), writer, clearances: [3, -1]))
        .to have_attributes(verdict: :stop, reason: /1 of them sticks out/)
      near = row.finding(placed(width_mm: 28), hulls(row, placed(width_mm: 28)), writer, clear_mm: 5)
      expect(near).to have_attributes(verdict: :watch, value: be_within(1e-9).of(2), reason: /nearer than the 5.0 mm/)
    end
  end

  describe UpClose::Geometry::Algorithms::HullGap do
    it "is the distance of corner to edge, the same both ways, and negative by the depth" do
      a, b = box(0, 0, 10, 10).corners, [point(13, 5), point(20, 0), point(20, 10)]
      expect([described_class.call(a, b), described_class.call(b, a)]).to eq [3, 3]
      expect(described_class.call(a, box(8, 2, 10, 5).corners)).to be_within(1e-9).of(-2)
    end

    # the corner next to the other outline then stands exactly as far back as counts, and rounding had left it out
    it "tells the gap of outlines side by side in a row, wherever they lie" do
      gaps = Array.new(200) do |i|
        y, height = Math.sqrt(i), 10 + Math.cbrt(i)
        described_class.call(box(i / 7.0, y, 3 + i / 11.0, height).corners, box(90 + i / 3.0, y, 9, height).corners)
      end
      expect(gaps).to match(Array.new(200) { |i| be_within(1e-9).of(90 + i / 3.0 - (i / 7.0 + 3 + i / 11.0)) })
    end

    # round outlines about their middles, so that the true gap is known wherever they lie
    it "leaves out no stretch that could be nearest, whatever lies between" do
      round = ->(x, y, rx, ry) {
        Array.new(90) { |i| point(x + rx * Math.cos(i * Math::PI / 45), y + ry * Math.sin(i * Math::PI / 45)) }
      }
      around = (0...360).step(17).map { |turn| [Math.cos(turn * Math::PI / 180), Math.sin(turn * Math::PI / 180)] }
      around.each do |x, y|
        gap = described_class.call(round[0, 0, 20, 20], round[60 * x, 60 * y, 15, 15])
        expect(gap).to be_within(0.025).of(25) # 90 corners stand in by 0.012 and 0.009 at most
        flat, tall = round[0, 0, 30, 4], round[50 * x, 50 * y, 3, 12]
        edges = ->(outline) { outline.each_index.map { |i| [outline[i - 1], outline[i]] } }
        every = [[flat, tall], [tall, flat]]
          .flat_map { |a, b| a.product(edges[b]).map { |p, (q, r)| UpClose::Geometry::Segment.distance(p, q, r) } }
          .min
        expect(described_class.call(flat, tall)).to be_within(0.01).of(every)
      end
    end
  end

  describe UpClose::Placing::Registration do
    def lines(on, face_down: true, border: 5, **at)
      described_class.new(
        shape: on,
        placed: UpClose::Placing::PlacedInk.new(box_ink(40, 20), placed(width_mm: 40, **at)),
        border_mm: border,
        face_down: face_down,
        writer: writer
      ).lines.to_h do |l|
        [l.title, l]
      end
    end

    let(:plate) { shape("rectangle", width_mm: 100, height_mm: 60) }

    it "trims the paper to a known box, told from the piece's own edges" do
      told = lines(plate, x_mm: -10, y_mm: 5)
      expect(told["Trim the paper to"].words).to match(/\A50.0 × 30.0/)
      # left edge: −10 − 25 + 50; top: 5 − 15 + 30
      expect([told["The paper's left edge lies"].figure_mm, told["The paper's top edge lies"].figure_mm]).to eq [15, 20]
    end

    it "hinges on the side with the most to tape to, and only face down" do
      expect(lines(plate, x_mm: -10)["Hinge"].words).to match(/the right side.*there is 35.0 mm/)
      expect(lines(plate, x_mm: -20)["Hinge"].words).to match(/the right side/)
      expect(lines(shape("rectangle", width_mm: 51, height_mm: 31))["Hinge"].words)
        .to match(/to the bench beside the piece/)
      expect(lines(plate, face_down: false)).not_to include("Hinge")
      expect([lines(plate, border: 1), lines(plate, face_down: false)]).to all(not_include("Windows"))
    end

    it "draws the windows in the border, between the trim line and the ink" do
      heading = UpClose::Printing::Heading.new(title: "t", stock: UpClose::Sheets::Stock.fetch("letter-paper"))
      pack = UpClose::Printing::Pack.new(
        artwork: nil,
        ink: box_ink(40, 20),
        width_mm: 40,
        mirrored: true,
        copies: 1,
        paper: UpClose::Printing::Paper.fetch("a4"),
        border_mm: 5.0,
        heading: heading,
        windows: true
      )
      trim, ink = pack.cells.first.box, pack.ink_box(pack.cells.first)
      drawn = pack.pages.first.items.grep(UpClose::Printing::Items::Line).map(&:points).select do |points|
        points.size == 3
      end
      expect(drawn.size).to eq 4
      tips = drawn.map { |points| points[1] }
      # 5 − 0.6 × 5
      expect(tips.map { |p| [ink.x - p.x, p.x - ink.right, ink.y - p.y, p.y - ink.bottom].max })
        .to all(be_within(1e-9).of(2))
      expect(drawn.flatten.map { |p| [p.x - trim.x, trim.right - p.x, p.y - trim.y, trim.bottom - p.y].min })
        .to all(be >= -1e-9)
    end
  end
end
