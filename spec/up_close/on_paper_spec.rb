# frozen_string_literal: true

require_relative "../shop_helper"
require "open3"
require "prawn"

# What was prepared, bent, read from a PDF or set as a set, measured on paper by an independent renderer.
RSpec.describe "up close, on paper", :measured do
  def pack(artwork, ink, width_mm, copies: 1)
    heading = UpClose::Printing::Heading.new(title: "t", stock: UpClose::Sheets::Stock.fetch("clear-film"))
    UpClose::Printing::Pack.new(
      artwork: artwork,
      ink: ink,
      width_mm: width_mm,
      mirrored: false,
      copies: copies,
      paper: UpClose::Printing::Paper.fetch("a4"),
      border_mm: 3.0,
      heading: heading
    )
  end

  def on_paper(packed)
    render_pdf(UpClose::Formats::PDF::Writer.new(packed.pages, fonts: types[:paths], title: "t").call)
  end

  def measured(packed, cell = 0) = ink_found(on_paper(packed), area(packed.ink_box(packed.cells[cell])), dpi: 1200)

  def recipe(art, per_mm, *steps)
    UpClose::Artwork::Recipe.new(steps.map { |s| {"on" => true}.merge(s.transform_keys(&:to_s)) })
      .call(art, per_mm: per_mm)
      .artwork
  end

  it "prints a line thickened by exactly what was asked" do
    art = opened(svg('<rect x="10" y="20" width="80" height="1"/>'))
    # two units a millimetre: 0.5 mm high, 0.9 when each edge has moved 0.2
    made = recipe(art, 2.0, {key: "thicken", by_mm: 0.2})
    found = measured(pack(made, made.ink, made.ink.box.width / 2))
    expect(found[:height_mm]).to be_within(0.03).of(0.9)
    expect(found[:width_mm]).to be_within(0.04).of(40.4)
  end

  it "prints a bent bar on its arc: its sagitta and its chord" do
    art = opened(svg('<rect x="10" y="20" width="80" height="4"/>'))
    made = recipe(art, 2.0, {key: "bend", radius_mm: 60})
    packed = pack(made, made.ink, made.ink.box.width / 2)
    found = measured(packed)
    # half an angle of 20 ÷ 60 rad; outer radius 61, inner 59
    expect(found[:width_mm]).to be_within(0.05).of(2 * 61 * Math.sin(1 / 3.0))
    expect(found[:height_mm]).to be_within(0.05).of(61 - 59 * Math.cos(1 / 3.0))
  end

  it "prints a PDF's lines at their own size" do
    source = Prawn::Document.new(page_size: [300, 200], margin: 0)
    source.fill_rectangle([50, 150], 90 / 25.4 * 20, 36)
    art = opened(source.render)
    natural = art.ink.box.width * art.mm_per_unit
    found = measured(pack(art, art.ink, natural))
    expect(found[:width_mm]).to be_within(0.03).of(25)
    expect(found[:height_mm]).to be_within(0.03).of(12.7)
  end

  it "prints each member of a set in its own cell, at one cap height" do
    set = UpClose::Artwork::LetteringSet.new(face("overpass-bold"), %w[H HHH HH])
    member = Struct.new(:set) { def for_copy(number) = set.drawing_of(number) }.new(set)
    packed = pack(member, set.ink, set.ink.box.width * 4, copies: 3)
    page = on_paper(packed)
    found = packed.cells.map { |cell| ink_found(page, area(packed.ink_box(cell)), dpi: 1200, around: 0.5) }
    expect(found.map { |f| f[:height_mm] }).to all(be_within(0.03).of(4))
    expect(found.map { |f| f[:width_mm].round(1) })
      .to eq((1..3).map { |n| (set.drawing_of(n).ink.box.width * 4).round(1) })
    # each in the middle of its cell
    found.zip(packed.cells).each do |f, cell|
      expect(f[:x_mm] + f[:width_mm] / 2).to be_within(0.06).of(packed.ink_box(cell).centre.x)
    end
  end

  it "prints a dot screen as dots of solid ink, at the pitch asked for" do
    grey = (Vips::Image.black(200, 200) + 128).cast(:uchar).copy(interpretation: :"b-w")
    made = recipe(opened(grey.pngsave_buffer), 10.0, {key: "dot-screen", dots_per_inch: 25.4, angle: 0})
    rows = made.image.project.first.to_a.flatten
    # one dot a millimetre: 20 across 20 mm
    bright = rows.map { |n| n > rows.sum / rows.size }
    expect(bright.each_cons(2).count { |a, b| !a && b }).to be_within(1).of(20)
    expect(
      made.image.hist_find.to_a.flatten.each_index.select { |v| made.image.hist_find.getpoint(v, 0).first.positive? }
    )
      .to eq [0, 255]
  end

  describe "the shape files" do
    it "are at exact size: the unrolled cup, rendered, is as wide and high as its figures" do
      cup = shape("cup", top_mm: 82, foot_mm: 60, slant_mm: 95)
      drawn = UpClose::Formats::SVG::OutlineWriter.call({"OUTLINE" => [cup.path]})
      image = grey(Vips::Image.svgload_buffer(drawn, dpi: 254))
      columns, rows = (image < 128).project.map { |line| line.to_a.flatten }
      wide, high = [columns, rows].map { |sums| extent(sums)[1] / 10.0 }
      # ten pixels a millimetre; the hairline adds 0.1
      expect([wide, high])
        .to match [be_within(0.3).of(cup.figures[:width_mm] + 0.1), be_within(0.3).of(cup.figures[:height_mm] + 0.1)]
    end

    it "agree, SVG and DXF, corner for corner" do
      panel = shape("loft", stations: [[0, 0], [20, 60], [50, 80], [95, 10]]).panel(:right)
      dxf = UpClose::Formats::DXF::Reader.new(UpClose::Formats::DXF::Writer.call({"RIGHT" => [panel.path]})).rings.first
      outline = UpClose::Measure::OutlineFile.read(UpClose::Formats::SVG::OutlineWriter.call({"RIGHT" => [panel.path]}))
      expect(dxf.area).to be_within(1e-3).of(panel.area)
      # what is read back is thinned by a hundredth of a millimetre along its edge of 216
      expect(UpClose::Geometry::Ring.new(outline.points.map { |p| point(*p) }).area).to be_within(2).of(panel.area)
    end
  end

  describe "on the command line" do
    def run(*arguments) = Open3.capture3(File.expand_path("../../bin/up-close", __dir__), *arguments)

    def file(name, bytes) = File.join(HOME, name).tap { |path| File.binwrite(path, bytes) }

    it "checks an artwork: every finding with figure, limit, verdict, working and places" do
      path = file(
        "line.svg",
        svg('<rect x="5" y="5" width="90" height="0.4"/><rect x="5" y="20" width="40" height="20"/>')
      )
      out, err, status = run(
        "check", path, "--width", "45mm", "--method", "solvent-rub", "--printer", "laser", "--surface", "#5b3a29",
        "--film", "clear"
      )
      told = JSON.parse(out)
      expect([status.exitstatus, err, told["verdict"]]).to eq [0, "", "stop"]
      found = told["findings"].to_h { |f| [f["check"], f] }
      expect(found.keys).to include(
        "thinnest_line", "thinnest_gap", "specks", "ground", "coverage", "largest_solid", "tones", "white", "look",
        "edge_room"
      )
      expect(found["thinnest_line"])
        .to include("figure" => be_within(0.02).of(0.2), "unit" => "mm", "limit" => 0.25, "verdict" => "stop")
      expect(found["thinnest_line"]["places_mm"].first)
        .to include("width_mm" => be_within(0.5).of(45), "y_mm" => be_within(0.1).of(0))
      expect(found.values.map { |f| f["working"].to_s.length }).to all(be > 10)
      expect(found.values.reject { |f| f["verdict"] == "fine" }.map { |f| f["remedy"].to_s }).to all(match(/\w+/))
    end

    it "takes the film into account, and letters by their own height" do
      out, = run(
        "check", "--text", "Ebb tide", "--cap-height", "1.5mm", "--method", "water-slide", "--printer", "laser",
        "--film", "white", "--surface", "#1e3b2c"
      )
      found = JSON.parse(out)["findings"].to_h { |f| [f["check"], f] }
      expect(found["letters"]).to include("verdict" => "watch", "figure" => be_between(0.9, 1.2))
      expect([found["look"]["verdict"], found.key?("hidden_rectangle")]).to eq ["fine", true]
      out, = run(
        "check", "--text", "EBB", "--cap-height", "9mm", "--method", "water-slide", "--printer", "laser", "--film",
        "clear", "--surface", "#111111"
      )
      expect(JSON.parse(out)["findings"].find { |f| f["check"] == "look" }["verdict"]).to eq "stop"
    end

    {
      %w[check a.svg --width 38] => [2, /--method and --printer missing/],
      %w[check a.svg --width 38 --method water-slide --printer laser --film gold] => [2, /--film is clear or white/],
      %w[check nowhere.svg --width 38 --method water-slide --printer laser] => [1, /cannot be read or written/],
      %w[unroll] => [2, /Give one shape/],
      %w[unroll --cup 82,60] => [2, /--cup wants 3 lengths/],
      %w[unroll --dome 40,60] => [1, /wider than the ball/],
      %w[unroll --cup 82,60,95 --out mug.png] => [2, /ends in .svg or .dxf/]
    }.each do |arguments, (code, words)|
      it "says in one sentence what is wrong with: #{arguments.join(" ")}" do
        _, err, status = run(*arguments)
        expect([status.exitstatus, err.lines.size, err]).to match [code, 1, words]
      end
    end

    it "unrolls a body from a table with semicolons and a heading" do
      out, = run(
        "unroll",
        "--stations",
        file("plug.csv", "\uFEFFat;girth\n0;0\n20;60\n50;80\n95;10\n"),
        "--out",
        "#{HOME}/plug.dxf"
      )
      told = JSON.parse(out)
      expect(told)
        .to include(
          "widest_mm" => 40.0,
          "length_mm" => 95.0,
          "relief_cuts" => [
            {"from_mm" => 0.0, "to_mm" => 20.0, "cuts" => 7},
            {"from_mm" => 50.0, "to_mm" => 95.0, "cuts" => 2}
          ]
        )
      expect(UpClose::Formats::DXF::Reader.new(File.read("#{HOME}/plug.dxf")).rings.map { |r| r.area.round(1) })
        .to eq [2695.5, 2695.5]
    end
  end
