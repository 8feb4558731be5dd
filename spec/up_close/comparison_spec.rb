# frozen_string_literal: true

RSpec.describe UpClose::Comparison do
  def ground(material, finish, colour = "#e8d8b0")
    {
      material: UpClose::Materials.material(material),
      finish: UpClose::Materials.finish(finish),
      colour: UpClose::Colour.hex(colour)
    }
  end

  def compared(material = "wood", finish = "sanded", colour: "#e8d8b0", printer: "laser", **more)
    described_class.new(printer: printer, ground: ground(material, finish, colour), **more)
  end

  def row(comparison, key) = comparison.rows.find { |r| r.transfer_method.key == key }

  def stops(comparison, key) = row(comparison, key).findings.select(&:stop?).map(&:key)

  it "refuses by ground, heat, solvent and printer, each with the reason" do
    plastic = compared("polystyrene", "gloss-paint")
    expect({
      "iron-on" => stops(plastic, "iron-on"),
      "solvent-rub" => stops(plastic, "solvent-rub"),
      "ink-offset" => stops(plastic, "ink-offset"),
      "baked-medium" => stops(plastic, "baked-medium")
    })
      .to match(
        "iron-on" => include(:ground, :heat),
        "solvent-rub" => [:solvent_dissolves],
        "ink-offset" => include(:printer_kind, :offset_ground),
        "baked-medium" => include(:ground, :heat)
      )
    expect(row(plastic, "water-slide").findings).to be_empty
    # painted wood takes 80 °C, bare wood 180
    expect([stops(compared("wood", "gloss-paint"), "iron-on"), stops(compared, "iron-on")])
      .to match [include(:heat), []]
    expect(row(compared("wood", "gloss-paint"), "iron-on").findings.find { |f| f.key == :heat }.working.to_s)
      .to match(/170 °C against 80 °C/)
  end

  it "holds a school to its own solvent and heat, and burns only bare wood" do
    situation = lambda do |key, picked, material, finish, after: nil|
      method = UpClose::Methods.fetch(key)
      setting = UpClose::Methods::MethodChoice.new(
        method: method,
        printer: :laser,
        picked: picked,
        afterwards: after && UpClose::Afterwards.fetch(after),
        **ground(material, finish).slice(:material, :finish)
      )
      UpClose::Suitability.findings(UpClose::Suitability::Situation.new(
        method: method,
        printer: :laser,
        setting: setting,
        **ground(material, finish)
      ))
        .select(&:stop?)
        .map(&:key)
    end
    expect([
      situation["varnish-paper", {tack: :none}, "acrylic", "raw"],
      situation["varnish-paper", {tack: :acetone}, "acrylic", "raw"]
    ]).to eq [[], [:solvent_dissolves]]
    expect([
      situation["tracing", {}, "wood", "raw", after: "burn"],
      situation["tracing", {}, "wood", "sealed", after: "burn"],
      situation["tracing", {}, "plywood", "raw", after: "burn"]
    ]).to eq [[], [:afterwards], [:afterwards]]
    # copper takes 180, the hottest school 200
    expect([
      situation["heat-resist", {heat: :medium}, "copper", "sanded"],
      situation["heat-resist", {heat: :hottest}, "copper", "sanded"]
    ]).to eq [[], [:heat]]
  end

  it "minds how the piece is used, the fumes accepted, fine lines and greys" do
    watches = ->(key, **wanted) {
      row(compared("brass", "etched", wanted: wanted), key).findings.map { |f| [f.key, f.verdict] }
    }
    expect(watches["water-slide", use: %w[food skin warm]].map(&:first))
      .to include(:food_face, :worn_on_skin, :warm_use)
    expect(watches["tracing", use: %w[outdoors]]).to include([:weather, :watch])
    expect(
      [
        watches["solvent-rub", fumes: "none"],
        watches["solvent-rub", fumes: "low"],
        watches["gel-medium", fumes: "none"]
      ].map { |all|
        all.select { |(key, _)| key == :fumes }
      }
    )
      .to eq [[[:fumes, :stop]], [[:fumes, :watch]], []]
    # solvent rub holds 0.25: 0.2 is doubtful, 0.1 is under half of it
    expect([0.3, 0.2, 0.1].map { |mm| watches["solvent-rub", finest_mm: mm].to_h[:fine_lines] })
      .to eq [nil, :watch, :stop]
    expect([watches["heat-resist", tones: true].to_h[:tones], watches["water-slide", tones: true].to_h[:tones]])
      .to eq [:watch, nil]
  end

  it "doubts a mark too large to be done in one go, and one that has to sit exactly by a method that grips" do
    keys = ->(key, **wanted) { row(compared("brass", "etched", wanted: wanted), key).findings.to_h { |f| [f.key, f] } }
    # small blanks up to 60 mm along; tape 48 mm across, whatever its length
    expect([[60, 40], [40, 61]].map { |size| keys["baked-medium", size_mm: size][:size]&.working.to_s })
      .to match ["", /61 mm long against 60 mm/]
    expect([[48, 200], [49, 200]].map { |size| keys["tape-lift", size_mm: size][:size]&.verdict }).to eq [nil, :watch]
    expect(keys["water-slide", size_mm: [190, 250]]).not_to include(:size)
    grips = %w[water-slide tape-lift tracing solvent-rub heat-resist].to_h do |key|
      [key, keys[key, use: %w[exact]].key?(:exact_place)]
    end
    expect(grips).to eq(
      "water-slide" => false,
      "tape-lift" => false,
      "tracing" => false,
      "solvent-rub" => true,
      "heat-resist" => true
    )
    expect(keys["solvent-rub", use: %w[exact]][:exact_place].remedy).to match(/can be nudged: water-slide film, /)
    expect(keys["solvent-rub"]).not_to include(:exact_place)
  end

  it "counts time of your hands and chance for a good one, with the record in the starting value's place" do
    bare = row(compared(copies: 24), "tracing")
    # once 60 + 30 + 10 + 10 + 10 s; each 60 + 60 s, 400 mm of line (twice round 50 × 50) at 120 mm a minute
    # and 20 s, and again at 1,200 mm a minute and 30 s; 49 of 623.7 cm² of a sheet's 20 s; 97 of 100 succeed
    expect(bare.hands_s).to be_within(1e-9).of((120 + 24 * (120 + 220 + 50 + 20 * 49 / 623.7)) / 24.0 / 0.97)
    kept = row(compared(record: UpClose::Record::Ways.new({["tracing", "laser", "letter-paper"] => [2, 6]})), "tracing")
    # (0.97 × 4 + 2) ÷ 10
    expect(kept.chance).to be_within(1e-12).of(0.588)
    expect(row(
      compared("brass", "etched", cost: ->(setting) { (setting.transfer_method.key == "tape-lift") ? 80r : nil }),
      "tape-lift"
    ).cents)
      .to be_within(1e-9).of(100)
    # resist film is the likeliest of its stocks, and 12 blanks go into the oven at once
    expect([
      row(compared("copper", "sanded"), "heat-resist").setting.stock.key,
      row(compared("brass", "etched", copies: 24), "baked-medium").setting.steps.find(&:batch).least_s
    ]).to eq ["resist-film", 3600]
  end

  it "picks what fits best, says why, and offers tracing where a miss is sanded back" do
    expect(compared("polystyrene", "gloss-paint", colour: "#1e3b2c").pick).to have_attributes(
      transfer_method: UpClose::Methods.fetch("water-slide"),
      setting: have_attributes(stock: have_attributes(key: "white-film"))
    )
    wood = compared
    expect([wood.pick.refused?, wood.pick.sanding? && wood.careful.transfer_method.key, wood.reason]).to match [
      false,
      (wood.pick.sanding? ? "tracing" : false),
      /We suggest #{wood.pick.transfer_method.title.downcase}\. .* in 100 succeed\. About \d+ min of work each/
    ]
    expect(wood.sorted("fit").map(&:verdict))
      .to eq(wood.sorted("fit").map(&:verdict).sort_by { |v| %i[fine watch stop].index(v) })
    %w[chance hands line].zip([->(r) { -r.chance }, :hands_s.to_proc, ->(r) { r.line_mm || 0 }]).each do |by, figure|
      expect(wood.sorted(by).map(&figure)).to eq wood.rows.map(&figure).sort
    end
  end

  it "picks the likelier of two ways that fit alike, whatever else is less" do
    both = compared.sorted("fit").reject(&:refused?).group_by { |r|
      [r.verdict, r.findings.size]
    }.values.find do |alike|
      alike.map { |r| r.chance.round(2) }.uniq.size > 1
    end
    expect(both.map { |r| r.chance.round(2) }).to eq both.map { |r| r.chance.round(2) }.sort.reverse
    key = [compared.pick.transfer_method.key, "laser", compared.pick.setting.stock.key]
    lost = compared(record: UpClose::Record::Ways.new({key => [0, 60]}))
    expect(lost.pick.transfer_method).not_to eq compared.pick.transfer_method
  end

  it "reads a board's bottom layer as it is, and everything seen through glass the other way" do
    reading = ->(key, **more) {
      UpClose::Methods::Orientation.new(UpClose::Methods.fetch(key), **more).then { |r| [r.turns, r.word] }
    }
    expect([
      reading["heat-resist"],
      reading["heat-resist", picked: {layer: :bottom}],
      reading["lacquer-pull", picked: {layer: :bottom}]
    ])
      .to eq [[1, "mirrored"], [2, "as-is"], [2, "as-is"]]
    # handbook, “Reading direction”: lifted on tape, traced and cut read as they are; face down on foil is turned
    expect(%w[tape-lift tracing cut-template foil-skin baked-medium gel-medium iron-on].map { |key| reading[key].last })
      .to eq %w[as-is as-is as-is mirrored mirrored mirrored mirrored]
    expect(reading["gel-medium", seen_through: true]).to eq [2, "as-is"]
  end

  it "shares a sheet's price by area, webs and all, and by the times it serves" do
    a4 = UpClose::Printing::Paper.fetch("a4")
    share = UpClose::Costing::SheetShare.new(pack_cents: 1490, pack_sheets: 10, paper: a4)
    # 149 cents × 53 × 33 ÷ ((210 − 16 + 3) × (297 − 12 − 8 + 3))
    expect(share.call(50.0, 30.0).to_f).to be_within(1e-9).of(149.0 * 53 * 33 / (197 * 280))
    expect([
      share.call(500.0, 500.0),
      UpClose::Costing::SheetShare.new(pack_cents: 900, pack_sheets: 20, uses: 9, paper: a4).sheet
    ]).to eq [149, 5]
  end
end
