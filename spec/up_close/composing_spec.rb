# frozen_string_literal: true

RSpec.describe UpClose::Composing do
  let(:writer) { UpClose::Measure::LengthWriter.new("mm") }

  def layer(title, at, residue: :film, wet: true, next_s: 1800)
    region = UpClose::Geometry::Region.box(box(*at))
    UpClose::Composing::Layer.new(
      key: title, title: title, transfer: title, region: region, ink: region, residue: residue, wet: wet, next_s: next_s
    )
  end

  describe UpClose::Composing::Layers do
    let(:beams) { layer("Beams", [0, 0, 40, 10]) }
    let(:tower) { layer("Tower", [30, -20, 8, 40]) }
    let(:fish) { layer("Fish", [60, 20, 20, 8]) }

    it "finds which lie over which, how much, how deep, and what to wait for" do
      layers = described_class.new([beams, tower, fish])
      expect(layers.overs.map { |over| [over.upper.title, over.lower.title, over.area] })
        .to eq [["Tower", "Beams", 80.0]]
      expect(layers.deep).to eq 2
      expect([beams, tower, fish].map { |one| layers.wait(one) }).to eq [[:coat, 1800], nil, nil]
      expect(layers.findings.first).to have_attributes(verdict: :watch, title: "Tower over Beams")
      # the other way round the film below is the tower
      expect(described_class.new([tower, beams]).findings.first.title).to eq "Beams over Tower"
    end

    it "stops inks that are wet together, and ink on film; it takes film over dry ink" do
      verdict = lambda do |lower, upper|
        pair = [layer("a", [0, 0, 9, 9], **lower), layer("b", [5, 5, 9, 9], **upper)]
        described_class.new(pair).findings.first.verdict
      end
      wet, film, dry = {residue: :dye_ink}, {residue: :film}, {residue: :toner, wet: false}
      expect(verdict.call(wet, wet)).to be :stop
      expect(verdict.call(film, wet)).to be :stop
      expect([verdict.call(wet, film), verdict.call(dry, film), verdict.call(dry, wet)]).to all be :watch
      expect(described_class.new([layer("a", [0, 0, 9, 9]), layer("b", [9, 0, 9, 9])]).findings).to be_empty
    end
  end

  describe UpClose::Composing::SnapLines do
    # 10 × 4 among one of 20 × 10 at the upper left and one of 6 × 6 at the right, on 100 × 60
    def snaps(**more)
      described_class.new(
        own: box(0, 0, 10, 4), piece: box(-50, -30, 100, 60),
        others: {"A" => box(-40, -20, 20, 10), "B" => box(20, -20, 6, 6)}, **more
      ).call
    end

    def at(words, axis, **more) = snaps(**more).select { |s| s.axis == axis && s.words == words }.map(&:at)

    it "names middles, edges and baselines, with where its own middle then lies" do
      expect(at("middle of the piece", :x)).to eq [0.0]
      expect(at("middle of A", :x)).to eq [-30.0]
      expect([at("left edges with A", :x), at("right edges with A", :x), at("lower edges with B", :y)])
        .to eq [[-35.0], [-25.0], [-16.0]]
      expect(at("baseline of A", :y, baselines: {"A" => -11.0}, baseline: 1.5)).to eq [-12.5]
    end

    it "makes gaps alike: between two, to the edges, and once more beyond" do
      # between A's right −20 and B's left 20: (40 − 10) ÷ 2
      between = snaps.find { |s| s.axis == :x && s.words == "equal gaps to A and B" }
      expect([between.at, between.gap_mm]).to eq [0.0, 15.0]
      # A and B leave 40: 40 beyond B is off the piece, and still a place
      expect(at("the gap of B and A", :x)).to include(26 + 40 + 5.0)
      # as far from B as B is from the right edge, 24, on its left
      beside = snaps.select { |s| s.words == "the gap of B and the other edge" && s.axis == :x }
      expect(beside.map { |s| [s.at, s.gap_mm] }).to include [20 - 24 - 5.0, 24.0]
    end
  end

  describe UpClose::Composing::InLine do
    it "tells middles that are in line, those that nearly are, and gaps that come again" do
      piece = box(-80, -55, 160, 110)
      marks = {"Tower" => box(-13, -47, 26, 64), "Fish" => box(-30, 25, 60, 22)}
      found = described_class.new(marks, piece)
      expect(found.findings(writer).map { |f| [f.verdict, f.value] }).to eq [[:fine, 0.0]]
      # 8 above the tower, 8 between, 8 below the fish
      expect(found.equal_gaps).to eq(8.0 => 3)
      off = described_class.new(marks.merge("Fish" => box(-29.6, 25, 60, 22)), piece).findings(writer)
      expect(off.first).to have_attributes(verdict: :watch, value: be_within(1e-9).of(0.4))
    end
  end
end
