# frozen_string_literal: true

require_relative "../support/laid_plans"

# 30 November 2026 is a Monday; evenings from 19 to 22
RSpec.describe UpClose::Timetable::Planner do
  include LaidPlans

  it "works in your evenings, waits beside them, and says what each step waited for" do
    one = chain(1, step("print", 30), step("dry", 120, :wait), step("lay", 60), step("cure", 1440, :wait))
    found = plan(one)
    expect(clock(found, one))
      .to eq [
        ["print", "Mon 19:00", "Mon 19:30"],
        ["dry", "Mon 19:30", "Mon 21:30"],
        ["lay", "Tue 19:00", "Tue 20:00"],
        ["cure", "Tue 20:00", "Wed 20:00"]
      ]
    expect(found.of(one).map { |e| [e.why.first, e.waited_s] })
      .to eq [[:hours, 3600], [:follows, 0], [:hours, 21.5 * 3600], [:follows, 0]]
  end

  it "goes on past your hours with what is under way as long as you stay, and begins nothing new there" do
    begun = chain(1, step("rub", 40), step("peel", 30), step("seal", 60), ends: {"lay" => at("2026-11-30 21:40")})
    fresh = chain(2, step("print", 20))
    found = plan(begun, fresh, from: "2026-11-30 21:50", staying: at("2026-11-30 23:20"))
    # an hour and a half: rubbing and peeling go in, sealing does not; the new one has no 20 min left this evening
    expect(clock(found, begun))
      .to eq [
        ["rub", "Mon 21:50", "Mon 22:30"],
        ["peel", "Mon 22:30", "Mon 23:00"],
        ["seal", "Tue 19:20", "Tue 20:20"]
      ]
    expect(clock(found, fresh)).to eq [["print", "Tue 19:00", "Tue 19:20"]]
  end

  it "begins what a window ties together when all of it goes into one evening" do
    # an hour of printing, then laid within 5 to 60 min, 90 min of rubbing within 10 min of that: 19:00 at the latest
    tied = chain(
      1,
      step("sand", 60),
      step("print", 60),
      step("lay", 10, after: "print", earliest_s: 300, latest_s: 3600),
      step("rub", 90, after: "lay", latest_s: 600)
    )
    expect(clock(plan(tied), tied))
      .to eq [
        ["sand", "Mon 19:00", "Mon 20:00"],
        ["print", "Tue 19:00", "Tue 20:00"],
        ["lay", "Tue 20:05", "Tue 20:15"],
        ["rub", "Tue 20:15", "Tue 21:45"]
      ]
    expect(plan(tied).of(tied)[1].why).to eq [:window_ahead, "lay"]
  end

  it "has every method ready as soon as its steps and windows allow, where all hours are free" do
    always = hours((0..6).to_h { |day| [day, [[0, 1440]]] })
    UpClose::Methods.all.product(UpClose::Sealing.all).each do |method, sealer|
      setting = UpClose::Methods::MethodChoice.new(
        method: method,
        printer: method.printers.first,
        stock: method.stocks.first,
        picked: {},
        material: nil,
        finish: nil,
        copies: 2
      )
      steps = setting.steps + sealer.steps(setting)
      found = plan(chain(1, *steps, copies: 2), from: "2026-11-30 10:00", in_hours: always)
      expect(found.problems).to be_empty
      expect(found.finish - at("2026-11-30 10:00")).to be_within(61).of(UpClose::Runs::LeastTime.ready_at(steps)),
        "#{method.key}, #{sealer.key}"
    end
  end

  it "starts a soak only when a hand is there for it and for what follows" do
    soaked =
      chain(1, step("bake", 170), step("cool", 15, :wait), step("soak", 10, :wait, most_s: 900), step("roll", 20))
    # baked till 21:50, cool at 22:05: soaked tomorrow
    expect(clock(plan(soaked), soaked).last(2))
      .to eq [["soak", "Tue 19:00", "Tue 19:10"], ["roll", "Tue 19:10", "Tue 19:30"]]
  end

  it "gives one person to one thing, one oven to one tray, and the drying place to as many as it holds" do
    bake = ->(id) { chain(id, step("coat", 30), step("bake", 120, :wait, place: :oven), copies: 12) }
    a, b = bake[1], bake[2]
    found = plan(a, b)
    expect([clock(found, a).last, clock(found, b).last])
      .to eq [["bake", "Mon 19:30", "Mon 21:30"], ["bake", "Mon 21:30", "Mon 23:30"]]
    expect(found.of(b).last.why).to eq [:place, "the oven"]
    dry = ->(id) { chain(id, step("paint", 10), step("dry", 600, :wait, place: :drying), copies: 10) }
    c, d, e = dry[1], dry[2], dry[3]
    expect([c, d, e].map { |one| clock(plan(c, d, e, holds: {drying: 20}), one).last[1] })
      .to eq ["Mon 19:10", "Mon 19:20", "Tue 05:10"]
    expect(plan(chain(9, step("dry", 60, :wait, place: :drying), copies: 30)).problems.first)
      .to have_attributes(reason: /needs room for 30 in the drying place, which holds 24/)
  end

  it "bakes what is as hot and as long together, holds the door where that is sooner for all, and never opens it" do
    bake = ->(id, copies, heat = 163, long = 30) {
      chain(
        id,
        step("coat", 10),
        step("bake", long, :wait, place: :oven, temperature_c: heat),
        step("rub", 5),
        copies: copies
      )
    }
    baked =
      ->(*chains) {
        plan(*chains).then do |found|
          chains.map { |c| found.of(c)[1].then { |e| [Time.at(e.from).utc.strftime("%H:%M"), e.why.first] } }
        end
      }
    # coated by 19:10 and 19:20: one bake of four and four at 19:20, not two, the second till 20:10
    expect(baked[bake[1, 4], bake[2, 4]]).to eq [["19:20", :together], ["19:20", :follows]]
    # eight and eight are more than the tray; another heat or length is another bake
    expect(baked[bake[1, 8], bake[2, 8]].map(&:first)).to eq %w[19:10 19:40]
    expect(baked[bake[1, 4], bake[2, 4, 120]].map(&:first)).to eq %w[19:10 19:40]
    expect(plan(bake[1, 4], holds: {oven: 0}).problems.first.reason)
      .to match(/needs room for 1 in the oven, which holds 0/)
  end

  it "goes round the oven again for what the tray does not take: 24 at 12 a tray twice, at 8 three times" do
    steps =
      ->(tray) {
        UpClose::Methods::MethodChoice.new(
          method: UpClose::Methods.fetch("baked-medium"),
          printer: :laser,
          copies: 24,
          tray: tray
        ).steps.find do |s|
          s.key == "bake"
        end
      }
    expect([nil, 8, 30].map { |tray| [steps[tray].least_s, steps[tray].most_s, steps[tray].batch] })
      .to eq [[3600, 4200, 12], [5400, 6300, 8], [1800, 2100, 30]]
    own = UpClose::Methods::OwnSteps
      .call([steps[nil].to_h.transform_keys(&:to_s).merge("least_s" => 1800, "most_s" => 2100)], 24, tray: 8)
      .first
    expect([own.least_s, own.most_s, own.batch]).to eq [5400, 6300, 8]
  end

  it "lays long work down at the end of an evening and takes it up again, but not in the middle of a window" do
    long = chain(1, step("carve", 400))
    expect(plan(long).of(long).first.pieces.map { |s, e| (e - s) / 60 }).to eq [180, 180, 40]
    one_go = chain(1, step("wet", 5), step("rub", 200, after: "wet", latest_s: 60))
    expect(plan(one_go).problems.first)
      .to have_attributes(reason: /takes 3\.3 h in one go; your longest working time is 3 h/)
    # two coats of 10 min, the second 4 to 5 h after the first: 260 min, and an evening has 180
    coats = chain(3, step("coat", 10), step("second", 10, after: "coat", earliest_s: 14_400, latest_s: 18_000))
    expect(plan(coats).problems.first).to have_attributes(
      reason: /from “coat” to “second” do not fit your hours/,
      remedy: /They need 4\.3 h together/
    )
  end

  it "goes on from what is done already, and says when its time is over before your next hours" do
    rest = ->(done) { chain(1, step("lay", 10, after: "print", latest_s: 3600), ends: {"print" => at(done)}) }
    expect(clock(plan(rest["2026-11-30 19:30"], from: "2026-11-30 19:40"), rest["2026-11-30 19:30"]))
      .to eq [["lay", "Mon 19:40", "Mon 19:50"]]
    expect(plan(rest["2026-11-30 16:00"]).problems.first.reason)
      .to match(/time limit of “lay” ends before your next hours/)
  end

  it "tells the latest start for a date: begun then it is ready, a minute later it is not" do
    one = chain(1, step("lay", 60), step("cure", 1440, :wait), due: at("2026-12-04 12:00"))
    other = chain(2, step("sand", 120))
    others = plan(other, from: "2026-12-02 12:00")
    planner = described_class.new(hours, from: at("2026-11-30 18:00"))
    # ready by Friday noon: laid by Thursday 12:00, so on Wednesday evening, when sanding takes 19 to 21
    expect(Time.at(planner.latest(one, others).start(one)).utc).to be_within(60).of(Time.utc(2026, 12, 2, 21, 0))
    expect(planner.latest(one.with(due: at("2026-12-01 09:00")), others)).to be_nil
  end
end
