# frozen_string_literal: true

RSpec.describe UpClose::Formats::SVG do
  describe described_class::Colours do
    def hex(text, **rest)
      found = described_class.read(text, **rest)
      found.is_a?(Array) ? [found.first.to_hex, found.last.round(3)] : found
    end

    it "reads every way a drawing names a colour" do
      {
        "#abc" => ["#aabbcc", 1.0],
        "#A1B2C3" => ["#a1b2c3", 1.0],
        "#0008" => ["#000000", 0.533],
        "#11223380" => ["#112233", 0.502],
        "rgb(10, 20,30)" => ["#0a141e", 1.0],
        "rgb(100% 0% 50%)" => ["#ff0080", 1.0],
        "rgba(1,2,3,.25)" => ["#010203", 0.25],
        "rgb(1 2 3 / 50%)" => ["#010203", 0.5],
        "hsl(120, 100%, 25%)" => ["#008000", 1.0],
        "hsl(0 0% 100%)" => ["#ffffff", 1.0],
        " SeaGreen " => ["#2e8b57", 1.0]
      }.each { |text, wanted| expect(hex(text)).to eq(wanted), text }
    end

    it "tells no colour from one it cannot read" do
      expect(hex("none")).to be_nil
      expect(hex("transparent")).to be_nil
      expect(hex("currentColor", current: "navy")).to eq ["#000080", 1.0]
      expect(hex("url(#sky)")).to eq :unknown
      expect(hex("bluish")).to eq :unknown
      expect(hex("rgb(1,2)")).to eq :unknown
    end
  end

  describe described_class::PathData do
    def verbs(text) = described_class.read(text).commands.map(&:first)

    def ends(text)
      described_class.read(text).commands.reject { |c| c.first == :close }.map do |c|
        c.last.to_a.map { |v| v.round(6) }
      end
    end

    it "reads numbers run together, as drawing programs write them" do
      expect(ends("M1-2L.5.5-1-1")).to eq [[1, -2], [0.5, 0.5], [-1, -1]]
      expect(ends("M1e1,2E-1l-5+5")).to eq [[10, 0.2], [5, 5.2]]
    end

    it "takes more pairs after a move for lines, and starts anew after a close" do
      expect(verbs("M0 0 5 0 5 5z")).to eq %i[move line line close]
      expect(ends("m10 10 h5 v5 z l1 1")).to eq [[10, 10], [15, 10], [15, 15], [11, 11]]
    end

    it "mirrors the control point of a smooth curve, and only of its own kind" do
      smooth = described_class.read("M0 0C0 5 5 5 5 0S10-5 10 0").commands.last
      expect(smooth[1].to_a).to eq [5, -5]
      alone = described_class.read("M0 0L5 0S10-5 10 0").commands.last
      expect(alone[1].to_a).to eq [5, 0]
      # a quadratic with control (5, 10) is the cubic with controls two thirds of the way
      quadratic = described_class.read("M0 0Q5 10 10 0").commands.last
      expect(quadratic[1].to_a.map { |v| v.round(6) }).to eq [3.333333, 6.666667]
    end

    it "keeps arcs on their circle, whichever way they run, flags run together or not" do
      {
        "M10 0A10 10 0 0 1 0 10" => [0, 0],
        "M10 0A10 10 0 0 0 0 10" => [10, 10],
        "M10 0A10 10 0 1 1 0 10" => [10, 10],
        "M-10 0a10 10 0 0120 0" => [0, 0],
        "M-10 0a10,10 45 1,1 20,0" => [0, 0]
      }.each do |text, centre|
        points = described_class.read(text).flatten(0.001).flat_map(&:first)
        expect(points.map { |p| p.distance(point(*centre)) }).to all(be_within(0.01).of(10)), text
      end
    end

    it "makes radii too small for the span just large enough" do
      points = described_class.read("M0 0A1 1 0 0 1 10 0").flatten(0.001).flat_map(&:first)
      expect(points.map { |p| p.distance(point(5, 0)) }).to all(be_within(0.005).of(5))
    end

    it "keeps what comes before the first thing it cannot read" do
      expect(verbs("M0 0L5 5 fish 9 9")).to eq %i[move line]
      expect(verbs("L5 5")).to eq []
      expect(verbs("")).to eq []
      expect(verbs("M0 0L5")).to eq %i[move]
    end
  end

  describe described_class::Transforms do
    it "applies the rightmost first, and ignores what it cannot read" do
      apply = ->(text, x, y) { described_class.read(text).apply(point(x, y)).to_a.map { |v| v.round(6) } }
      expect(apply.call("translate(10 0) scale(2)", 3, 1)).to eq [16, 2]
      expect(apply.call("scale(2),translate(10,0)", 3, 1)).to eq [26, 2]
      expect(apply.call("rotate(90, 5, 5)", 5, 0)).to eq [10, 5]
      expect(apply.call("matrix(1 0 0 -1 0 20)", 3, 5)).to eq [3, 15]
      expect(apply.call("skewX(45)", 0, 2)).to eq [2, 2]
      expect(apply.call("wobble(3) scale(1 2 3)", 3, 5)).to eq [3, 5]
    end
  end

  describe described_class::Lengths do
    it "turns units into 96ths of an inch, and percentages into shares of the view" do
      lengths = described_class.new(200.0, 100.0)
      {
        "25.4mm" => 96, "2.54cm" => 96, "1in" => 96, "72pt" => 96, "6pc" => 96, "12" => 12, "12px" => 12, "" => 0,
        "wide" => 0
      }.each do |text, wanted|
        expect(lengths.read(text)).to be_within(1e-9).of(wanted), text
      end
      expect([lengths.read("50%"), lengths.read("50%", :down)]).to eq [100, 50]
    end
  end

  describe described_class::StyleRules do
    it "lets the more particular rule win, and later ones of the same weight" do
      rules = described_class
        .new("path{fill:red} .a{fill:green} .b{fill:blue} #one{fill:gold} path.a.b{stroke:red} /* .a{fill:no} */")
      expect(rules.for("path", nil, %w[a b]).first["fill"]).to eq "blue"
      expect(rules.for("path", "one", %w[a b]).first).to eq("fill" => "gold", "stroke" => "red")
      expect(rules.for("rect", nil, [])).to eq [{}, {}]
      expect(rules).not_to be_odd
      expect(described_class.new("g > path{fill:red}")).to be_odd
      expect(described_class.new("@media print{path{fill:red}}")).to be_odd
    end
  end

  it "paints a drawing that reads back the same: boxes, colours, rules" do
    drawing =
      opened(
        svg(
          '<path d="M10 10c10-8 22 8 30 0v12z" fill="#1e3b2c" fill-rule="evenodd" stroke="#b3261e" ' \
          'stroke-width="1.5" stroke-linejoin="round" stroke-linecap="square" fill-opacity=".5"/>' \
          '<rect x="60" y="5" width="20" height="30" rx="4"/>'
        )
      )
    again = opened(
      %(<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 100 50">#{described_class::Painting.call(drawing)}</svg>)
    )
    expect(again.ink.box.to_a).to match(drawing.ink.box.to_a.map { |v| be_within(1e-3).of(v) })
    style =
      ->(d) {
        d.shapes.map do |s|
          [s.fill&.to_hex, s.fill_alpha, s.even_odd, s.stroke&.to_hex, s.stroke_width.round(4), s.join, s.cap]
        end
      }
    expect(style.call(again)).to eq style.call(drawing)
  end

  it "names everything it prints as a picture" do
    beyond = {
      '<text x="1" y="9">Wren</text>' => /lettering as text/,
      '<rect width="9" height="9" clip-path="url(#c)"/><clipPath id="c"><circle r="3"/></clipPath>' => /clipping/,
      '<g opacity=".5"><rect width="9" height="9"/><rect x="4" width="9" height="9"/></g>' => /see-through groups/,
      '<path d="M0 5h40" stroke="#000" stroke-width="3" stroke-dasharray="3 2"/>' => /dashed lines/,
      '<rect width="9" height="9" stroke="#000" transform="scale(3 1)"/>' => /stretched outlines/
    }
    beyond.each do |body, words|
      picture = opened(svg(body))
      expect(picture).to be_a(UpClose::Artwork::Picture), body
      expect(picture.notes.join).to match(words)
    end
  end

  it "bounds its own work: too many parts, too deep, too many points" do
    expect([UpClose::Formats::SVG::Reader::MOST_ELEMENTS, UpClose::Formats::SVG::Reader::MOST_COMMANDS])
      .to eq [40_000, 600_000]
    stub_const("UpClose::Formats::SVG::Reader::MOST_ELEMENTS", 400)
    stub_const("UpClose::Formats::SVG::Reader::MOST_COMMANDS", 6000)
    expect { opened(svg("<g/>" * 401)) }.to refuse_saying(/more than 400 parts/, at: :file)
    expect { opened(svg(%(<path d="M0 0#{"h1" * 6001}"/>))) }.to refuse_saying(/6000 points/, at: :file)
  end

  it "bounds its own work as large as it may be", slow: true do
    expect { opened(svg("<g/>" * 40_001)) }.to refuse_saying(/more than 40000 parts/, at: :file)
    expect { opened(svg("#{"<g>" * 80}<rect width='1' height='1'/>#{"</g>" * 80}")) }
      .to refuse_saying(/nests them without end/, at: :file)
    expect { opened(svg(%(<path d="M0 0#{"h1" * 600_001}"/>))) }.to refuse_saying(/600000 points/, at: :file)
  end
end
