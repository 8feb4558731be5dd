# frozen_string_literal: true

require_relative "../support/laid_plans"

RSpec.describe UpClose::Timetable do
  include LaidPlans

  describe described_class::Hours do
    it "runs past midnight, keeps days off, joins what touches, and takes one evening more" do
      late = hours({1 => [[1320, 60]], 2 => [[540, 600], [600, 660]]}, days_off: [Date.new(2026, 12, 8)])
      expect(late.spans(at("2026-11-30 12:00"), 9)).to eq [
        [at("2026-11-30 22:00"), at("2026-12-01 01:00")],
        [at("2026-12-01 09:00"), at("2026-12-01 11:00")],
        [at("2026-12-07 22:00"), at("2026-12-08 01:00")]
      ]
      expect(late.with(Date.new(2026, 12, 5), [[600, 720]]).spans(at("2026-12-05 00:00"), 1))
        .to eq [[at("2026-12-05 10:00"), at("2026-12-05 12:00")]]
      expect { hours({1 => []}) }.to refuse_saying(/no working hours yet/, at: :hours)
    end

    it "keeps the clock on the wall when the clocks go back, and a wait its true length" do
      london = zone("Europe/London")
      autumn = hours({6 => [[1140, 1320]], 0 => [[1140, 1320]]}, in_zone: london)
      # 24 October 2026 is a Saturday; that night an hour comes twice
      one = chain(1, step("lay", 60), step("dry", 24 * 60, :wait), step("coat", 30))
      found = UpClose::Timetable::Planner.new(autumn, from: at("2026-10-24 12:00")).call([one])
      local = found.of(one).map { |e| london.zone.utc_to_local(Time.at(e.from).utc).strftime("%a %H:%M") }
      # laid till 20:00 summer time, 24 hours later it is 19:00 on the wall
      expect(local).to eq ["Sat 19:00", "Sat 20:00", "Sun 19:00"]
    end
  end

  describe described_class::Climate do
    it "doubles for ten degrees down, halves for ten up, within bounds, and minds damp only for water" do
      expect([20, 10, 30, 2, 45].map { |t| described_class.new(temperature_c: t).factor })
        .to match [1, 2, 0.5, be_within(1e-9).of(2**1.8), 0.25]
      expect([described_class.new(humidity: 80).factor(:water), described_class.new(humidity: 80).factor])
        .to eq [1.5, 1]
      cold = described_class.new(temperature_c: 10)
      coat = step("coat", 2, after: "x", earliest_s: 600, latest_s: 14_400, dries: true)
      # opens after 20 min instead of 10, and is open as long as it was
      expect([
        cold.call(coat).earliest_s,
        cold.call(coat).latest_s,
        cold.call(step("cure", 60, :wait, dries: true)).least_s,
        cold.call(step("bake", 30, :wait)).least_s
      ])
        .to eq [1200, 15_000, 7200, 1800]
      [
        [{temperature_c: -40}, :temperature_c],
        [{temperature_c: 90}, :temperature_c],
        [{humidity: 140}, :humidity]
      ].each do |room, field|
        expect { described_class.new(**room) }.to refuse_saying(/./, at: field)
      end
    end
  end

  it "refuses a step without an end" do
    expect { chain(1, UpClose::Methods::Step.new(key: "x", title: "x", phase: :apply, kind: :wait)) }
      .to refuse_saying(/has no end/, at: :steps)
  end
end
