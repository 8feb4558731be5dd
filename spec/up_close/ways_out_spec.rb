# frozen_string_literal: true

RSpec.describe UpClose::Timetable::WaysOut do
  # a shop at Greenwich, all days alike
  zone = Class.new do
    def at(date, minutes) = (date - Date.new(1970, 1, 1)).to_i * 86_400 + minutes * 60

    def date_of(moment) = Date.new(1970, 1, 1) + (moment / 86_400).floor
  end.new
  define_method(:zone) { zone }

  # Monday 30 November 2026, an hour before the evening
  let(:now) { zone.at(Date.new(2026, 11, 30), 1080) }
  let(:hours) do
    UpClose::Timetable::Hours.new({1 => [[1140, 1320]], 2 => [[1140, 1320]], 5 => [[1140, 1320]]}, zone: zone)
  end

  def step(key, minutes, kind = :hands, **more)
    UpClose::Methods::Step
      .new(key: key, title: key, words: "", phase: :apply, kind: kind, least_s: minutes * 60, **more)
  end

  def chain(id, *steps, due:)
    UpClose::Timetable::TaskChain.new(id: id, title: "mark #{id}", steps: steps, due: zone.at(*due))
  end

  def ways(chains, late, **more) = described_class.new(hours, chains, zone: zone, from: now).call(late, **more)

  it "does it first, when others stand in its way" do
    long = chain(1, step("carve", 170), due: [Date.new(2026, 12, 20), 540])
    late = chain(2, step("lay", 60), due: [Date.new(2026, 12, 1), 540])
    expect(ways([long, late], late).first)
      .to have_attributes(words: "do it before all others", ready: zone.at(Date.new(2026, 11, 30), 1200))
  end

  it "finds the first free day whose evening brings it in time" do
    # laid, dried for 20 hours, coated twice with a day between: Monday, Tuesday, and then Friday is too late
    late = chain(
      1,
      step("lay", 60),
      step("dry", 1200, :wait),
      step("coat", 30),
      step("dry2", 1200, :wait),
      step("coat2", 30),
      due: [Date.new(2026, 12, 3), 540]
    )
    plain = UpClose::Timetable::Planner.new(hours, from: now).call([late])
    expect(plain.late_s(late)).to be > 86_400
    expect(ways([late], late).map(&:words)).to eq ["one evening more, on Wednesday 2 December"]
    expect(ways([late], late).first.ready).to eq zone.at(Date.new(2026, 12, 2), 1170)
  end

  it "plans quicker schools too, and where nothing helps gives the soonest, as such" do
    late = chain(1, step("lay", 60), step("hold", 10_080, :wait), due: [Date.new(2026, 12, 4), 540])
    short = chain(1, step("lay", 60), step("hold", 1440, :wait), due: [Date.new(2026, 12, 4), 540])
    expect(ways([late], late, quicker: [["the short school", short]]).map(&:words)).to eq ["the short school"]
    hopeless = ways([late], late)
    expect(hopeless.map(&:ready)).to eq(hopeless.map(&:ready).sort)
    expect(hopeless.first.ready).to be > late.due
  end
end
