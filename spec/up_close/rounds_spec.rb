# frozen_string_literal: true

RSpec.describe UpClose::Rounds do
  # a step written by hand: each_s for a piece, nothing fixed
  def step(key, each_s, round: nil, number: 1, **more)
    UpClose::Methods::Step.new(
      key: key, title: key, words: "", kind: :hands, phase: :apply, each_s: each_s, least_s: each_s * number,
      round: round, **more
    )
  end

  # printed on one sheet, laid and rubbed in a round of ten minutes of which laying ends after one
  def wet(number, earliest: 300, latest: 3600)
    [
      step("print", 0, for: :sheet, phase: :print, number: number),
      step("lay", 60, round: "lay", number: number, after: "print", earliest_s: earliest, latest_s: latest),
      step("rub", 540, round: "lay", number: number, after: "lay", latest_s: 300)
    ]
  end

  def setting(key, number, prints: number, mm: 40, **more)
    method = UpClose::Methods.fetch(key)
    UpClose::Methods::MethodChoice.new(
      method: method, printer: method.printers.first, copies: prints, pieces: number,
      size: UpClose::Methods::MarkSize.new(width_mm: mm, height_mm: mm, coverage: 0.2, line_mm: 8.0 * mm), **more
    )
  end

  def keys(steps) = steps.map(&:key)

  describe UpClose::Rounds::Lots do
    it "counts the prints that can be laid before the last one's window shuts" do
      # ⌊(60 − 5 − 1) ÷ 10⌋ + 1 = 6, worked by hand
      lots = described_class.new(wet(24), prints: 24)
      expect([lots.most, lots.call, lots.possible?]).to eq [6, [6, 6, 6, 6], true]
      # the sixth ends at 5 + 5 × 10 + 1 = 56 min, a seventh at 66
      expect([6, 7].map { |number| lots.late_s(number) }).to eq [-240, 360]
      expect(lots.working.to_s).to start_with "⌊(3600 s − 300 s − 60 s) ÷ 600 s a round⌋ + 1 = 6"
      # fewest lots, alike in size
      expect([7, 13, 20].map { |prints| described_class.new(wet(prints), prints: prints).call })
        .to eq [[4, 3], [5, 4, 4], [5, 5, 5, 5]]
      # spares of one dish are chosen from: they are not laid
      expect(described_class.new(wet(20), prints: 20).call(pieces: 1)).to eq [20]
    end

    it "says so when not even one is in time, and limits nothing where each piece opens its own window" do
      slow = described_class.new(wet(3, latest: 350), prints: 3)
      expect([slow.possible?, slow.most, slow.late_s(1)]).to eq [false, 1, 10]
      expect(UpClose::Rounds.finding(slow, slow.call)).to have_attributes(verdict: :stop, remedy: /smaller/)
      gel = setting("gel-medium", 12).steps
      expect(described_class.new(gel, prints: 12)).to have_attributes(laid: nil, call: [12], working: nil)
    end

    it "counts what is trimmed between the print and the first laying" do
      steps = wet(24).insert(1, step("trim", 60, for: :print, number: 24))
      lots = described_class.new(steps, prints: 24)
      # n minutes of trimming, then 1 + 10 (n − 1) min: 5 + 1 + 40 = 46 in time; 6: 6 + 1 + 50 = 57 in time; 7: 68 not
      expect([lots.opening_s(5), lots.opening_s(6), lots.most]).to eq [300, 360, 6]
    end
  end

  it "writes rounds out: one piece whole, then the next, each window opened by its own piece" do
    steps = described_class.written_out(setting("gel-medium", 12, material: UpClose::Materials.material("wood")).steps,
      prints: 12, pieces: 12)
    wet = steps.select { |s| s.round == "spread" }
    expect(keys(wet).first(8)).to eq %w[spread:1 lay:1 press:1 warm:1 spread:2 lay:2 press:2 warm:2]
    expect(wet.map { |s| [s.turn, s.turns] }.uniq.size).to eq 12
    # three minutes of open time from its own gel, not from the twelfth
    expect(wet.select { |s| s.key.start_with?("lay") }.map { |s| [s.after, s.latest_s] }.uniq)
      .to eq((1..12).map { |n| ["spread:#{n}", 180] })
    # and a day for the peel from its own press
    expect(steps.find { |s| s.key == "peel:7" }).to have_attributes(after: "press:7", latest_s: 86_400)
    # what is done for all together stays one step
    expect(keys(steps).tally.values.uniq).to eq [1]
    expect(steps.count { |s| s.key == "set" }).to eq 1
  end

  it "prints, lays and prints again in lots; what prepares and what dries is done once" do
    steps = described_class.written_out(wet(24), prints: 24, pieces: 24)
    expect(keys(steps).grep(/print/)).to eq %w[print:lot1 print:lot2 print:lot3 print:lot4]
    expect(steps.map { |s| s.key if s.key.start_with?("lay") }.compact.size).to eq 24
    expect(steps.find { |s| s.key == "lay:7" }).to have_attributes(after: "print:lot2", turn: 7, lot: 2, lots: 4)
    expect(steps.find { |s| s.key == "rub:7" }).to have_attributes(after: "lay:7", least_s: 540, number: 1)
    coasters = setting("ink-offset", 24, prints: 39, mm: 90).steps
    out = described_class.written_out(coasters, prints: 39, pieces: 24)
    expect(keys(out).grep(/ground|pencil|ink_dry/)).to eq %w[ground pencil ink_dry]
    printed = out.select { |s| s.key.start_with?("print") }
    expect([printed.sum(&:number), out.count { |s| s.key.start_with?("lay") }]).to eq [39, 24]
  end

  it "bakes twelve in one tray, and fourteen in two" do
    trays = ->(number) {
      described_class.written_out(setting("baked-medium", number, mm: 20).steps, prints: number, pieces: number)
        .select { |s| s.key.start_with?("bake") }.map { |s| [s.key, s.number, s.least_s] }
    }
    expect(trays[12]).to eq [["bake", nil, 1800]]
    expect(trays[14]).to eq [["bake:tray1", 12, 1800], ["bake:tray2", 2, 1800]]
  end

  it "keeps one piece as it is told, with its four prints to choose from" do
    dish = setting("ink-offset", 1, prints: 4)
    expect(described_class.written_out(dish.steps, prints: 4, pieces: 1)).to eq dish.steps
    one, four = [1, 4].map { |prints| setting("ink-offset", 1, prints: prints).steps.to_h { |s| [s.key, s.least_s] } }
    # printing and trimming count prints; sanding, laying and rubbing count the dish
    expect(one.keys.reject { |key| one[key] == four[key] }).to eq %w[print trim]
  end

  it "takes as long as what it is written out from, but for what is set up again for each lot" do
    %w[water-slide solvent-rub iron-on gel-medium tape-lift heat-resist foil-skin tracing].each do |key|
      told = setting(key, 8).steps
      out = described_class.written_out(told, prints: 8, pieces: 8)
      expect(out.sum(&:least_s)).to be_within(1e-6).of(told.sum(&:least_s)), key
      expect(out.reject { |s| s.after.nil? }.map(&:after) - keys(out)).to be_empty, key
    end
    decals = setting("water-slide", 8).steps
    # eight decals of one sheet: each soaks half a minute, is slid on and pressed
    round = described_class.of(decals).first
    expect([round.keys, round.each_s]).to match [%w[soak slide press soften], be_within(1e-6).of(
      30 + (45 + 46 * 46 / 100.0 / 150 * 60) + (20 + 46 * 46 / 100.0 / 100 * 60) + 15
    )]
  end

  it "rubs four resist plates one by one: lacquer, its half minute, lay, rub, peel" do
    plates = setting("lacquer-pull", 4, mm: 30, material: UpClose::Materials.material("copper")).steps
    round = described_class.of(plates).first
    by_hand = round.steps.to_h { |s| [s.key, s.each_s] }
    # the window opens 30 s after the coat: that wait is part of every round
    expect(round.each_s).to be_within(1e-6).of(by_hand.values.sum + 30)
    expect(round.lead_s("lay")).to be_within(1e-6).of(by_hand["coat"] + 30 + by_hand["lay"])
  end
end
