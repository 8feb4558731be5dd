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
