# frozen_string_literal: true

require "json"

RSpec.describe UpClose::Methods do
  def reading(key, **rest) = described_class::Orientation.new(described_class.fetch(key), **rest)

  def steps(key, printer, **rest)
    described_class::MethodChoice.new(method: described_class.fetch(key), printer: printer, **rest).steps
  end

  it "counts the turns between paper and eye" do
    counted = %w[water-slide solvent-rub ink-offset].to_h do |key|
      [key, [reading(key).turns, reading(key).word, reading(key, seen_through: true).word]]
    end
    expect(counted).to eq(
      "water-slide" => [0, "as-is", "mirrored"],
      "solvent-rub" => [1, "mirrored", "as-is"],
      "ink-offset" => [1, "mirrored", "as-is"]
    )
  end

  it "tells the decision in words, and warns when it is overruled" do
    expect(reading("ink-offset").finding)
      .to have_attributes(verdict: :note, figure: "1 turn", reason: /laid face down on the piece.*printed mirrored/)
    expect(reading("ink-offset").finding.working.to_s).to match(/face down on the piece \+1.* = 1, odd: mirrored/)
    against = reading("ink-offset", override: "as-is")
    expect(against).to have_attributes(mirrored?: false, turns: 1)
    expect(against.finding).to have_attributes(verdict: :watch, reason: /read backwards on the piece/)
    expect { reading("ink-offset", override: "sideways") }.to refuse_saying(/cannot read “sideways”/, at: :reading)
  end

  it "changes steps and times with printer, school and material" do
    expect(steps("water-slide", :laser, picked: {seal_print: :bare}).map(&:key)).not_to include("print_coat_1")
    expect(steps("water-slide", :laser).map(&:key)).to include("print_coat_3", "print_rest").and not_include("gloss_1")
    matt, gloss = %w[matt-paint gloss-paint].map { |key| UpClose::Materials.finish(key) }
    expect([matt, gloss].map { |finish| steps("water-slide", :laser, finish: finish).map(&:key).grep(/gloss/) })
      .to eq [%w[gloss_1 gloss_2 gloss_dry], []]
    expect(steps("water-slide", :inkjet).map(&:key)).to include("print_coat_1", "print_coat_3", "print_rest")
    dry = ->(pace) { steps("water-slide", :inkjet, picked: {pace: pace}).find { |s| s.key == "print_dry" } }
    expect([dry.call(:short), dry.call(:long)].map { |s| [s.least_s, s.most_s] }).to eq [[180, 300], [21_600, 86_400]]
    border =
      ->(edge) {
        described_class::MethodChoice
          .new(method: described_class.fetch("water-slide"), printer: :laser, picked: {edge: edge})
          .border_mm
      }
    expect([border.call(:border), border.call(:close)]).to eq [3.0, 1.0]
    brass = UpClose::Materials.material("brass")
    expect(steps("solvent-rub", :laser, material: brass).map(&:title)).to include("Take the shine off, degrease")
  end

  described_class.all.each do |method|
    it "tells #{method.key} whole: every window has its anchor, a way out when late, and says it is a starting value" do
      all = method.printers.flat_map { |printer| steps(method.key, printer) }
      expect(all.map(&:phase)).to include(:print, :prepare, :apply)
      all.select(&:window?).each do |step|
        expect(all.map(&:key)).to include(step.after)
        expect([step.when_late, step.source]).to all(be_a(String)), step.key
      end
      expect(all.flat_map(&:cautions).map { |key| UpClose::Cautions.fetch(key) }).to all(be_a(String))
      expect(all.map { |step| described_class::Step.from_h(JSON.parse(JSON.generate(step.to_h))) }).to eq all
    end
  end

  describe UpClose::Suitability do
    def stops(...) = described_class.findings(situation(...)).select(&:stop?)

    def watches(...) = described_class.findings(situation(...)).select(&:watch?).map(&:key)

    it "refuses what cannot work, with the reason and the way out" do
      {
        ["solvent-rub", :inkjet, {}] => [/inkjet ink only runs/, /laser printer.*or choose/],
        ["ink-offset", :laser, {}] => [/Toner is dry/, /inkjet printer/],
        ["ink-offset", :inkjet, {material: "wood", finish: "sealed"}] => [/nothing to sink into/, /bare wood/],
        ["ink-offset", :inkjet, {material: "brass", finish: "etched"}] => [/nothing to sink/, /water-slide/],
        ["solvent-rub", :laser, {material: "polystyrene", finish: "raw"}] => [/dissolves polystyrene/, /water-slide/],
        ["solvent-rub", :laser, {material: "wood", finish: "gloss-paint"}] => [/dissolves most paints/, /bare wood/]
      }.each do |(method, printer, ground), (reason, remedy)|
        expect(stops(method, printer, **ground)).to match([have_attributes(reason: reason, remedy: remedy)]),
          [method, printer, ground].inspect
      end
    end

    it "tells the gravest first, and the rest as the rules are named" do
      several = described_class
        .findings(situation("solvent-rub", :laser, material: "polystyrene", finish: "gloss-paint", colour: "#151515"))
      expect(several.map(&:verdict))
        .to eq(several.map(&:verdict).sort_by { |verdict| %i[stop watch fine note].index(verdict) })
      expect(several.map(&:verdict).uniq).to eq %i[stop watch]
    end

    it "lets through what works" do
      [
        ["water-slide", :inkjet, {material: "polystyrene", finish: "gloss-paint", colour: "#ffffff"}],
        ["solvent-rub", :laser, {material: "brass", finish: "etched", colour: "#c9a646"}],
        ["ink-offset", :inkjet, {material: "wood", finish: "sanded", colour: "#ecd9b0"}],
        ["ink-offset", :inkjet, {material: "brass", finish: "chalk-paint", colour: "#ffffff"}]
      ].each do |method, printer, ground|
        expect(described_class.findings(situation(method, printer, **ground))).to be_empty, method
      end
    end

    it "warns of silvering, shine, and colour lost on dark ground unless the film is white" do
      expect(watches("water-slide", :laser, material: "wood", finish: "raw")).to eq [:slide_ground]
      expect(watches("solvent-rub", :laser, material: "brass", finish: "polished")).to eq [:shiny_metal]
      dark = {material: "polystyrene", finish: "gloss-paint", colour: "#1e3b2c"}
      expect(watches("water-slide", :laser, **dark)).to eq [:look]
      expect(watches("water-slide", :laser, stock: "white-film", **dark)).to be_empty
    end

    it "knows lightness: black 0, white 100, mid grey #777777 about 50" do
      expect(%w[#000000 #ffffff #777777].map { |hex| UpClose::Colour.hex(hex).lightness })
        .to match [be_within(0.01).of(0), be_within(0.01).of(100), be_within(0.2).of(50)]
    end
  end

  it "reads steps as an earlier version stored them" do
    now = described_class.fetch("solvent-rub")
    step = UpClose::Methods::MethodChoice.new(method: now, printer: :laser).steps.find(&:repeat_from)
    names = UpClose::Methods::Step::EARLIER_NAMES.invert
    stored = step.to_h.to_h { |name, value| [names.fetch(name, name).to_s, value] }
    expect(stored.keys).to include("takes", "again", "late").and not_include("consumes")
    expect(UpClose::Methods::Step.from_h(stored)).to eq step
  end

  describe UpClose::Sealing do
    it "judges each sealer by what lies on the piece (handbook, “Sealing”)" do
      verdicts = described_class.all.to_h do |s|
        [s.key, %i[film toner dye_ink].map { |residue| s.finding(residue: residue).verdict }]
      end
      expect(verdicts).to eq(
        "spray-acrylic" => %i[fine fine fine],
        "spray-lacquer" => %i[watch watch watch],
        "spray-satin" => %i[fine fine watch],
        "spray-matt" => %i[fine fine fine],
        "brushed-water" => %i[watch fine stop],
        "wiped-oil" => %i[watch fine stop],
        "shellac" => %i[watch fine stop],
        "cup-coat" => %i[watch fine watch],
        "cast-resin" => %i[watch fine watch],
        "baked-gloss" => %i[stop fine stop],
        "oil-wax" => %i[stop watch stop],
        "none" => %i[watch watch watch]
      )
      polystyrene, copper = %w[polystyrene copper].map { |key| UpClose::Materials.material(key) }
      expect(described_class.fetch("spray-lacquer").finding(residue: :film, material: polystyrene)).to be_stop
      # baked at 163 °C: copper takes 180, plastic does not; a resist is sealed by nothing
      expect([copper, polystyrene].map { |m|
        described_class.fetch("baked-gloss").finding(residue: :toner, material: m).verdict
      })
        .to eq %i[fine stop]
      expect(described_class.all.map { |s| s.finding(residue: :resist).verdict }.tally)
        .to eq(stop: described_class.all.size - 1, fine: 1)
    end

    it "counts what the coats take, from area and wet thickness, and what misses" do
      # 3 coats × 100 cm² × 20 µm = 0.6 ml, and as much beside it
      expect(described_class.fetch("spray-acrylic").amount(10_000.0))
        .to have_attributes(value: be_within(1e-9).of(1.2), reason: /Under 1 % of a can of 400 ml: 1 will do/)
      # a cup of 600 ml, some 350 cm²: a coat of 2 to 3 ml (handbook, “Sealing”)
      expect(described_class.fetch("cup-coat").amount(35_000.0))
        .to have_attributes(value: be_within(1e-9).of(4 * 2.45), reason: /2\.4 ml a coat/)
      expect(described_class.fetch("none").amount(10_000.0)).to be_nil
    end

    it "lays its coats in their windows and ends in a cure" do
      steps = described_class.fetch("spray-satin")
        .steps(UpClose::Methods::MethodChoice.new(method: UpClose::Methods.fetch("water-slide"), printer: :laser))
      brushed = described_class.fetch("wiped-oil")
        .steps(UpClose::Methods::MethodChoice.new(method: UpClose::Methods.fetch("solvent-rub"), printer: :laser))
      expect(brushed.map(&:key)).to eq %w[scrap_test seal_1 seal_2 sand_3 seal_3 cure]
      # a coat over 56 × 56: 20 s, and 15 s and 31.4 cm² at 400 cm² a minute for each
      coat = 20 + 15 + 31.36 / 400 * 60
      expect(steps.map { |s| [s.key, s.after, s.earliest_s, s.least_s.round(6)] }).to eq [
        ["scrap_test", nil, nil, 120],
        ["seal_1", "scrap_test", 600, coat.round(6)],
        ["seal_2", "seal_1", 1800, coat.round(6)],
        ["seal_3", "seal_2", 1800, coat.round(6)],
        ["cure", nil, nil, 172_800]
      ]
      expect(steps.last.moments).to eq(touch: 1800, next_coat: 1800, handle: 43_200, full: 172_800)
    end

    it "makes a step of every coat that is to go first: undercoats, a spray coat, a day for film to dry" do
      work =
        ->(method, sealer) {
          UpClose::WholeWork.call(described_class.fetch(sealer), UpClose::Methods::MethodChoice.new(
            method: UpClose::Methods.fetch(method),
            printer: UpClose::Methods.fetch(method).printers.first,
            finish: UpClose::Materials.finish("gloss-paint")
          ))
        }
      cup = work["water-slide", "cup-coat"]
      keys = cup.map(&:key)
      expect(keys[keys.index("ground"), 5]).to eq %w[ground under_1 under_2 under_3 under_dry]
      expect(cup.find { |s| s.key == "under_2" }).to have_attributes(after: "under_1", earliest_s: 14_400)
      # half an hour under the film's own drying, and the rest of the day
      expect(cup.values_at(keys.index("film_dry"), keys.index("film_rest")).sum(&:least_s)).to eq 86_400
      expect(work["ink-offset", "cast-resin"].map(&:key))
        .to include("spray_first", "spray_first_dry").and not_include("film_rest")
      expect(work["solvent-rub", "cup-coat"].map(&:key)).to not_include("under_1").and not_include("spray_first")
    end
  end
end
