# frozen_string_literal: true

require "json"
require "pdf/reader"
require "stringio"
require "tmpdir"
require "command_line/runner"

# Areas and lengths worked out by hand from squares, rings and lines in millimetres.
RSpec.describe UpClose::Templates do
  def art(body, width: 100, height: 60)
    UpClose::Artwork::Opening.call(
      %(<svg xmlns="http://www.w3.org/2000/svg" width="#{width}mm" height="#{height}mm" ) +
        %(viewBox="0 0 #{width} #{height}">#{body}</svg>)
    )
  end

  def cut(body, width_mm, stuff: "card", **more)
    described_class::Cut.new(
      UpClose::Cutting::InkRegions.new(art(body), width_mm: width_mm),
      stuff: described_class::SheetStuff.fetch(stuff), **more
    )
  end

  def square(x, y, side) = "M#{x} #{y}h#{side}v#{side}h-#{side}z"

  def line(d) = %(<path d="#{d}" fill="none" stroke="#f00" stroke-width="0.3"/>)

  let(:ring) { %(<path fill-rule="evenodd" d="#{square(10, 10, 30)}#{square(15, 15, 20)}"/>) }

  it "ties an island over 10 mm with two bridges as long as the opening is wide, on different sides" do
    sheet = cut(ring, 30)
    expect(sheet).to have_attributes(kind: "stencil", islands: have_attributes(size: 1))
    expect(sheet.bridges.map(&:length_mm)).to all(be_within(1e-6).of(5))
    middle = UpClose::Geometry::Point[15, 15]
    first, second = sheet.bridges.map { |bridge| (bridge.from - middle).unit }
    expect(first.dot(second)).to be <= 1e-9
    # a frame of 15 mm round 30 × 30, less a ring of 30² − 20², and two bridges of 2 × 5
    expect(sheet.bare.area).to be_within(1e-6).of(60**2 - (30**2 - 20**2))
    expect(sheet.sheet.area).to be_within(1e-6).of(sheet.bare.area + 20)
    expect(sheet.sheet.parts.size).to eq 1
    expect(sheet.neck.mm).to be_within(1e-6).of(2)
    expect(sheet.findings.map { |finding| [finding.key, finding.verdict] }).to eq [[:islands, :fine], [:neck, :fine]]
  end

  it "ties small islands once, one to the other where that is nearer, and goes where the hand says" do
    # two islands of 5 mm, 2 mm apart, in one opening of 20 × 9: 2 mm from its edges, 4 left and right
    body = %(<path fill-rule="evenodd" d="M10 10h20v9h-20z#{square(14, 12, 5)}#{square(21, 12, 5)}"/>)
    plain = cut(body, 20)
    expect(plain.bridges.map { |bridge| bridge.length_mm.round(6) }).to eq [2.0, 2.0]
    left = described_class::Cut.new(
      plain.regions, stuff: plain.stuff, moved: {1 => UpClose::Geometry::Point[-1000, 4.5]}
    )
    moved = left.bridges.find { |bridge| bridge.parts.first == 1 }
    expect(moved.length_mm).to be_within(1e-6).of((left.islands.first.box.x < 8) ? 4 : 2)
    expect(left.sheet.parts.size).to eq 1
  end

  it "crosses no marked feature, and says when an island cannot be tied" do
    left_half = UpClose::Geometry::Region.box(UpClose::Geometry::Box.new(x: 0, y: 0, width: 15, height: 30))
    kept = cut(ring, 30, never: left_half)
    expect(kept.bridges.map { |bridge| bridge.region.box.x }).to all(be >= 15 - 1e-9)
    all = UpClose::Geometry::Region.box(UpClose::Geometry::Box.new(x: -50, y: -50, width: 150, height: 150))
    expect(cut(ring, 30, never: all).findings.first).to have_attributes(verdict: :stop, figure: "1 loose")
  end

  it "makes a window beside each inner line, and puts those that cross on a second template" do
    body = %(<rect x="2" y="2" width="96" height="56"/>#{line("M10 30H60")}#{line("M30 10V50")}#{line("M70 20H90")})
    sheet = cut(body, 96)
    expect(sheet).to have_attributes(kind: "outline", islands: [])
    expect(sheet.slots.map(&:on)).to eq [0, 1, 0]
    # 2 mm beside lines of 50, 40 and 20 mm
    expect(sheet.slots.map { |slot| slot.region.area.round(6) }).to eq [100.0, 80.0, 40.0]
    expect(sheet.sheet.area).to be_within(1e-6).of(96 * 56 - 140)
    expect(sheet.second.area).to be_within(1e-6).of(96 * 56 - 80)
    lines = UpClose::Templates::Template.new(sheet.regions, stuff: sheet.stuff).layers
    # the marked true edge lies on the sheet, beside the line and not in the window
    beside = lines["MARK"].first.box
    window = sheet.slots.first.region.box
    expect(beside.y).to be < window.y + 1e-9
    expect(window.y - beside.y).to be_within(1e-6).of(0.8).or be_within(1e-6).of(2.8)
  end

  it "keeps what a closed inner line surrounds, and closes what is too small for a blade" do
    body = %(<rect x="2" y="2" width="96" height="56"/>#{line("M60 30a10 10 0 1 0 20 0a10 10 0 1 0 -20 0z")})
    ringed = cut(body, 96, stuff: "plastic")
    expect(ringed.islands.size).to eq 1
    expect(ringed.bridges.size).to eq 2
    expect(ringed.sheet.parts.size).to eq 1
    dots = cut(%(<path d="#{square(10, 10, 20)}"/><path d="#{square(40, 10, 1)}"/>), 31)
    expect(dots.too_small.size).to eq 1
    expect(dots.findings.map(&:key)).to include(:small)
  end

  it "folds a shape to a half, a quarter, an n-th, and tells what does not meet" do
    star = UpClose::Geometry::Region.polygon(
      Array.new(10) { |i|
        [Math.sin(i * Math::PI / 5), -Math.cos(i * Math::PI / 5)].map { |way| way * (i.even? ? 40 : 18) }
      }
    )
    [2, 5].each do |folds|
      folded = described_class::Folded.new(star, folds: folds)
      expect(folded.bare.area * folds).to be_within(1e-6).of(star.area)
      expect(folded.finding).to have_attributes(verdict: :fine, value: be < 1e-6)
    end
    # a notch of 4 × 4 mm as a square on its corner is 8 mm², half of it in the half
    expect(described_class::Folded.new(star).part.area).to be_within(1e-6).of(star.area / 2 - 8)
    quarter = described_class::Folded.new(star, folds: 4)
    expect(quarter.finding).to have_attributes(verdict: :watch)
    lopsided = UpClose::Geometry::Region.polygon([[0, 0], [10, 0], [11, 10], [0, 10]])
    expect(described_class::Folded.new(lopsided).misfit_mm).to be_within(1e-5).of(Math.cos(Math.atan(0.1)))
    expect { described_class::Folded.new(star, folds: 1) }.to raise_error(have_attributes(field: :folds))
  end

  it "steps whole units along a run or a rim" do
    strip = described_class::Stepping.new(run_mm: 300, wanted_mm: 37)
    expect(strip).to have_attributes(count: 8, unit_mm: 37.5)
    expect(strip.table.last).to eq [8, 262.5, 281.25, 300.0]
    expect(strip.working.to_s).to include("round(300 ÷ 37) = 8")
    # a mitred corner begins anew: 120 ÷ 37 is 3 of 40, 180 ÷ 37 is 5 of 36; 9 edges, 8 middles, 1 corner, 2 mitres
    mitred = described_class::Stepping.new(run_mm: 300, wanted_mm: 37, corners: [120])
    expect(mitred.table.map { |row| row[3] }).to eq [40, 80, 120, 156, 192, 228, 264, 300]
    expect(mitred.layers["MARK"].size).to eq 9 + 8 + 1 + 2
    expect { described_class::Stepping.new(run_mm: 10, wanted_mm: 11) }.to raise_error(have_attributes(field: :wanted))
  end

  it "ends a run as it is asked to, and squeezes the units to the last one" do
    step = ->(ends) { described_class::Stepping.new(run_mm: 1315, wanted_mm: 40, ends: ends) }
    # 1315 ÷ 40 = 32.875: 33 of 39.848, 0.38 % less
    whole = step.call("whole")
    expect([whole.count, whole.unit_mm, whole.squeezed * 100])
      .to match [33, be_within(1e-9).of(1315 / 33.0), be_within(1e-3).of(-0.379)]
    # half a unit at either end: 34 places, the first and the last cut in half, one unit's middle on each end
    half = step.call("half")
    expect([half.count, half.table.first[3], half.table.last[1]])
      .to match [34, be_within(1e-9).of(1315 / 66.0), be_within(1e-9).of(1315 - 1315 / 66.0)]
    # an odd number has a unit on the middle of the run
    expect(step.call("centred").table[16][2]).to be_within(1e-9).of(657.5)
    expect(described_class::Stepping.new(run_mm: 100, wanted_mm: 24, ends: "centred").count).to eq 5
    # as asked: 32 of 40, and 17.5 of dart at either end
    dart = step.call("dart")
    expect([dart.count, dart.table.first[1], dart.table.last[3]]).to eq [32, 17.5, 1297.5]
    expect(dart.working.to_s).to include("= 17.5 mm of dart")
  end

  it "chooses what it is cut of by uses and bend, and tells the strain over a knee" do
    stuff = described_class::SheetStuff
    expect(stuff.choose(uses: 1).first.key).to eq "paper"
    expect(stuff.choose(uses: 5).first.key).to eq "card"
    expect(stuff.choose(uses: 20, radius_mm: 12).first.key).to eq "aluminium"
    # a half width of 20 over a radius of 100: (0.2)² ÷ 6 = 0.67 %
    knee = stuff.fetch("card").over_knee(20, 100)
    expect(knee).to have_attributes(verdict: :watch, value: be_within(2e-5).of(0.00665))
    expect(stuff.fetch("plastic").over_knee(20, 100).verdict).to eq :fine
    expect { stuff.fetch("tin") }.to raise_error(UpClose::Errors::Unknown, /tin/)
  end

  it "numbers the cuts inside before outside, and cuts as far outside the line as the tool needs" do
    sheet = cut(ring, 30)
    order = described_class::DrawnTemplate.order(sheet.sheet)
    expect(order.map(&:what)).to eq %w[inside inside outside]
    solid = cut(%(<rect width="40" height="20"/>), 40, stuff: "aluminium", kind: "outline")
    template = described_class::Template.new(solid.regions, stuff: solid.stuff, kind: "outline")
    expect(template.layers["CUT"].first.box.width).to be_within(2e-3).of(41)
    expect(template.layers["MARK"].first.box.width).to be_within(1e-6).of(40)
  end

  it "answers as a verb, and its files are as large as they say" do
    Dir.mktmpdir do |folder|
      path = File.join(folder, "art.svg")
      File.write(path, %(<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 50 50">#{ring}</svg>))
      out = StringIO.new
      dxf = File.join(folder, "t.dxf")
      asked = ["template", path, "--width", "120mm", "--material", "card", "--out", dxf]
      code = CommandLine::Runner.call(asked, out: out)
      expect(code).to eq 0
      expect(JSON.parse(out.string)).to include("islands" => 1, "slots" => 0, "weakest_neck_mm" => 2.0)
      xs = File.read(dxf).scan(/^CUT\n10\n([-\d.]+)$/).flatten.map(&:to_f)
      expect(xs.max - xs.min).to be_within(1e-3).of(150)
      pdf = File.join(folder, "t.pdf")
      CommandLine::Runner.call(["template", path, "--width", "300mm", "--out", pdf], out: StringIO.new)
      expect(PDF::Reader.new(pdf).page_count).to be > 2
      png = File.join(folder, "a.png")
      File.binwrite(png, Vips::Image.black(8, 8).invert.pngsave_buffer)
      err = StringIO.new
      expect(CommandLine::Runner.call(["template", png, "--width", "9"], out: StringIO.new, err: err)).to eq 1
    end
  end
end
