# frozen_string_literal: true

require_relative "../shop_helper"
require "pdf/inspector"

RSpec.describe "what pages say up close", :shop do
  def piece_on(shape, **measures)
    Piece.new(
      shape: shape,
      measures: measures.transform_keys(&:to_s),
      material: "glazed",
      finish: "gloss-paint",
      colour: "#f2efe6",
      keep_outs: [],
      job: Job.new(title: "x")
    )
  end

  describe Presenters::ShapeSample do
    UpClose::Surfaces.all.each do |kind|
      it "draws a small picture of #{kind.title.downcase}, within its frame" do
        sample = described_class.new(kind)
        numbers = sample.path.scan(/-?\d+\.?\d*/).map(&:to_f)
        expect(numbers.map(&:abs).max).to be <= 50
        expect(sample.lines.nil?).to eq !(kind < UpClose::Surfaces::Curved)
      end
    end
  end

  describe Presenters::UnrolledWords do
    def said(shape, **measures) = described_class.call(shape(shape, **measures), writer)

    it "gives a cup's radii, a ball's flat marks and gores, a body's worst strain" do
      expect(said("cup", top_mm: 82, foot_mm: 60, slant_mm: 95)).to match(/354\.1 mm outside, 259\.1 mm inside, 41\.7°/)
      expect(said("dome", ball_mm: 60, cap_mm: 40)).to match(/up to 14\.7 mm across, with softener 27\.6 mm.*5 gores/)
      expect(said("loft", stations: [[0, 0], [20, 60], [50, 80]]))
        .to match(/between 0 and 20 mm: 26.19 % along the back.*No flat sheet follows/)
      expect(said("cylinder", diameter_mm: 50, height_mm: 90, film_mm: 0)).to match(/No strain/)
    end
  end

  describe UpClose::Surfaces::Strain do
    it "says who takes a strain and who does not" do
      expect(described_class.words(0.015))
        .to eq "Film with softener and pressed thin foil take it; dry film and paper do not."
      expect([0.005, 0.02, 0.2].map { |s| described_class.verdict(s) }).to eq %i[fine watch stop]
    end
  end

  describe Presenters::FrontView do
    # a mark 40 × 20 in the middle of a tube, all ink
    def front(shape, x_mm: 0, **measures)
      mark = Mark.new(piece: piece_on(shape, **measures), picked: {}, earlier_places: [], recipe: [])
      look = (Vips::Image.black(400, 200, bands: 3) + 20).cast(:uchar).copy(interpretation: :srgb)
      view = described_class.new(mark, placed(width_mm: 40, x_mm: x_mm))
      [view, Vips::Image.new_from_buffer(view.png(look, 0), "")]
    end

    def inked(image, row = image.height / 2)
      image[3].crop(0, row, image.width, 1).to_a.flatten.each_index.select { |x| image[3].getpoint(x, row).first > 127 }
    end

    it "narrows a mark by the sine of its angle on a tube" do
      view, image = front("cylinder", diameter_mm: 50, height_mm: 60, film_mm: 0)
      seen = inked(image)
      # 40 mm round a tube of 50: ± 45.8°; seen 50 × sin 45.8° = 35.9 mm
      expect((seen.last - seen.first + 1) / view.scale).to be_within(1).of(50 * Math.sin(40 / 50.0))
      rows = (0...image.height).select { |y| image[3].getpoint(image.width / 2, y).first > 127 }
      expect(rows.size / view.scale).to be_within(1).of(20)
    end

    it "shows nothing of what lies round the back, and half of what lies at the side" do
      _, image = front("cylinder", diameter_mm: 50, height_mm: 60, film_mm: 0, x_mm: 78)
      expect(inked(image)).to be_empty
      view, image = front("cylinder", diameter_mm: 50, height_mm: 60, film_mm: 0, x_mm: 25 * Math::PI / 2)
      seen = inked(image)
      expect([seen.last, seen.size / view.scale])
        .to match [be_within(4).of((728 + 50 * view.scale) / 2), be_within(1.0).of(25 * (1 - Math.cos(20 / 25.0)))]
    end

    it "marks what one glance takes in, where words go round" do
      view, = front("cylinder", diameter_mm: 50, height_mm: 60, film_mm: 0)
      expect((view.glance[1] - view.glance[0]) / view.scale).to be_within(0.1).of(50 * Math.sin(Math::PI / 4))
      expect(front("dome", ball_mm: 60, cap_mm: 50).first.glance).to eq []
    end
  end

  describe Presenters::PlaceStage do
    let(:first) { ready_mark }

    it "keeps marks on one piece apart, and repeats from each other" do
      other = Actions::SavePiece.new_mark(first.piece)
      Actions::AddArtwork.use(other, first.artwork)
      Actions::PlaceMark.move(other, placed(width_mm: 10, x_mm: 24, y_mm: 0), Time.now)
      stage = described_class.new(Mark.find(first.id), writer: writer)
      # 30 wide in the middle, 10 wide at 24: 19 − 15
      expect(stage.findings.find { |f| f.key == :neighbour })
        .to have_attributes(title: "Clear of badge", figure: "4.0 mm", verdict: :fine, limit: 2.0)
      Actions::PlaceMark.move(other, placed(width_mm: 10, x_mm: 10, y_mm: 0), Time.now)
      over = -> { described_class.new(Mark.find(first.id), writer: writer).findings.find { |f| f.key == :over } }
      # a film may lie over another: not told before both methods are
      expect(over.call).to have_attributes(title: "badge over badge", verdict: :watch)
      other.update!(first.attributes.slice("method_key", "printer", "stock", "picked"))
      expect(over.call).to have_attributes(verdict: :stop, reason: /Both are wet/)
      expect(described_class.new(Mark.find(first.id), writer: writer).view.others.map { |o| o[:kind] })
        .to eq %w[neighbour]
    end

    it "says what a width is on the real thing, at the scale last used" do
      expect(Forms::PlaceForm.new({"real" => "200 m", "ratio" => "1:48"}, mark: first, writer: writer).errors[:real])
        .to match(/comes to 4166.67 mm wide/)
      form = Forms::PlaceForm.new({"real" => "1.44 m", "ratio" => "1:48"}, mark: first, writer: writer)
      Actions::PlaceMark.call(first, form, Time.now)
      told = described_class.new(Mark.find(first.id), writer: writer).findings.find { |f| f.key == :real }
      expect(told).to have_attributes(
        title: "Size on the real thing, at 1:48",
        value: be_within(1e-6).of(1440),
        working: have_attributes(to_s: "30 × 48 = 1440 mm wide")
      )
    end

    it "puts registration on the page and on the bench card alike" do
      said = described_class.new(first, writer: writer).registration.map(&:title)
      expect(said).to include("Trim the paper to", "The paper's left edge lies", "Hinge")
      words = PDF::Inspector::Text.analyze(Presenters::BenchCard.new(first, writer: writer).pdf)
        .strings
        .join(" ")
        .gsub(/\s+/, " ")
      said.each { |title| expect(words).to include(title) }
    end

    it "says that straight artwork would climb round a cup, until it is bent" do
      mark = first
      mark.piece.update!(shape: "cup", measures: {top_mm: 82, foot_mm: 60, slant_mm: 95})
      mark.piece.reload
      keys = -> { described_class.new(Mark.find(mark.id), writer: writer).findings.map(&:key) }
      expect(keys.call).to include(:climb, :round)
      Actions::PrepareArtwork.call(Mark.find(mark.id), [{"key" => "bend", "on" => true}])
      expect(keys.call).to include(:round).and not_include(:climb)
    end
  end

  describe PreparedArtwork do
    it "keeps a mark's scale through steps and its width through sizes, to a millionth" do
      mark = ready_mark
      scale = mark.design.mm_per_unit
      Actions::PrepareArtwork.call(
        mark,
        [{"key" => "thicken", "by_mm" => 0.2, "on" => true}, {"key" => "bend", "radius_mm" => 60, "on" => true}]
      )
      expect(mark.design.mm_per_unit).to be_within(1e-9).of(scale)
      was = mark.width_mm
      Actions::PlaceMark.move(mark, mark.placement.with(width_mm: 44.0), Time.now)
      mark = Mark.find(mark.id)
      made = mark.design.drawn.prepared
      expect(mark.design.mm_per_unit * made.artwork.ink.box.width / made.ratio).to be_within(1e-5).of(44)
      expect(mark.design.ink.box.to_a).to match(made.artwork.ink.box.to_a.map { |v| be_within(1e-9).of(v) })
      Actions::PlaceMark.undo(mark)
      expect(Mark.find(mark.id).width_mm).to be_within(1e-6).of(was)
    end

    it "depends in its signature on the recipe, not on where it lies" do
      mark = ready_mark
      was = mark.design.signature
      Actions::PlaceMark.move(mark, mark.placement.with(x_mm: 3), Time.now)
      expect(Mark.find(mark.id).design.signature).to eq was
      Actions::PrepareArtwork.call(mark, [{"key" => "straighten", "turn" => 5, "on" => true}])
      expect(Mark.find(mark.id).design.signature).not_to eq was
    end
  end

  describe Actions::LookAtArtwork do
    it "looks at all that were not looked at, and not twice" do
      mark = ready_mark
      described_class.the_rest
      expect(mark.reload.checked["key"]).to eq mark.design.checks_key
      expect(UpClose::Artwork::Checks).not_to receive(:findings)
      described_class.the_rest
    end
  end

  describe Forms::RepeatsForm do
    let(:mark) { ready_mark.tap { |m| Actions::PlaceMark.move(m, m.placement.with(y_mm: -10), Time.now) } }

    def read(**typed) = described_class.new(typed.transform_keys(&:to_s), mark: mark)

    it "takes a number, or the whole repeats nearest to a distance" do
      expect(read(kind: "round", count: "8").repeats.to_h).to eq("kind" => "round", "count" => 8, "ends" => "half")
      # 2π × 10 ÷ 12 = 5.2
      expect(read(kind: "round", wanted: "12").repeats.to_h).to include("count" => 5, "wanted_mm" => 12.0)
      # 100 ÷ 24 = 4.2: four gaps between five marks
      expect(read(kind: "along", run: "10 cm", wanted: "24", ends: "whole").repeats.to_h)
        .to eq("kind" => "along", "count" => 5, "run_mm" => 100.0, "ends" => "whole", "wanted_mm" => 24.0)
      expect(read(kind: "once").repeats.to_h).to eq({})
    end

    it "says what is missing" do
      expect(read(kind: "along", count: "4").errors).to include(:run)
      expect(read(kind: "round", count: "1").errors[:count]).to match(/from 2 to 200/)
      expect(read(kind: "along", run: "100", count: "4", ends: "centred").errors[:count])
        .to match(/An even number has no mark in the middle. Take 3 or 5/)
      Actions::PlaceMark.move(mark, mark.placement.with(y_mm: 0), Time.now)
      expect(read(kind: "round", count: "4").errors[:kind]).to match(/lies in the middle/)
    end
  end
end