end

RSpec.describe UpClose::Artwork::Likeness do
  def photo(key, text, slant: 0.0, dark: true)
    drawing = lettering(text, key).with_shapes do |s|
      s.with(path: s.path.transform(UpClose::Geometry::Transform.new(1, 0, -slant, 1, 0, 0)))
    end
    image = UpClose::Formats::SVG::Raster.call(drawing, frame: drawing.ink.box.grown(0.25), scale: 70)
      .gaussblur(1.2)
      .cast(:uchar)
    UpClose::Artwork::Picture.made(dark ? image : image.invert)
  end

  let(:faces) { %w[overpass-bold roboto-slab-bold routed-gothic dancing-script-bold].map { |key| face(key) } }

  it "puts the very font first, dark on light and light on dark" do
    [true, false].each do |dark|
      best, second = described_class.new(photo("roboto-slab-bold", "Wren", dark: dark), "Wren").ranked(faces)
      expect([best.face.key, best.likeness, second.likeness])
        .to match ["roboto-slab-bold", be > 0.8, be < best.likeness - 0.2]
    end
  end

  it "matches slant first, and says how much" do
    best = described_class.new(photo("overpass-bold", "HILL", slant: Math.tan(12 * Math::PI / 180)), "HILL")
      .ranked(faces)
      .first
    expect([best.face.key, best.slant_deg]).to match ["overpass-bold", be_within(3).of(12)]
  end

  it "leaves out fonts that lack the letters, and asks for a word and for ink" do
    ranked = described_class.new(photo("overpass-bold", "HILL"), "ЖЖ")
      .ranked([face("routed-gothic"), face("dancing-script-bold")])
    expect(ranked.map { |m| m.face.key }).not_to include("dancing-script-bold")
    expect { described_class.new(photo("overpass-bold", "H"), " ") }.to refuse_saying(/Type the word/, at: :word)
    blank = UpClose::Artwork::Picture.made((Vips::Image.black(60, 30) + 200).cast(:uchar))
    expect { described_class.new(blank, "H") }.to refuse_saying(/No word can be found/, at: :photo)
  end
end
