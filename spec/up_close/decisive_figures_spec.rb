# frozen_string_literal: true

require_relative "../support/laid_plans"

# Figures on which an answer turns, each tried on both sides of it.
RSpec.describe "figures that decide" do
  def layer(title, at, residue: :film, wet: false)
    region = UpClose::Geometry::Region.box(box(*at))
    UpClose::Composing::Layer.new(
      key: title, title: title, transfer: title, region: region, ink: region, residue: residue, wet: wet, next_s: 600
    )
  end

  describe UpClose::Composing::Layers do
    it "coats between film and film alone: ink or toner under or over it dries, no more" do
      waits = [%i[film film], %i[film toner], %i[toner film], %i[toner toner]].map do |lower, upper|
        pair = [layer("a", [0, 0, 9, 9], residue: lower), layer("b", [5, 5, 9, 9], residue: upper)]
        described_class.new(pair).wait(pair.first).first
      end
      expect(waits).to eq %i[coat dry dry dry]
    end

    it "counts how deep they lie by the deepest below, not by how many lie below" do
      # two side by side, and a third over both: two deep
      bridge = [layer("a", [0, 0, 10, 10]), layer("b", [20, 0, 10, 10]), layer("c", [5, 0, 20, 10])]
      expect(described_class.new(bridge).deep).to eq 2
      stair = [layer("a", [0, 0, 10, 10]), layer("b", [8, 0, 10, 10]), layer("c", [16, 0, 10, 10])]
      expect(described_class.new(stair).deep).to eq 3
    end

    it "takes two that share a fiftieth of a square millimetre for touching, and more for lying over" do
      shared = ->(wide) { described_class.new([layer("a", [0, 0, 10, 10]), layer("b", [10 - wide, 0, 10, 10])]).overs }
      expect([shared[0.0019].size, shared[0.0021].size, shared[0.1].size]).to eq [0, 1, 1]
    end
  end

  describe UpClose::Composing::InLine do
    it "takes middles a millimetre off a line for meant, and what is farther for elsewhere" do
      off = lambda do |mm|
        boxes = {"A" => box(-5, -20, 10, 4), "B" => box(-5 + mm, 10, 10, 4)}
        described_class.new(boxes, box(-50, -30, 100, 60)).findings(UpClose::Measure::LengthWriter.new("mm"))
      end
      expect(off[0.04].map(&:verdict)).to eq [:fine]
      expect(off[0.9].map(&:verdict)).to eq [:watch]
      expect(off[1.1]).to be_empty
    end
  end

  describe UpClose::Timetable::Planner do
    include LaidPlans

    it "finds the latest start to a quarter of a minute, and says how late a mark is by its date" do
      # an hour of work for Tuesday 21:00: by Tuesday 20:00
      one = chain(1, step("rub", 60), due: at("2026-12-01 21:00"))
      planner = described_class.new(hours, from: at("2026-11-30 19:00"))
      latest = planner.latest(one, UpClose::Timetable::Plan.new([], [])).start(one)
      expect(at("2026-12-01 20:00") - latest).to be_between(0, 15)
      # 100 h of work cannot be done by then; three hours of it each evening
      late = chain(2, step("rub", 170), step("seal", 170), due: at("2026-11-30 22:00"))
      found = plan(late)
      expect(found.late_s(late)).to eq found.ready(late) - at("2026-11-30 22:00")
      expect(found.late_s(late)).to be > 20 * 3600
      expect(plan(one).late_s(one)).to eq 0
    end
  end

  describe UpClose::Sheets::Spares do
    it "calls copies enough only when the good ones can come of them with 95 in 100" do
      sure = described_class.new(3, start: 1.0)
      verdicts = [2, 3].map { |copies| sure.finding(copies).verdict }
      expect(verdicts).to eq %i[watch fine]
      likely = described_class.new(1, start: 0.8)
      # 1 − 0.2² = 0.96
      expect([1, 2].map { |copies| likely.finding(copies).verdict }).to eq %i[watch fine]
    end

    it "never takes a chance for less than two in a hundred, whatever speaks against it" do
      spares = described_class.new(1, start: 0.5, factors: [["a", 0.1], ["b", 0.1]])
      # (1 − 0.98ⁿ) ≥ 0.95: n ≥ ln 0.05 ÷ ln 0.98 = 148.3
      expect([spares.chance, spares.tries]).to eq [0.02, 149]
      expect(described_class.new(1, start: 0.5, factors: [["a", 0.2]]).chance).to be_within(1e-9).of(0.1)
    end
  end

  describe UpClose::Diagnosis::WhereTapped do
    it "knows the rim by 0.15 of the mark, the middle, one side, and all over from four taps on" do
      expect(described_class.call([[0.14, 0.5], [0.5, 0.86]])).to include :rim
      expect(described_class.call([[0.16, 0.45], [0.17, 0.4]])).not_to include :rim
      corners = [[0.2, 0.2], [0.8, 0.2], [0.2, 0.8]]
      expect(described_class.call(corners)).not_to include :everywhere
      expect(described_class.call([*corners, [0.8, 0.8]])).to include :everywhere
    end
  end

  describe UpClose::Statistics::Beta do
    it "draws nine tenths of a well-known share by 1.645 standard deviations, as its own quantiles lie" do
      low, high = described_class.new(160.0, 40.0).drawn_interval
      # √(0.8 × 0.2 ÷ 201) = 0.02821; × 1.6449 = 0.04641
      expect([low, high]).to match [be_within(1e-4).of(0.7536), be_within(1e-4).of(0.8464)]
      exact = [0.05, 0.95].map { |part| described_class.new(160.0, 40.0).quantile(part) }
      expect([low, high].zip(exact).map { |one, other| (one - other).abs }.max).to be < 0.004
    end
  end

  describe UpClose::Costing::SheetShare do
    it "never charges a copy more than its sheet" do
      share = described_class.new(pack_cents: 1000, pack_sheets: 10, paper: UpClose::Printing::Paper.fetch("a4"))
      expect([share.call(900, 900), share.call(20, 20) < 100]).to eq [100, true]
    end
  end

  describe UpClose::Measure::LengthWriter do
    it "writes lengths below a quarter of an inch with decimals unless they are a fraction, longer ones as one" do
      writer = described_class.new("in", fractions: "64")
      # 0.24 in lies 0.36 of a 64th beside 15/64; 0.26 in beside 17/64 likewise
      expect([writer.figure(0.24 * 25.4), writer.figure(0.26 * 25.4), writer.figure(15 / 64.0 * 25.4)])
        .to match [/0\.24/, "17/64", "15/64"]
    end
  end
end
