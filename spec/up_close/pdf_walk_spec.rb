# frozen_string_literal: true

# Points are 25.4 ÷ 72 mm; a PDF's y runs upwards from the foot of its page.
RSpec.describe UpClose::Formats::PDF::PageWalk, :measured do
  # pages are small here, and what lies beyond them counts as well
  def all_of(bytes) = UpClose::Artwork::Opening.call(bytes, take_all: true)

  def shapes(content, **how) = all_of(raw_pdf(content, **how)).shapes

  # in points from the page's top left
  def ink_points(content, **how) = all_of(raw_pdf(content, **how)).ink.box.to_a.map { |v| (v * 72 / 25.4).round(3) }

  it "takes colours of one, three and four figures, for fill and for line" do
    found =
      shapes("0.2 g 0 0 9 9 re f 1 0 0.4 rg 9 0 9 9 re f 0.1 0.5 1 0.2 k 18 0 9 9 re f 0 1 0 RG 3 w 0 50 m 90 50 l S")
    # the four inks as a renderer that is not ours has them, in brought_files_spec
    expect(found.first(3).map { |s| s.fill.to_hex }).to eq ["#333333", "#ff0066", "#b96d12"]
    expect(found.last).to have_attributes(
      fill: nil,
      stroke: have_attributes(to_hex: "#00ff00"),
      stroke_width: be_within(1e-9).of(3 * 25.4 / 72)
    )
  end

  it "keeps to the colour space that was chosen, and to black where none was" do
    expect(shapes("/DeviceRGB cs 0 0 1 sc 0 0 9 9 re f").first.fill.to_hex).to eq "#0000ff"
    expect(shapes("0 0 9 9 re f").first.fill.to_hex).to eq "#000000"
  end

  it "saves and brings back its state, and nests one map in another" do
    found = ink_points("q 2 0 0 2 10 10 cm q 1 0 0 1 5 0 cm 0 0 10 5 re f Q Q")
    # 2 × (5 … 15) + 10 across; 2 × (0 … 5) + 10 up
    expect(found).to eq [20, 80, 20, 10]
    widths = shapes("4 w q 2 0 0 2 0 0 cm 1 w 0 0 m 9 0 l S Q 0 50 m 9 50 l S").map do |s|
      (s.stroke_width * 72 / 25.4).round(6)
    end
    expect(widths).to eq [2, 4]
  end

  it "reads curves told by fewer points, closes, and even-odd holes" do
    # v repeats where it stands, y repeats its end: both bulge only half as far
    expect(ink_points("0 0 m 0 40 30 40 30 0 c f")[3]).to eq 30.0
    expect(ink_points("0 0 m 30 40 30 0 v f")[3]).to be_within(0.001).of(40 * 4 / 9.0)
    expect(ink_points("0 0 m 0 40 30 0 y f")[3]).to be_within(0.001).of(40 * 4 / 9.0)
    expect(shapes("0 0 40 40 re 10 10 20 20 re f*").first).to have_attributes(even_odd: true)
    expect(shapes("0 0 m 9 0 l 9 9 l s").first.path.commands.last).to eq [:close]
  end

  it "takes opacity from the page's named states" do
    found = shapes("/Faint gs 0 0 9 9 re B", resources: "/ExtGState << /Faint << /ca 0.25 /CA 0.5 >> >>").first
    expect(found).to have_attributes(fill_alpha: 0.25, stroke_alpha: 0.5)
  end

  it "walks a form each time it is used, by its own map" do
    form = ["/Type /XObject /Subtype /Form /BBox [0 0 50 50] /Matrix [1 0 0 1 100 0]", "0 0 10 10 re f"]
    drawn = "q 1 0 0 1 0 20 cm /Stamp Do Q q 1 0 0 1 50 60 cm /Stamp Do Q"
    found = shapes(drawn, resources: "/XObject << /Stamp 5 0 R >>", more: [form])
    expect(found.map { |s| s.path.box.to_a.first(2).map { |v| (v * 72 / 25.4).round(3) } }).to eq [[100, 70], [150, 30]]
  end

  it "does not follow a form that draws itself for ever" do
    form = [
      "/Type /XObject /Subtype /Form /BBox [0 0 50 50] /Resources << /XObject << /Stamp 5 0 R >> >>",
      "0 0 10 10 re f /Stamp Do"
    ]
    expect(opened(raw_pdf("/Stamp Do", resources: "/XObject << /Stamp 5 0 R >>", more: [form])))
      .to have_attributes(vector?: false, notes: include(/forms within forms/))
  end

  # a small box up and to the left of a large one: (−27.5, −32.5) from middle to middle, turned clockwise
  {0 => [-27.5, -32.5], 90 => [32.5, -27.5], 180 => [27.5, 32.5], 270 => [-32.5, 27.5]}.each do |turn, wanted|
    it "turns with its page: #{turn}°" do
      large, small = shapes(
        "20 10 60 20 re f 20 50 5 5 re f",
        page: "/MediaBox [0 0 200 100] /Rotate #{turn}"
      ).map do |s|
        s.path.box.centre
      end
      expect((small - large).to_a.map { |v| (v * 72 / 25.4).round(3) }).to eq wanted
    end
  end

  it "begins at its box's own corner" do
    expect(ink_points("120 60 30 10 re f", page: "/MediaBox [100 50 300 150]")).to eq [20, 80, 30, 10]
  end

  {
    "[4 2] 0 d 0 0 m 90 0 l S" => "dashed lines",
    "/Pattern cs /P scn 0 0 9 9 re f" => "patterns",
    "30 30 m 30 50 60 50 60 30 c W n 0 0 90 90 re f" => "clipping",
    "BI /W 1 /H 1 /CS /G /BPC 8 ID \x00 EI" => "pictures"
  }.each do |content, words|
    it "goes as a picture, and says so: #{words}" do
      expect(all_of(raw_pdf("0 0 9 9 re f #{content}")))
        .to have_attributes(vector?: false, notes: [/This page holds #{words}/])
    end
  end

  it "stays lines under a box that cuts nothing, leaves out what lies beyond it, and is a picture where it cuts" do
    expect(shapes("0 0 100 100 re W n 20 20 30 30 re f 120 20 30 30 re f").size).to eq 1
    expect(opened(raw_pdf("0 0 100 100 re W n 20 20 30 30 re f 90 20 30 30 re f")))
      .to have_attributes(vector?: false, notes: [/holds clipping/])
    expect(shapes("q 0 0 100 100 re W n Q 120 20 30 30 re f").size).to eq 1
  end

  it "cuts a form at its own box" do
    form =
      ->(content) {
        raw_pdf(
          "/Stamp Do",
          resources: "/XObject << /Stamp 5 0 R >>",
          more: [["/Type /XObject /Subtype /Form /BBox [0 0 50 50]", content]]
        )
      }
    expect(opened(form["5 5 40 40 re f"])).to be_vector
    expect(opened(form["5 5 60 40 re f"])).to have_attributes(vector?: false)
  end

  it "gives a line of no width the thinnest that prints" do
    expect(shapes("0 w 0 0 m 90 0 l S").first.stroke_width).to eq 0.05
  end

  it "comes back from our own pages as it went there" do
    drawing =
      opened(svg(
        '<path d="M10 10h40v5c-9 9-20 9-40 0z" fill="#a20"/><circle cx="70" cy="25" r="12" fill="none" ' \
        'stroke="#06a" stroke-width="2"/>',
        width: "100mm",
        height: "50mm"
      ))
    pack = UpClose::Printing::Pack.new(
      artwork: drawing,
      ink: drawing.ink,
      width_mm: 60.0,
      mirrored: false,
      copies: 1,
      paper: UpClose::Printing::Paper.fetch("a4"),
      border_mm: 3.0,
      heading: UpClose::Printing::Heading.new(title: "t", stock: UpClose::Sheets::Stock.fetch("letter-paper"))
    )
    walk = UpClose::Formats::PDF::Reader
      .new(UpClose::Formats::PDF::Writer.new(pack.pages, fonts: types[:paths], title: "t").call)
    ours = walk.drawing.shapes.select { |s| s.fill&.to_hex == "#aa2200" || s.stroke&.to_hex == "#0066aa" }
    ink = UpClose::Artwork::Drawing.new(ours, mm_per_unit: 1.0).ink.box
    expect(ink.to_a).to match(pack.ink_box(pack.cells.first).to_a.map { |v| be_within(2e-3).of(v) })
  end
end
