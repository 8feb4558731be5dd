# frozen_string_literal: true

RSpec.describe "values of the core" do
  it "write numbers as people do" do
    {
      38 => "38",
      12.40 => "12.4",
      0.005 => "0.01",
      -2.5 => "−2.5",
      -0.001 => "0",
      1234.5678 => "1234.57"
    }.each do |value, words|
      expect(UpClose::Working.number(value)).to eq words
    end
    expect(UpClose::Working.number(1.23456, 4)).to eq "1.2346"
  end

  it "carry the source of a starting value with the working" do
    working = UpClose::Working.new("150 − 2 × 6 = 138", source: "6 is a starting value")
    expect(working.to_s).to eq "150 − 2 × 6 = 138 · 6 is a starting value"
    expect(working).to eq UpClose::Working.new("150 − 2 × 6 = 138", source: "6 is a starting value")
  end

  it "find the gravest verdict" do
    finding = ->(verdict) { UpClose::Finding.new(key: :x, title: "x", verdict: verdict) }
    expect(UpClose::Finding.worst([finding[:fine], finding[:stop], finding[:watch]])).to eq :stop
    expect(UpClose::Finding.worst([finding[:note], finding[:watch]])).to eq :watch
    expect(UpClose::Finding.worst([])).to eq :fine
    expect { finding[:perfect] }.to raise_error(ArgumentError)
  end

  it "are frozen, and equal when they say the same" do
    pairs = [
      -> { point(1, 2) },
      -> { box(1, 2, 3, 4) },
      -> { placed(width_mm: 3, x_mm: 1) },
      -> { UpClose::Geometry::Transform.turn(12) },
      -> { UpClose::Colour.hex("#5b3a29") },
      -> { shape("disc", diameter_mm: 25.0) },
      -> { UpClose::Methods::Step.new(key: "soak", phase: :apply, kind: :wait, title: "Soak", words: "", least_s: 30) }
    ]
    pairs.each do |made|
      one, two = made.call, made.call
      expect([one == two, one.eql?(two), one.hash == two.hash, one.frozen?]).to all(be true), one.inspect
    end
    expect(point(1, 2)).not_to eq point(2, 1)
    expect(shape("disc", diameter_mm: 25.0)).not_to eq shape("disc", diameter_mm: 26.0)
  end

  it "read colours, and refuse what is none" do
    expect(UpClose::Colour.hex("#abc").to_a).to eq [170, 187, 204]
    expect(UpClose::Colour.hex("5B3A29").to_hex).to eq "#5b3a29"
    ["", "puce", "#12345", "#gggggg"].each do |text|
      expect { UpClose::Colour.hex(text) }.to refuse_saying(/is not a colour we can read/, at: :colour)
    end
    expect([
      UpClose::Colour::WHITE.white?,
      UpClose::Colour.hex("#fafafa").white?,
      UpClose::Colour.hex("#f9ffff").white?
    ])
      .to eq [true, true, false]
  end

  it "know their own names, and say what else there is" do
    {
      -> { UpClose::Methods.fetch("boil") } => /no method called “boil”/,
      -> { UpClose::Materials.material("cheese") } => /no material called “cheese”/,
      -> { UpClose::Materials.finish("licked") } => /no finish called “licked”/,
      -> { UpClose::Sheets::Stock.fetch("vellum") } => /No stock is called “vellum”/,
      -> { UpClose::Printing::Paper.fetch("a9") } => /no paper called “a9”/,
      -> { UpClose::Sealing.fetch("jam") } => /no finish called “jam”/,
      -> { UpClose::Surfaces.fetch("banana") } => /no shape called “banana”/
    }.each { |call, words| expect(&call).to refuse_saying(words) }
  end

  it "pick a stock that suits the printer when none is asked for" do
    setting =
      ->(method, printer) {
        UpClose::Methods::MethodChoice.new(method: UpClose::Methods.fetch(method), printer: printer)
      }
    expect(setting["ink-offset", :inkjet].stock.key).to eq "label-backing"
    expect(setting["solvent-rub", :laser].stock.key).to eq "letter-paper"
    expect(setting["water-slide", :laser].picked).to eq(edge: :border, pace: :short, seal_print: :coats)
    expect { UpClose::Methods.fetch("water-slide").check_choices(edge: "torn") }
      .to refuse_saying(/no school called “torn”/, at: :edge)
  end

  it "keep a laid sheet as plain JSON, and read it back the same, from before marks were told apart too" do
    copy = UpClose::Sheets::Placement.new(mark: 4, copy: 2, x: 33.5, y: 35.0, turn: 90)
    tile = copy.with(copy: 3, pinned: true, ring: [[0, 0], [9.5, 0], [9.5, 7]])
    sheet = UpClose::Sheets::LaidSheet.fresh(width_mm: 210.0, height_mm: 297.0, places: [copy, tile], boxed: true)
    kept = JSON.parse(JSON.generate(sheet.to_h))
    expect(UpClose::Sheets::LaidSheet.from_h(kept)).to eq(sheet).and be_frozen
    expect(kept["places"].first).to eq("mark" => 4, "copy" => 2, "x" => 33.5, "y" => 35.0, "turn" => 90)
    old = UpClose::Sheets::LaidSheet.from_h(
      "sheet_id" => 7, "version" => 3, "width_mm" => 90, "height_mm" => 60, "used" => [[[0, 0], [9, 0], [9, 9]]],
      "places" => [{"copy" => 1, "x" => 1, "y" => 2, "turn" => 0}]
    )
    expect([old.fresh?, old.boxed?, old.places.first.mark, old.places.first.tile?]).to eq [false, false, nil, false]
    gone = UpClose::Sheets::UsedArea.new(ring: [[0, 0], [9, 0], [9, 9]], words: "scanned")
    expect(UpClose::Sheets::UsedArea.from_h(JSON.parse(JSON.generate(gone.to_h)))).to eq gone
    expect([gone.by_hand?, gone.heading?]).to eq [true, false]
  end

  it "tally a record" do
    expect(UpClose::Record.tally(%w[good spoilt good])).to eq "2 good, 1 spoilt"
    expect(UpClose::Record.signs(%w[good usable])).to eq "1 ●  1 ▲"
    expect(UpClose::Record.tally([])).to eq ""
  end

  describe UpClose::Geometry::Algorithms::FallingRoot do
    it "finds where a falling function passes nought, from the side that holds" do
      root = described_class.call(0.0, 10.0) { |x| 8 - x**3 }
      expect(root).to be_within(1e-8).of(2)
      expect(8 - root**3).to be >= 0
      kinked = described_class.call(0.0, 100.0) { |x| [5 - 0.1 * x, 50 - 3 * x].min } # 50 − 3x first, at 16.667
      expect(kinked).to be_within(1e-8).of(50 / 3.0)
      expect(described_class.call(0.0, 4.0) { |x| 9 - x }).to eq 4
    end
  end

  describe UpClose::Geometry::Algorithms::ThinOut do
    it "drops what stands out less than the tolerance, and nothing more" do
      circle = Array.new(3000) { |i| point(50 * Math.cos(i * Math::PI / 1500), 50 * Math.sin(i * Math::PI / 1500)) }
      thin = described_class.call(circle, 0.001)
      expect(thin.size).to be < 600
      edges = (thin + [thin.first]).each_cons(2).to_a
      expect(edges.map { |p, q| 50 - ((p + q) * 0.5).length }.max).to be <= 0.0011
      square = box(0, 0, 4, 4).corners
      expect(described_class.call(square, 1)).to eq square
    end
  end

  describe UpClose::Geometry::Algorithms::HalfPlanes do
    it "cuts a box down to what is left" do
      left = described_class.call(box(0, 0, 10, 10), [[point(1, 0), 4.0], [point(0, -1), -2.0]])
      expect(UpClose::Geometry::Box.around(left)).to eq box(0, 2, 4, 8)
      expect(described_class.call(box(0, 0, 10, 10), [[point(1, 0), -1.0]])).to be_empty
    end
  end

  describe UpClose::Formats::PNG::Chunks do
    it "knows what a page can take as it is" do
      plain = Vips::Image.black(8, 4, bands: 3).cast(:uchar).copy(interpretation: :srgb)
      expect(described_class.new(plain.pngsave_buffer))
        .to have_attributes(width: 8, height: 4, colours: 3, plain?: true)
      expect(described_class.new(plain.extract_band(0).pngsave_buffer)).to have_attributes(colours: 1, plain?: true)
      expect(described_class.new(plain.pngsave_buffer(interlace: true))).not_to be_plain
      expect(described_class.new(plain.bandjoin(255).pngsave_buffer)).not_to be_plain
      expect(described_class.new(plain.cast(:ushort).copy(interpretation: :rgb16).pngsave_buffer)).not_to be_plain
    end
  end
end
