# frozen_string_literal: true

# Times and amounts of what comes after the transfer, by hand from the rates that each file states, for a mark of
# 40 × 25 mm, a third of it inked, its lines 300 mm long.
RSpec.describe "work after the transfer" do
  let(:size) { UpClose::Methods::MarkSize.new(width_mm: 40, height_mm: 25, coverage: 0.3, line_mm: 300) }

  def choice(work, method: "solvent-rub", material: "wood", **more)
    UpClose::Methods::MethodChoice.new(
      method: UpClose::Methods.fetch(method), printer: UpClose::Methods.fetch(method).printers.first, size: size,
      material: UpClose::Materials.material(material), afterwards: UpClose::Afterwards.fetch(work), **more
    )
  end

  def steps(work, **more) = UpClose::Afterwards.fetch(work).steps(choice(work, **more)).to_h { |step| [step.key, step] }

  it "paints over a guide: 20 s to take it up, 300 mm at 100 mm a minute; 3 cm² at 12 cm² a minute, 0.06 mm thick" do
    painted = steps("paint-over")
    expect(painted.keys).to eq %w[outline fill paint_dry]
    expect(painted.values.map(&:least_s).map(&:to_f)).to match [120 + 20 + 180, 60 + 20 + 15, 1800].map { |s|
      be_within(1e-6).of(s)
    }
    # 3 cm² × 0.06 mm is 0.018 ml; no less than 1 ml is poured
    expect(painted["outline"].consumes.map { |supply| [supply.key, supply.amount.round(6), supply.least] })
      .to eq [["paint", 0.018, 1]]
    expect(painted["outline"].words).not_to include("shellac")
    expect(steps("paint-over", method: "ink-offset")["outline"].words).to include("shellac or primer first")
  end

  {"wood" => 60, "brass" => 15, "polystyrene" => 60, "leather" => 200}.each do |material, rate|
    it "cuts #{material} along the line at #{rate} mm a minute, and files it twice as fast" do
      cut = steps("cut-along", material: material)
      expect(cut["inside"].least_s.to_f).to be_within(1e-6).of(60 + 30 + 300.0 / rate * 60)
      expect(cut["file"].least_s.to_f).to be_within(1e-6).of(30 + 30 + 150.0 / rate * 60)
    end
  end

  it "refuses to cut what breaks instead" do
    cut = UpClose::Afterwards.fetch("cut-along")
    against = UpClose::Materials::ALL.to_h { |material| [material.family, cut.against(material: material)] }
    expect(against.select { |_, reason| reason }.keys).to include(:glass)
    expect(against.values.compact.uniq).to eq ["This material breaks instead of being cut."]
    expect(against.values_at(:wood, :metal, :leather)).to eq [nil, nil, nil]
  end

  describe "cautions of an etch" do
    # what each bath is told with, in full: a bath added is added here
    let(:own) do
      {
        "citric-peroxide" => %i[etchant peroxide no_solvents spent_open],
        "copper-sulphate" => %i[etchant hydrogen spent_open],
        "sodium-persulphate" => %i[etchant no_solvents spent_open], "ferric-chloride" => %i[etchant spent_open],
        "ferric-nitrate" => %i[etchant spent_open], "current" => %i[etchant current spent_open]
      }
    end
    let(:ways) do
      UpClose::Etching::Baths.all.to_h { |bath| [bath.key, bath] }.merge("current" => UpClose::Etching::Current)
    end

    it "stand with each step by its own bath, and keep acetone and alcohol from peroxide, rags and closed vessels" do
      expect(ways.transform_values(&:cautions)).to eq own
      ways.each do |key, bath|
        told = steps("etch", method: "heat-resist", material: "copper", work_bath: bath, work_s: 3 * 7200)
          .transform_values(&:cautions)
        expect(told.keys).to eq(%w[cover etch look_1 etch_2 look_2 etch_3 rinse strip strip_dry]), key
        bare = own[key]
        wet = {"etch" => bare, "etch_2" => bare, "etch_3" => bare, "look_1" => bare | %i[dry_first],
               "look_2" => bare | %i[dry_first], "rinse" => bare | %i[dry_first]}
        expect(told.slice(*wet.keys)).to eq(wet), key
        # acetone is there: not before the piece is dry, never near peroxide or persulphate
        expect(told["strip"]).to eq(%i[dry_first] | (bare & %i[no_solvents]) | %i[solvent gloves]), key
      end
    end

    it "are those of the weakest bath that the metal takes, where none was chosen; no recipe has hydrochloric acid" do
      told = ->(metal) { steps("etch", method: "heat-resist", material: metal)["etch"].cautions }
      expect([told["copper"], told["silver"], told["aluminium"]])
        .to eq own.values_at("citric-peroxide", "ferric-nitrate", "copper-sulphate")
      citric = UpClose::Etching::Baths.fetch("citric-peroxide")
      expect(citric.mixed).to eq "100 ml of 3 % peroxide, 30 g of citric acid, 5 g of salt, mixed fresh"
      texts = Dir[File.expand_path("../../{lib,app}/**/*.{rb,erb}", __dir__)].map { |file| File.read(file) }
      expect(texts.grep(/hydrochloric|muriatic/i)).to be_empty
    end

    it "are all on the safety page, in words that forbid" do
      keys = own.values.flatten.uniq + %i[dry_first]
      expect(keys.map { |key| UpClose::Safety.of(key)&.key }.uniq).to eq %w[etch]
      expect(UpClose::Cautions.fetch(:no_solvents)).to match(/Never acetone or alcohol in or near this bath/)
      expect(UpClose::Cautions.fetch(:dry_first)).to match(/Rinse, neutralise and dry .* other rags/)
      expect(UpClose::Cautions.fetch(:spent_open)).to match(/Never store a spent bath closed/)
    end
  end

  describe UpClose::EtchFinishes do
    def finish(key) = steps("etch", method: "heat-resist", material: "copper", work_finish: described_class.fetch(key))

    def taken(key)
      (finish(key).values - steps("etch", method: "heat-resist", material: "copper").values).flat_map(&:consumes)
        .to_h { |supply| [supply.key, supply.for(1).round(4)] }
    end

    # border of 5 mm all round: 50 × 35 mm, 17.5 cm²
    {
      "darkened" => [%w[patina patina_rinse brighten], {"patina" => 5}],
      "painted-lines" => [%w[fill_lines fill_sets wipe_face fill_dry], {"enamel-paint" => 2, "rags" => 1}],
      "cold-enamel" => [%w[mix_enamel enamel_sets cut_back], {"cold-enamel" => 3}],
      "green-patina" => [%w[salt green_grows green_dry], {"vinegar" => 50}]
    }.each do |key, (last, supplies)|
      it "ends in #{key}: its steps come when the resist is off, and take what can be priced" do
        expect(finish(key).keys.last(last.size + 1)).to eq ["strip_dry", *last]
        expect(taken(key)).to eq supplies
        expect(supplies.keys - UpClose::Supplies.all.select(&:cents).map(&:key)).to be_empty
        wait = finish(key).fetch(last[1])
        expect([wait.kind.to_s, wait.early]).to match ["wait", /./]
      end
    end

    it "waits for what is not dry as the room has it: twice as long at 10 °C" do
      cold = UpClose::Timetable::Climate.new(temperature_c: 10)
      drying = described_class.all.flat_map { |known| finish(known.key).values }.select(&:dries)
      expect(drying.map { |step| cold.call(step).least_s / step.least_s.to_f }.uniq).to eq [2.0]
    end
  end
end
