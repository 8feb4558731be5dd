# frozen_string_literal: true

require_relative "../shop_helper"

RSpec.describe "outlines and tables that come in" do
  describe "DXF" do
    def read(text, **how) = UpClose::Formats::DXF::Reader.new(text, **how)

    def dxf(entities, units: nil)
      head = units ? "0\nSECTION\n2\nHEADER\n9\n$INSUNITS\n70\n#{units}\n0\nENDSEC\n" : ""
      "#{head}0\nSECTION\n2\nENTITIES\n#{entities}0\nENDSEC\n0\nEOF\n"
    end

    it "comes back as it was written" do
      ring = shape("free-polygon", points: [[0, 0], [40, 0], [40, 20], [20, 20], [20, 40], [0, 40]]).ring
      again = read(UpClose::Formats::DXF::Writer.call({"OUTLINE" => [ring.path]})).rings.first
      expect(again.points.zip(ring.points).map { |a, b| a.distance(b) }.max).to be < 1e-4
    end

    it "joins lines and arcs drawn any way round, and takes bulges and circles" do
      line = ->(a, b) { "0\nLINE\n10\n#{a[0]}\n20\n#{a[1]}\n11\n#{b[0]}\n21\n#{b[1]}\n" }
      arc = ->(x, from, to) { "0\nARC\n10\n#{x}\n20\n5\n40\n5\n50\n#{from}\n51\n#{to}\n" }
      slot = line[[0, 0], [20, 0]] + line[[0, 10], [20, 10]] + arc[20, 270, 90] + arc[0, 90, 270]
      expect(read(dxf(slot, units: 4)).rings.first.area).to be_within(0.1).of(200 + Math::PI * 25)
      bulged = "0\nLWPOLYLINE\n70\n1\n10\n0\n20\n0\n42\n1\n10\n10\n20\n0\n42\n1\n"
      expect(read(dxf(bulged, units: 4)).rings.first.area).to be_within(0.1).of(Math::PI * 25)
    end

    it "minds units: inches, none said, or what the maker says" do
      circle = "0\nCIRCLE\n10\n0\n20\n0\n40\n1\n"
      inches = read(dxf(circle, units: 1))
      expect(inches.rings.first.box.width).to be_within(0.01).of(50.8)
      bare = read(dxf(circle))
      expect([bare.rings.first.box.width.round(2), bare.notes.first]).to match [2.0, /does not say its unit/]
      expect(read(dxf(circle), unit_mm: 25.4).rings.first.box.width).to be_within(0.01).of(50.8)
    end

    it "refuses open outlines and other files, in plain words, and leaves out with a note what carries none" do
      circle = "0\nCIRCLE\n10\n0\n20\n0\n40\n1\n"
      noted = read(dxf("0\nMTEXT\n1\nhello\n0\nHATCH\n2\nx\n0\nHATCH\n2\nx\n" + circle, units: 4))
      expect([noted.rings.size, noted.notes]).to match [1, [/it has no outline: 1 mtext, 2 hatch/]]
      expect { read(dxf("0\nLINE\n10\n0\n20\n0\n11\n5\n21\n5\n")).rings }.to refuse_saying(/no closed outline/)
      expect { read("hello\nworld\n").rings }.to refuse_saying(/cannot be read as DXF/)
    end

    it "reads ellipses and splines to a hundredth of a millimetre" do
      # π × 20 × 8, turned by its own axis
      oval = "0\nELLIPSE\n10\n5\n20\n5\n11\n16\n21\n12\n40\n0.4\n41\n0\n42\n6.283185307179586\n"
      expect(read(dxf(oval, units: 4)).rings.first.area).to be_within(0.1).of(Math::PI * 20 * 8)
      # a circle of radius 10 as a rational spline of nine points (Piegl and Tiller, example 7.1)
      h = Math.sqrt(0.5)
      around = [
        [10, 0, 1], [10, 10, h], [0, 10, 1], [-10, 10, h], [-10, 0, 1], [-10, -10, h], [0, -10, 1], [10, -10, h],
        [10, 0, 1]
      ]
      knots = [0, 0, 0, 1, 1, 2, 2, 3, 3, 4, 4, 4].map { |k| "40\n#{k}\n" }.join
      spline =
        "0\nSPLINE\n70\n4\n71\n2\n#{knots}#{around.map { |_, _, w| "41\n#{w}\n" }.join}" \
        "#{around.map { |x, y, _| "10\n#{x}\n20\n#{y}\n" }.join}"
      ring = read(dxf(spline, units: 4)).rings.first
      expect(ring.points.map { |p| Math.hypot(p.x, p.y) }).to all be_within(1e-9).of(10)
      expect(ring.area).to be_within(0.1).of(Math::PI * 100)
      # eight points on a circle of 10, which the line must pass through, and no curve of its own: so it is said
      fit = (0..8).map { |i| [10 * Math.cos(i * Math::PI / 4), 10 * Math.sin(i * Math::PI / 4)] }
      guessed = read(dxf("0\nSPLINE\n70\n1\n71\n3\n#{fit.map { |x, y| "11\n#{x}\n21\n#{y}\n" }.join}", units: 4))
      radii = guessed.rings.first.points.map { |p| Math.hypot(p.x, p.y) }
      expect([radii.max, radii.min, guessed.notes])
        .to match [be_within(1e-9).of(10), be_between(9.5, 10), [/gives only points/]]
      expect(read(dxf(spline, units: 4)).tap(&:rings).notes).to be_empty
    end

    it "puts blocks in where they are inserted, turned, sized and in rows, and leaves out layers that are off " \
      "or frozen" do
      blocks = %w[
        0 SECTION 2 BLOCKS 0 BLOCK 2 slot 10 1 20 1 0 LWPOLYLINE 70 1 10 1 20 1
        10 5 20 1 10 5 20 3 10 1 20 3 0 ENDBLK 0 ENDSEC
      ].join("\n") + "\n"
      layers = %w[
        0 SECTION 2 TABLES 0 TABLE 2 LAYER 0 LAYER 2 notes 70 0 62 -7 0 LAYER 2 old
        70 1 62 7 0 LAYER 2 cut 70 0 62 7 0 ENDTAB 0 ENDSEC
      ].join("\n") + "\n"
      hidden = %w[notes old].map { |layer| "0\nCIRCLE\n8\n#{layer}\n10\n0\n20\n0\n40\n500\n" }.join
      placed = "0\nINSERT\n8\ncut\n2\nslot\n10\n10\n20\n20\n41\n2\n42\n2\n50\n90\n70\n3\n44\n30\n"
      reader =
        read(dxf(hidden + placed, units: 4).sub("0\nSECTION\n2\nENTITIES", layers + blocks + "0\nSECTION\n2\nENTITIES"))
      # 4 × 2 twice as large, turned a quarter about (10, 20): 4
      # wide to the left, 8 high upwards; rows run along the turn
      expect(reader.rings.map { |ring| ring.box.to_a.map { |v| v.round(6) } })
        .to match_array [[6, -28, 4, 8], [6, -58, 4, 8], [6, -88, 4, 8]]
      expect(reader.notes).to match [/layer is hidden: 2/]
    end

    it "takes an outline that is drawn twice as one, and asks what it cannot know" do
      square = ->(from, side) { dxf_square(from, side) }
      twice = UpClose::Measure::OutlineFile.read(dxf(square[0, 50] + square[0, 50], units: 4))
      expect([twice.keep_outs, twice.holds_all?, twice.unit_known?]).to eq [[], false, true]
      framed = dxf(square[0, 200] + square[50, 80])
      file = UpClose::Measure::OutlineFile.read(framed)
      expect([file.holds_all?, file.unit_known?, file.box.width]).to eq [true, false, 200]
      expect(UpClose::Measure::OutlineFile.read(framed, unit_mm: 25.4, frame: true)).to have_attributes(
        holds_all?: false,
        unit_known?: true,
        box: have_attributes(width: be_within(1e-6).of(80 * 25.4))
      )
    end

    it "makes keep-outs of the loops inside, DXF and SVG alike" do
      drawn =
        [
          %(<svg xmlns="http://www.w3.org/2000/svg" width="60mm" height="40mm" viewBox="0 0 60 40"><rect width="60" ),
          %(height="40"/><circle cx="15" cy="10" r="3"/></svg>)
        ].join
      file = UpClose::Measure::OutlineFile.read(drawn)
      expect(file.keep_outs.first)
        .to include(kind: "disc", x: be_within(0.02).of(-15), y: be_within(0.02).of(-10), width: be_within(0.05).of(6))
      expect(UpClose::Measure::OutlineFile.read(svg('<rect width="9" height="9"/>'))).not_to be_unit_known
    end
  end

  describe UpClose::Formats::CsvTable do
    it "reads what people's programs save: marks, semicolons, tabs, old encodings, formulas as words" do
      expect(described_class.call("\uFEFFat;girth\n0;12,5\n".b)).to eq [%w[at girth], %w[0 12,5]]
      expect(described_class.call("a\tb\n1\t2\n")).to eq [%w[a b], %w[1 2]]
      expect(described_class.call("=1+1,Söl\n".encode("Windows-1252").b)).to eq [["=1+1", "Söl"]]
      expect(described_class.call("\xFF\xFE".b + "x,y\n".encode("UTF-16LE").b)).to eq [%w[x y]]
    end

    it "refuses an empty one and more than 5,000 rows" do
      expect { described_class.call(" \n") }.to refuse_saying(/empty/)
      expect { described_class.call("a\n" * 5001) }.to refuse_saying(/5001 rows; 5000/)
    end
  end

  it "reads pairs as people type them, and names the line that does not read" do
    expect(UpClose::Measure::Pairs.read("0, 0\n1/2, 3/4\n-2; 5", unit: "in").map { |pair| pair.map { |v| v.round(6) } })
      .to eq [[0.0, 0.0], [12.7, 19.05], [-50.8, 127.0]]
    expect { UpClose::Measure::Pairs.read("1, 2\n3") }.to refuse_saying(/Line 2 does not contain two/)
  end
end

RSpec.describe UpClose::Measure::OutlineFile do
  def read(body, **root) = described_class.read(svg(body, **root))

  it "takes the largest loop as the outline, what lies in it as kept off, and what lies beside it as neither" do
    file =
      described_class
        .read(svg(
          '<rect width="60" height="40"/><circle cx="10" cy="10" r="3"/><rect x="30" y="20" width="8" height="4"/>' \
          '<rect x="70" y="5" width="20" height="20"/>',
          width: "200mm",
          height: "100mm"
        ))
    outline = UpClose::Geometry::Ring.new(file.points.map { |x, y| point(x, y) })
    expect(outline.box.to_a).to match([0, 0, 120, 80].map { |v| be_within(0.01).of(v) })
    # from the outline's middle: (10 × 2 − 60, 10 × 2 − 40); a circle of 6 units is 12 mm
    told = file.keep_outs.map do |k|
      k.slice(:kind, :x, :y, :width).transform_values { |v| v.is_a?(Float) ? v.round(1) : v }
    end
    expect(told).to eq [{kind: "box", x: 8.0, y: 4.0, width: 16.0}, {kind: "disc", x: -40.0, y: -20.0, width: 12.0}]
  end

  it "asks for the unit of a drawing that says none, and takes it" do
    expect(read('<rect width="60" height="40"/>')).not_to be_unit_known
    given = described_class.read(svg('<rect width="60" height="40"/>'), unit_mm: 0.5)
    expect(UpClose::Geometry::Ring.new(given.points.map { |x, y| point(x, y) }).box.width).to be_within(1e-6).of(30)
  end

  it "drops corners that hardly stand out, and no others" do
    many = Array.new(400) { |i|
      "#{(20 * Math.cos(i * Math::PI / 200)).round(4)},#{(20 * Math.sin(i * Math::PI / 200)).round(4)}"
    }
      .join(" ")
    file = described_class.read(svg(%(<polygon points="#{many}"/>)), unit_mm: 1)
    expect(file.points.size).to be_between(30, 200)
    expect(UpClose::Geometry::Ring.new(file.points.map { |x, y| point(x, y) }).area).to be_within(3).of(Math::PI * 400)
  end

  it "refuses open lines and nothing at all" do
    expect { described_class.read("") }.to refuse_saying(/empty/, at: :outline_file)
    expect { described_class.read(svg('<path d="M0 0L9 9"/>'), unit_mm: 1) }
      .to refuse_saying(/no closed outline/, at: :outline_file)
  end
end

RSpec.describe UpClose::Measure::ModelScale do
  it "goes both ways, however it is typed, and shows its working" do
    expect(["1:48", "1/48", "48", "1 : 48"].map { |t| described_class.read(t).model(1056) }).to all(eq 22)
    expect(described_class.read("22,5").real(40)).to eq 900
    expect(described_class.read("1:76").finding(24, writer))
      .to have_attributes(figure: "1824.0 mm", working: have_attributes(to_s: /24 × 76 = 1824 mm/))
    expect { described_class.read("one to one") }.to refuse_saying(/is not a scale we can read/, at: :ratio)
    expect { described_class.read("1:0") }.to refuse_saying(/is not a scale we can read/)
  end
end
