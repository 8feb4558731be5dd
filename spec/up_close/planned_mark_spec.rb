# frozen_string_literal: true

require_relative "../spec_helper"

def copied_from
  UpClose::Methods::MethodChoice.new(method: UpClose::Methods.fetch("water-slide"), printer: :inkjet)
end

# another value for each thing that is decided of a mark, or known
OTHER_OF_A_MARK = {
  shape: -> { UpClose::Surfaces.build("disc", {diameter_mm: 70.0}) },
  material: -> { UpClose::Materials.material("brass") }, finish: -> { UpClose::Materials.finish("polished") },
  colour: -> { UpClose::Colour.hex("#102030") }, more_colours: -> { [UpClose::Colour.hex("#405060")] }, grit: -> { 80 },
  uses: -> { ["outdoors"] }, seen_through: -> { true },
  ink: -> { UpClose::Artwork::Ink.from_h(box: [0, 0, 10, 10], hull: [[0, 0], [10, 0], [5, 10]], centroid: [5, 4]) },
  found: -> { UpClose::PlannedMark::Found.new(width_mm: 30.0, finest_mm: 0.05, line_mm: 999.0, coverage: 0.9) },
  transfer_method: -> { UpClose::Methods.fetch("solvent-rub") }, printer: -> { :laser },
  stock: -> { UpClose::Sheets::Stock.fetch("white-film") }, picked: -> { {pace: "short"} },
  own_steps: -> { UpClose::Methods::OwnSteps.copied(copied_from).first(3) },
  purpose: -> { UpClose::Purposes.fetch("guide") },
  afterwards: -> { UpClose::Afterwards.fetch("burn") }, work_s: -> { 600 },
  work_finish: -> { UpClose::EtchFinishes.all.first }, work_bath: -> { UpClose::Etching::Current },
  sealer: -> { UpClose::Sealing.fetch("spray-satin") }, coats: -> { 7 }, border_mm: -> { 9.0 },
  turned: -> { "mirrored" }, show_through: -> { UpClose::ShowThrough.fetch("faint") },
  placement: -> { UpClose::Placing::Placement.new(width_mm: 60, x_mm: 3) },
  clearance_mm: -> { 8.0 }, paper: -> { UpClose::Printing::Paper.fetch("letter") },
  allowances: -> { UpClose::Sheets::Allowances.new(gap_mm: 9) }, copies: -> { 9 }, pieces: -> { 8 },
  climate: -> { UpClose::Timetable::Climate.new(temperature_c: 8) }, fumes: -> { "none" }, tray: -> { 3 },
  hour_cents: -> { 1500 }, prices: -> { UpClose::Costing::PriceList.new(stocks: {}, supplies: {}) },
  ways: -> { UpClose::Record::Ways.new({["water-slide", "inkjet", "clear-film"] => [1, 20]}) },
  book: -> { UpClose::Record::LimitBook.new([], windows: [], models: {"x" => 1}) }, printers: -> { %i[laser] }
}.freeze

RSpec.describe UpClose::PlannedMark do
  let(:planned) do
    ink = UpClose::Artwork::Ink.from_h(
      box: [0, 0, 20, 10], hull: [[0, 0], [20, 0], [20, 10], [0, 10]], centroid: [10, 5]
    )
    described_class.new(
      piece: described_class::OnPiece.new(
        shape: UpClose::Surfaces.build("rectangle", {width_mm: 80.0, height_mm: 50.0}),
        material: UpClose::Materials.material("wood"), finish: UpClose::Materials.finish("sealed"),
        colour: UpClose::Colour.hex("#ecd9b0")
      ),
      artwork: described_class::Artwork.new(
        ink: ink, found: described_class::Found.new(width_mm: 20.0, finest_mm: 0.4, line_mm: 100.0, coverage: 0.5)
      ),
      way: described_class::Way.new(
        transfer_method: UpClose::Methods.fetch("water-slide"), printer: :inkjet,
        stock: UpClose::Sheets::Stock.fetch("clear-film"), purpose: UpClose::Purposes.fetch("picture"),
        sealer: UpClose::Sealing.fetch("spray-acrylic")
      ),
      place: described_class::Place.new(placement: UpClose::Placing::Placement.new(width_mm: 30)),
      numbers: described_class::Numbers.new(copies: 3, pieces: 2)
    )
  end

  it "answers what is asked of one mark, from what is decided" do
    expect(planned.size.to_a).to eq [30.0, 15.0, 0.5, 150.0]
    expect(planned.grown(:finest_mm)).to be_within(1e-12).of(0.6)
    expect([planned.setting.copies, planned.setting.pieces, planned.setting.coat_mm2]).to eq [3, 2, 4000.0]
    expect([planned.reading.word, planned.with(seen_through: true).reading.word]).to eq %w[as-is mirrored]
    expect([planned.room.clearance, planned.with(placement: planned.placement.with(x_mm: 5)).room.clearance])
      .to eq [17.5, 17.5]
    without = planned.with(transfer_method: nil)
    expect([without.setting, without.situation, without.reading]).to eq [nil, nil, nil]
  end

  it "is the same with anything decided otherwise, and stays itself what it was" do
    expect(OTHER_OF_A_MARK.keys).to match_array described_class::FIELDS.keys
    OTHER_OF_A_MARK.each do |field, other|
      value = other.call
      changed = planned.with(field => value)
      expect([field, changed.public_send(field), changed == planned]).to eq [field, value, false]
      back = changed.with(field => planned.public_send(field))
      expect([field, back == planned, back.hash == planned.hash]).to eq [field, true, true]
    end
    expect { planned.with(colour: nil, depth: 2) }.to raise_error ArgumentError, /depth/
  end

  # of those other values, what bears on a water-slide picture on varnished wood, and nothing else does
  it "changes an answer where something that bears on it is decided otherwise, and only there" do
    size = %i[ink found placement]
    printed = %i[shape ink placement transfer_method printer own_steps sealer coats border_mm copies climate]
    {
      ->(m) { m.size.to_a } => size,
      ->(m) { m.reading.word } => %i[seen_through transfer_method turned],
      ->(m) { m.room.clearance } => %i[shape ink placement],
      ->(m) { m.wanted.values_at(:use, :fumes, :finest_mm, :size_mm) } => [:uses, :fumes, *size],
      ->(m) { m.suitability.select(&:stop?).map(&:key) } => %i[found transfer_method purpose afterwards],
      ->(m) { m.steps.map { |step| [step.key, step.least_s] } } => printed + %i[afterwards pieces],
      ->(m) { m.spares.chance } => %i[found transfer_method climate ways],
      ->(m) { m.estimate.per_good } => printed + %i[found stock paper allowances hour_cents prices ways]
    }.each do |answer, bears|
      told = answer.call(planned)
      changed = OTHER_OF_A_MARK.keys
        .reject { |field| answer.call(planned.with(field => OTHER_OF_A_MARK[field].call)) == told }
      expect(changed).to match_array bears
    end
  end
end
