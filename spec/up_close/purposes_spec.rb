# frozen_string_literal: true

RSpec.describe UpClose::Purposes do
  def ground(material, finish, grit: nil)
    {
      material: UpClose::Materials.material(material), finish: UpClose::Materials.finish(finish),
      colour: UpClose::Colour.hex(UpClose::Materials.material(material).colour), grit: grit
    }
  end

  def compared(purpose, material = "wood", finish = "sanded", printers: %w[laser inkjet], **more)
    UpClose::Comparison.new(
      printers: printers, purpose: described_class.fetch(purpose), ground: ground(material, finish), **more
    )
  end

  def fitting(comparison) = comparison.sorted.reject(&:refused?).map { |row| row.transfer_method.key }

  def stop(comparison, key)
    comparison.rows.find { |row| row.transfer_method.key == key }.findings.find(&:stop?)
  end

  it "offers what leaves what the mark is for, in the order of its material" do
    expect(fitting(compared("guide"))).to eq %w[tracing ink-offset solvent-rub iron-on cut-template]
    expect(fitting(compared("guide", "silver", "etched", printers: %w[laser])).first(2)).to eq %w[solvent-rub tracing]
    expect(fitting(compared("resist", "copper", "sanded"))).to eq %w[heat-resist lacquer-pull]
    expect(fitting(compared("pattern")).first(2)).to eq %w[cut-template tracing]
    # never parcel tape for a tag to be engraved, nor film for a leaf to be carved
    expect(fitting(compared("picture", "silver", "etched"))).to include("tape-lift").and not_include("tracing")
    expect(%w[tape-lift water-slide varnish-paper gel-medium].map { |key| stop(compared("guide"), key) })
      .to all(have_attributes(
        key: :purpose, reason: /Nothing may lie between/, remedy: /Choose carbon or transfer paper/
      ))
  end

  it "suggests only what this shop's own printers can make, and says what another would open" do
    inkjet = compared("resist", "copper", "sanded", printers: %w[inkjet])
    expect(inkjet.pick).to be_nil
    expect(inkjet.reason).to match(/from an inkjet print.*A laser printer or a copier would open heat resist on metal/)
    both = compared("guide", "wood", "sanded", printers: %w[inkjet laser])
    expect(both.rows.find { |row| row.transfer_method.key == "ink-offset" }.setting.printer).to eq :inkjet
    expect(both.rows.find { |row| row.transfer_method.key == "iron-on" }.setting.printer).to eq :laser
  end

  it "needs metal for a resist" do
    expect(stop(compared("resist"), "heat-resist")).to have_attributes(reason: "Needs metal. This piece is wood.")
    expect(described_class.fetch("resist").against_piece(UpClose::Materials.material("brass"))).to be_nil
  end

  it "does not stop a guide for greys, hair lines or colours, and judges every place of a resist" do
    limits = ->(key, purpose) {
      UpClose::Methods::Limits
        .for(method: UpClose::Methods.fetch(key), printer: :laser, purpose: described_class.fetch(purpose))
    }
    guide = limits["solvent-rub", "guide"]
    expect(%i[tones advisory every_place solid_mm].map { |name| guide[name] }).to eq [true, true, false, nil]
    expect(%w[resist picture].map { |purpose| limits["heat-resist", purpose][:every_place] }).to eq [true, false]
    wanted = {finest_mm: 0.05, tones: true, palette: UpClose::Artwork::Palette.from([["#f4c2d7", 1.0]])}
    verdicts = ->(purpose) {
      compared(purpose, wanted: wanted).rows.find { |row| row.transfer_method.key == "ink-offset" }.findings
        .map { |f| [f.key, f.verdict] }.sort
    }
    expect(verdicts["guide"]).to eq [[:fine_lines, :watch]]
    expect(verdicts["picture"]).to include([:fine_lines, :stop], [:tones, :watch], [:look, :watch])
  end

  it "judges a resist by what stays bare, a picture not at all" do
    # 40 × 40 with a bar of 40 × 36: a tenth stays bare
    drawing = ->(bar) { UpClose::Artwork::Opening.call(svg(%(<path d="M0 0h40v#{bar}H0zM0 39.9h40v.1H0z"/>))) }
    found = lambda do |purpose, bar|
      limits = UpClose::Methods::Limits
        .for(method: UpClose::Methods.fetch("heat-resist"), printer: :laser, purpose: described_class.fetch(purpose))
      UpClose::Artwork::Checks::Coverage
        .call(UpClose::Artwork::CheckContext.new(artwork: drawing[bar], width_mm: 40, limits: limits))
    end
    expect(found["resist", 36]).to have_attributes(verdict: :watch, reason: /\A10 % of it stays bare/, remedy: /Fill/)
    expect([found["resist", 20].verdict, found["picture", 36].verdict]).to eq %i[fine note]
  end

  it "uses every stock that can be printed on by some method" do
    used = UpClose::Methods.all.flat_map(&:stocks).uniq
    expect(UpClose::Sheets::Stock.printed - used).to be_empty
    expect((UpClose::Sheets::Stock.all - UpClose::Sheets::Stock.printed).map(&:use)).to eq ["tape lift", "tracing"]
  end

  describe UpClose::Afterwards do
    def setting(key, after, purpose: "guide", **more)
      method = UpClose::Methods.fetch(key)
      UpClose::Methods::MethodChoice.new(
        method: method, printer: method.printers.first, purpose: UpClose::Purposes.fetch(purpose),
        afterwards: described_class.fetch(after),
        size: UpClose::Methods::MarkSize.new(width_mm: 60, height_mm: 40, coverage: 0.25, line_mm: 600), **more
      )
    end

    def work(sealer, setting) = UpClose::WholeWork.call(UpClose::Sealing.fetch(sealer), setting)

    it "burns after the transfer and before the finish, and never while solvent is about" do
      steps = work("oil-wax", setting("solvent-rub", "burn", material: UpClose::Materials.material("wood")))
      keys = steps.map(&:key)
      order = %w[rub air outline fill clean_off scrap_test seal_1 cure]
      expect(keys & order).to eq order
      expect(steps.find { |s| s.key == "air" }).to have_attributes(least_s: 1800, wait?: true, early: /vapour burns/)
      expect(steps.find { |s| s.key == "outline" })
        .to have_attributes(after: "air", cautions: include(:burn, :burn_ink), look_for: /even brown line/)
      # 600 mm at 60 a minute; 60 × 40 × 0.25 = 6 cm² at 4 a minute
      expect(steps.values_at(keys.index("outline"), keys.index("fill")).map(&:each_s))
        .to match [be_within(1e-6).of(20 + 600), be_within(1e-6).of(30 + 90)]
      expect(work("none", setting("tracing", "burn")).map(&:key)).not_to include("air")
    end

    it "counts pieces, and takes the etch's time as it is typed" do
      etched = ->(**more) { work("none", setting("heat-resist", "etch", purpose: "resist", **more)) }
      expect([etched[], etched[work_s: 5400]].map { |steps| steps.find { |s| s.key == "etch" }.least_s })
        .to eq [1800, 5400]
      one, many = [1, 12].map { |pieces| etched[copies: 24, pieces: pieces].find { |s| s.key == "rinse" } }
      expect([one, many].map(&:least_s)).to eq [90, 60 + 12 * 30]
    end

    it "refuses a ground that does not take it, with the way out" do
      refusals = lambda do |key, material, finish|
        described_class.fetch(key)
          .finding(material: UpClose::Materials.material(material), finish: UpClose::Materials.finish(finish))
      end
      expect(refusals["burn", "wood", "sanded"]).to be_nil
      expect([refusals["burn", "plywood", "raw"], refusals["burn", "wood", "gloss-paint"]])
        .to all(have_attributes(verdict: :stop, reason: /poison/, remedy: /carve or paint/))
      expect(refusals["carve", "silver", "raw"]).to have_attributes(verdict: :stop)
      # what is usual follows from the piece
      usual = ->(material, finish) {
        UpClose::Purposes.fetch("guide")
          .usual_work(material: UpClose::Materials.material(material), finish: UpClose::Materials.finish(finish)).key
      }
      expect([usual["wood", "sanded"], usual["silver", "etched"], usual["plywood", "raw"], usual["canvas", "raw"]])
        .to eq %w[burn engrave carve paint-over]
    end

    it "seals a worked line with anything, oil and wax too" do
      oil = UpClose::Sealing.fetch("oil-wax")
      expect(oil.finding(residue: setting("ink-offset", "burn").left)).to have_attributes(verdict: :fine)
      expect(oil.finding(residue: setting("ink-offset", "burn", purpose: "picture").transfer_method.residue))
        .to have_attributes(verdict: :stop)
    end
  end

  describe UpClose::Materials::Ground do
    def roughness(material, finish, grit: nil)
      described_class.new(
        material: UpClose::Materials.material(material), finish: UpClose::Materials.finish(finish), grit: grit
      ).roughness_um
    end

    it "adds scratches to pores, and lets a coat fill what lies under it" do
      # 58.5 ÷ 4 + 10; 46.2 ÷ 4 + 10; raw as it grew; gloss 3 + 15 % of 10; canvas cannot be sanded
      expect([
        roughness("wood", "sanded"), roughness("wood", "sanded", grit: 320), roughness("wood", "raw"),
        roughness("wood", "gloss-paint"), roughness("canvas", "raw"), roughness("canvas", "gloss-paint")
      ]).to eq [24.625, 21.55, 120, 4.5, 350, 3 + 350 * 0.15]
    end

    it "judges it against what the method bridges" do
      verdicts = lambda do |material, finish, *keys, **more|
        keys.map do |key|
          method = UpClose::Methods.fetch(key)
          found = UpClose::Suitability::Rules::RoughGround.call(UpClose::Suitability::Situation.new(
            method: method, printer: method.printers.first, material: UpClose::Materials.material(material),
            finish: UpClose::Materials.finish(finish), **more
          ))
          found&.verdict
        end
      end
      expect(verdicts["wood", "sanded", "ink-offset", "solvent-rub", "gel-medium"]).to eq [nil, nil, nil]
      expect(verdicts["wood", "raw", "ink-offset", "solvent-rub", "tracing"]).to eq [:watch, :watch, nil]
      expect(verdicts["canvas", "raw", "ink-offset", "gel-medium", "tracing"]).to eq [:stop, :watch, nil]
      expect(verdicts["wood", "sanded", "ink-offset", grit: 60]).to eq [:watch]
    end
  end

  it "moves laying windows with the room: wet ink shuts sooner where it is warm" do
    method = UpClose::Methods.fetch("ink-offset")
    lay = UpClose::Methods::MethodChoice.new(method: method, printer: :inkjet).steps.find { |s| s.key == "lay" }
    in_room = ->(warmth, damp = 50) {
      UpClose::Timetable::Climate.new(temperature_c: warmth, humidity: damp).call(lay).then do |step|
        [step.earliest_s, step.best_s, step.latest_s]
      end
    }
    # halved for each 10 °C above 20, doubled for each below; 80 % damp: 1 + 20 ÷ 40
    expect([in_room[20], in_room[30], in_room[10], in_room[20, 80]])
      .to eq [[30, 300, 3600], [15, 150, 1800], [60, 600, 7200], [45, 450, 5400]]
    cold = UpClose::Suitability::Rules::ColdRoom.call(UpClose::Suitability::Situation.new(
      method: method, printer: :inkjet, climate: UpClose::Timetable::Climate.new(temperature_c: 8)
    ))
    expect(cold).to have_attributes(verdict: :watch, remedy: /Warm the piece/)
  end
end
