# frozen_string_literal: true

require "json"
require "stringio"
require "command_line/runner"

# Worked out by hand: depth ÷ factor, rate doubled per 10 °C, Faraday's law by the alloy's parts.
RSpec.describe UpClose::Etching do
  def metal(key) = described_class::Metal.fetch(key)

  def bath(key) = described_class::Baths.fetch(key)

  def in_bath(key, metal_key, **more) = described_class::InBath.new(bath: bath(key), metal: metal(metal_key), **more)

  def current(metal_key, amps, area_mm2) =
    described_class::Current.new(metal: metal(metal_key), amps: amps, area_mm2: area_mm2)

  it "loses a depth ÷ 1.5 at each edge, and gives back what was drawn wider by it" do
    ounce = described_class::Undercut.new(0.035)
    expect(ounce.side_mm).to be_within(1e-6).of(0.023333)
    expect(ounce.line_mm(0.3)).to be_within(1e-6).of(0.253333)
    expect(ounce.gap_mm(0.3)).to be_within(1e-6).of(0.346667)
    expect(ounce.line_mm(ounce.drawn_for(0.2))).to be_within(1e-12).of(0.2)
    expect(ounce.finding(0.3)).to have_attributes(verdict: :fine, remedy: nil)
    expect(ounce.finding(0.08)).to have_attributes(verdict: :watch, remedy: /Draw it 0.127 mm wide/)
    # 0.3 mm deep takes 0.2 at each edge: a line of 0.4 is gone, one of 0.41 is a thread
    deep = described_class::Undercut.new(0.3)
    expect(deep.finding(0.4)).to have_attributes(verdict: :stop, figure: "gone")
    expect(deep.finding(0.41)).to have_attributes(verdict: :watch, value: be_within(1e-9).of(0.01))
    expect { described_class::Undercut.new(5) }.to raise_error(have_attributes(remedy: "Give 0.001 to 3 mm."))
  end

  it "times a bath by warmth, motion, age, and the metal of the plate itself" do
    # 1.4 µm a minute at 20 °C is 1.4 × √2 at 25, twice at 30, 0.6 of it unmoved, half when half used
    expect(in_bath("ferric-chloride", "copper", temperature_c: 25).rate).to be_within(1e-4).of(1.9799)
    expect(in_bath("ferric-chloride", "copper", temperature_c: 30).rate).to be_within(1e-9).of(2.8)
    expect(in_bath("ferric-chloride", "copper", motion: :still).rate).to be_within(1e-9).of(0.84)
    expect(in_bath("ferric-chloride", "copper", taken_g_l: 25).rate).to be_within(1e-9).of(0.7)
    expect(in_bath("ferric-chloride", "copper").time_s(0.035)).to be_within(0.01).of(1500)
    # 10 000 mm² × 0.1 mm × 8.96 g/cm³ = 8.96 g; in 256 ml of 50 g a litre that is 0.7 of 12.8 g:
    # 100 µm ÷ 1.4 = 71.43 min, × −ln 0.3 ÷ 0.7 = 1.71996
    plate = in_bath("ferric-chloride", "copper", area_mm2: 10_000, ml: 256)
    expect(plate.used_up(0.1)).to be_within(1e-9).of(0.7)
    expect(plate.time_s(0.1) / 60).to be_within(0.01).of(122.85)
    expect(plate.finding(0.1)).to have_attributes(verdict: :fine, reason: /8.96 g of metal; 70 %/)
    expect(plate.plates(0.1)).to eq 1
    # an endless bath is as quick as one that takes nothing up
    endless = in_bath("ferric-chloride", "copper", area_mm2: 10_000, ml: 1e9)
    expect(endless.time_s(0.1)).to be_within(0.01).of(in_bath("ferric-chloride", "copper").time_s(0.1))
  end

  it "pours enough, and says when a bath is spent before it is deep" do
    # 8.96 g ÷ (50 × 0.7 g) = 256 ml; a small plate wants 15 mm over it, or 100 ml
    expect(in_bath("ferric-chloride", "copper", area_mm2: 10_000).volume_ml(0.1)).to be_within(1e-6).of(256)
    expect(in_bath("ferric-chloride", "copper", area_mm2: 10_000).volume_ml(0.01)).to eq 150
    expect(in_bath("ferric-chloride", "copper", area_mm2: 1200).volume_ml(0.035)).to eq 100
    little = in_bath("ferric-chloride", "copper", area_mm2: 10_000, ml: 150)
    expect { little.time_s(0.1) }.to raise_error(an_instance_of(UpClose::Errors::Unsuitable).and(
      have_attributes(message: /150 ml is used up/, remedy: /Pour 256 ml/)
    ))
    expect(little.finding(0.1)).to have_attributes(verdict: :stop, remedy: /Pour 256 ml/)
    expect(in_bath("ferric-chloride", "copper", area_mm2: 10_000, ml: 220).finding(0.1).verdict).to eq :watch
    expect { in_bath("ferric-chloride", "copper", area_mm2: 10, taken_g_l: 50).volume_ml(0.1) }
      .to raise_error(UpClose::Errors::Unsuitable, /spent/)
  end

  it "offers the baths that suit, the weakest first, and gives the reason for the others" do
    suits = ->(key) { described_class::Baths.for(metal(key)).map(&:key) }
    expect(suits["copper"]).to eq %w[citric-peroxide sodium-persulphate ferric-chloride ferric-nitrate]
    expect(suits["silver"]).to eq %w[ferric-nitrate]
    expect(suits["aluminium"]).to eq %w[copper-sulphate]
    expect(suits["stainless"]).to eq %w[ferric-chloride]
    expect { in_bath("ferric-chloride", "aluminium") }
      .to raise_error(UpClose::Errors::Unsuitable, /in a rush, with heat and hydrogen/)
    expect(described_class::Baths.all.flat_map(&:cautions).uniq.map { |key| UpClose::Cautions.fetch(key) }).to all(be)
  end

  it "times a current by Faraday's law, by the parts of the alloy" do
    # copper: 63.546 ÷ 2; brass 63/37: 1 ÷ (0.63 × 2 ÷ 63.546 + 0.37 × 2 ÷ 65.38) = 32.106
    expect(metal("copper").equivalent_g).to be_within(1e-9).of(31.773)
    expect(metal("brass").equivalent_g).to be_within(0.001).of(32.106)
    # 0.35 mm over 10 cm² of silver is 3.6715 g: × 96 485 ÷ (107.868 × 2 A × 0.9) = 1824.5 s
    expect(current("silver", 2, 1000).time_s(0.35)).to be_within(0.5).of(1824.5)
    half = current("copper", 0.5, 1200)
    expect(half.time_s(0.035)).to be_within(0.5).of(2539)
    expect(half.depth_mm(half.time_s(0.2))).to be_within(1e-12).of(0.2)
    expect(half.finding).to have_attributes(verdict: :fine, value: be_within(1e-3).of(4.1667))
    expect(current("copper", 2, 1200).finding)
      .to have_attributes(verdict: :watch, reason: /pits/, remedy: "Set the supply to 0.12 to 0.6 A.")
    expect { current("stainless", 1, 1000) }.to raise_error(UpClose::Errors::Unsuitable, /chromium VI/)
  end

  it "etches in goes that the resist bears, and goes on by what was measured" do
    expect(described_class::Laps.of(7200)).to eq [7200.0]
    expect(described_class::Laps.of(30_000)).to eq [6000.0] * 5
    # 0.376 g off 1200 mm² of copper in 20 min is 34.97 µm: 1.749 µm a minute
    strip = described_class::StripTest.weighed(metal: metal("copper"), grams: 0.376, area_mm2: 1200, seconds: 1200)
    expect(strip.rate).to be_within(0.001).of(1.749)
    expect(strip.factor(0.028)).to be_within(0.001).of(1.249)
    expect(described_class::StripTest.new(depth_mm: 0.06, seconds: 3600).left_s(0.1)).to be_within(1e-6).of(2400)
    expect { described_class::StripTest.new(depth_mm: 0, seconds: 60) }.to raise_error(UpClose::Error, /tells nothing/)
  end

  it "answers on the command line, in figures or one sentence" do
    run = lambda do |*words|
      out, err = StringIO.new, StringIO.new
      [CommandLine::Runner.call(["etch", *words], out: out, err: err), out.string, err.string]
    end
    code, out = run.call(*%w[--metal copper --depth 0.035mm --bath ferric-chloride --temperature 25 --line 0.3mm])
    told = JSON.parse(out, symbolize_names: true)
    expect(code).to eq 0
    expect(told).to include(side_mm: 0.0233, time_s: 1061, laps_s: [1061], line: include(left_mm: 0.2533))
    expect(told[:baths].find { |row| row[:key] == "copper-sulphate" }[:refused]).to match(/does not eat copper/)
    told = JSON.parse(run.call(*%w[--metal copper --depth 0.035 --amps 0.5 --area 1200])[1], symbolize_names: true)
    expect(told).to include(time_s: 2539, current: include(density_a_dm2: 4.167))
    expect(run.call(*%w[--metal stainless --depth 0.1 --amps 1 --area 100])).to match [1, "", /chromium VI/]
    expect(run.call(*%w[--metal copper --depth 0.1 --amps 1])).to match [2, "", /--area/]
    expect(run.call(*%w[--metal copper --depth 0.1 --bath ferric-chloride --temperature hot])).to match [2, "", /“hot”/]
  end

  describe "what is bare, and what a supply gives" do
    it "counts back and edges where they are not taped" do
      # 60 × 40 × 1 mm with 900 mm² of resist: 2400 − 900, and 2400 + 200 × 1 more
      taped = described_class::BareArea.new(face_mm2: 2400, covered_mm2: 900, edge_mm: 200)
      open = described_class::BareArea.new(face_mm2: 2400, covered_mm2: 900, edge_mm: 200, open_back: true)
      expect([taped.mm2, open.mm2]).to eq [1500.0, 4100.0]
      expect(open.working.to_s).to include("2400 − 900 + back 2400 + edges 200 × 1 = 4100 mm²")
    end

    it "sets the supply to what etches cleanly, or to its own limit, which then gives the time" do
      # copper up to 5 A/dm²: 1500 mm² is 0.15 dm², so 0.75 A
      set = described_class::Current.within(3, metal: metal("copper"), area_mm2: 1500)
      expect(set).to be_within(1e-9).of(0.75)
      weak = described_class::Current.within(0.25, metal: metal("copper"), area_mm2: 1500)
      times = [set, weak].map { |amps| current("copper", amps, 1500).time_s(0.1) }
      expect(times.last / times.first).to be_within(1e-9).of(3)
    end
  end

  describe "a depth measured between two laps" do
    def step(key, seconds, kind = :wait)
      UpClose::Methods::Step.new(key: key, title: key, words: "", kind: kind, phase: :after, least_s: seconds)
    end

    let(:steps) do
      [step("cover", 60, :hands), step("etch", 3600), step("look_1", 120, :hands), step("etch_2", 3600),
        step("look_2", 120, :hands), step("etch_3", 3600), step("rinse", 60, :hands), step("strip", 60, :hands)]
    end

    it "lays out the laps to come at the rate that it showed, or drops them" do
      # 40 µm in 4000 s: 110 µm more take 11 000 s, in two laps of 5500
      slow = described_class::Correction.new(steps, at: "look_1", done_at: {"cover" => 100.0, "etch" => 4100.0})
      expect(slow.in_bath_s).to eq 4000.0
      rest = slow.call(0.04, 0.15)
      expect(rest.map(&:key)).to eq %w[cover etch look_1 etch_4 look_4 etch_5 look_5 rinse strip]
      expect(rest.select { |one| one.key.match?(/etch_/) }.map { |one| one.least_s.round(6) }).to eq [5500.0, 5500.0]
      expect(slow.call(0.15, 0.15).map(&:key)).to eq %w[cover etch look_1 rinse strip]
      expect { slow.call(0, 0.15) }.to raise_error(UpClose::Error)
    end

    it "puts one more lap before a rinse that is at hand" do
      done = {"cover" => 0.0, "etch" => 3600.0, "look_1" => 3700.0, "etch_2" => 7300.0, "look_2" => 7400.0,
              "etch_3" => 11_000.0}
      last = described_class::Correction.new(steps, at: "rinse", done_at: done)
      expect(last.in_bath_s).to eq 10_800.0
      expect(last.call(0.12, 0.15).map(&:key)).to eq %w[
        cover etch look_1 etch_2 look_2 etch_3 etch_4 look_4 rinse strip
      ]
    end
  end

  it "finishes an etched plate as its metal allows, each in steps" do
    keys = ->(of) { UpClose::EtchFinishes.for(of).map(&:key) }
    expect(keys.call("copper")).to eq %w[darkened painted-lines cold-enamel green-patina]
    expect(keys.call("aluminium")).to eq %w[painted-lines cold-enamel]
    choice = UpClose::Methods::MethodChoice.new(
      method: UpClose::Methods.fetch("heat-resist"), printer: :laser, afterwards: UpClose::Afterwards.fetch("etch"),
      work_finish: UpClose::EtchFinishes.fetch("darkened")
    )
    steps = UpClose::Afterwards.fetch("etch").steps(choice).map(&:key)
    expect(steps.last(4)).to eq %w[strip_dry patina patina_rinse brighten]
    expect { UpClose::EtchFinishes.fetch("gilt") }.to raise_error(UpClose::Errors::Unknown, /gilt/)
  end
end
