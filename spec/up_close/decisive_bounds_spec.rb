# frozen_string_literal: true

require "icalendar"

# Bounds on which an answer turns, each tried on both sides of it.
RSpec.describe "bounds that decide" do
  describe UpClose::Templates::Folded do
    # one side leans by so much over 10 mm: folded over, its edges lie that far apart, seen square to them
    def leaning(mm) = UpClose::Geometry::Region.polygon([[0, 0], [10, 0], [10 + mm, 10], [0, 10]])

    it "takes what a pencil hides for meeting: 0.3 mm, and no more" do
      told = [0.28, 0.33].map { |mm| described_class.new(leaning(mm)).finding }
      expect(told.map(&:verdict)).to eq %i[fine watch]
      expect(told.map(&:value)).to match [be_within(1e-3).of(0.28), be_within(1e-3).of(0.33)]
    end

    it "cuts notches only where a fold is three notches long: 12 mm" do
      cut = [11.9, 12.1].map do |high|
        folded = described_class.new(UpClose::Geometry::Region.box(box(0, 0, 20, high)))
        (folded.bare.area - folded.part.area).round(6)
      end
      # half of two squares of 4 mm on their corners
      expect(cut).to eq [0, 8]
    end
  end

  describe UpClose::Rounds::Walk do
    def pace(*seconds)
      method = UpClose::Methods.fetch("ink-offset")
      setting = UpClose::Methods::MethodChoice.new(method: method, printer: :inkjet, copies: 6, pieces: 6)
      steps = UpClose::Rounds.written_out(setting.steps, prints: 6, pieces: 6)
      at, done = 0.0, {}
      steps.take_while { |step| step.turn.nil? || step.turn <= seconds.size }
        .each { |step| done[step.key] = (at += step.least_s * (step.turn ? seconds[step.turn - 1] : 1)) }
      described_class.new(steps: steps, began_at: 0.0, done_at: done).pace_factor
    end

    it "takes a round of more than three times as long for one with a break, and leaves it out" do
      expect(pace(2.0, 2.9)).to be_within(1e-9).of(2.45)
      expect([pace(2.0, 3.2), pace(2.0, 20.0)]).to eq [nil, nil]
      expect(pace(2.0, 3.2, 2.2)).to be_within(1e-9).of(2.1)
    end
  end

  it "gives a line the tip that is just as wide as it" do
    tips = [0.499, 0.5, 1.0, 1.5].map { |mm| UpClose::Tooling.for_line("engrave", mm).key }
    expect(tips).to eq %w[diamond bur-05 bur-10 flat-15]
  end

  it "draws arcs that stray from the circle by less than three in ten thousand of its radius" do
    [["M0,0 A50,50 0 0 1 100,0", [50, 0]], ["M0,0 A50,50 0 1 1 50,50", [50, 0]]].each do |path, (x, y)|
      ring = UpClose::Formats::SVG::PathData.read(path).flatten(0.001).map(&:first).first
      off = ring.map { |point| (Math.hypot(point.x - x, point.y - y) - 50).abs }.max
      expect(off).to be < 50 * 2.8e-4
    end
  end

  describe UpClose::Geometry::Algorithms::MonotoneCurve do
    it "leaves an end no steeper than three times its first stretch, and never overshoots there" do
      # one up, then ten down: by three points it would leave at 6.5
      curve = described_class.new([[0, 0], [1, 1], [2, -9]])
      expect(curve.slope(0)).to be_within(1e-12).of(3)
      expect((0..100).map { |i| curve.at(i / 100.0) }).to all(be_between(0, 1))
      gentle = described_class.new([[0, 0], [1, 1], [2, 0]])
      expect(gentle.slope(0)).to be_within(1e-12).of(2)
    end
  end

  it "takes an outline of two metres, and none that is longer" do
    long = ->(mm) { UpClose::Surfaces.build("free-polygon", {points: [[0, 0], [mm, 0], [mm, 90], [0, 90]]}) }
    expect(long[2000].box.width).to eq 2000
    expect { long[2001] }.to raise_error(UpClose::Error, /over 2 m/)
  end

  describe UpClose::Measure::LengthReader do
    it "reads two parts, the second in inches, and no third" do
      read = ->(text) { described_class.new.read(text).mm }
      expect([read["1 ft 2 in"], read["1' 2 1/2\""], read["2 ft 3 inches"]])
        .to match [be_within(1e-9).of(355.6), be_within(1e-9).of(368.3), be_within(1e-9).of(685.8)]
      ["1 ft 2 in 3 in", "1' 2\" 3\"", "1 in 2 cm", "2 ft 3 ft", "1 ft 2 mm"].each do |text|
        expect { read[text] }.to raise_error(UpClose::Errors::BadLength), text
      end
    end
  end

  describe UpClose::Runs::Clockwork do
    def step(key, kind = :hands, **rest)
      UpClose::Methods::Step.new(key: key, phase: :apply, kind: kind, title: key, words: "", least_s: 60, **rest)
    end

    def at(steps, now, done = {}) = described_class.new(steps: steps, began_at: 0, done_at: done).state(now)

    it "opens by its own length where it is waited for alone, and is over, not late, where it waits too long" do
      hands, wait = [step("rub", most_s: 120)], [step("dry", :wait, least_s: 60, most_s: 120)]
      expect([at(hands, 10).opens_at, at(wait, 10).opens_at]).to eq [nil, 60]
      expect([at(hands, 10).closes_at, at(wait, 10).closes_at]).to eq [nil, 120]
      expect([10, 60, 121].map { |now| at(hands, now).name }).to eq %i[ready ready ready]
      expect([10, 60, 121].map { |now| at(wait, now).name }).to eq %i[early open over]
      late = [step("print"), step("lay", after: "print", latest_s: 100)]
      expect(at(late, 201, {"print" => 100}).name).to eq :late
    end
  end

  it "undoes a printer's scale about the middle of the paper, where its edges were not seen" do
    paper = UpClose::Printing::Paper.fetch("a4")
    undo = UpClose::Printing::Calibration.new(x_scale: 1.01, y_scale: 0.99).undo(paper)
    middle = UpClose::Geometry::Point[105, 148.5]
    expect(undo.apply(middle).distance(middle)).to be < 1e-9
    # 100 mm right of it: printed 1.01 times as far, so it is drawn at 100 ÷ 1.01
    expect(undo.apply(middle + UpClose::Geometry::Point[100, 0]).x).to be_within(1e-9).of(105 + 100 / 1.01)
  end

  it "warns before the work, not after it" do
    entry = UpClose::Timetable::Plan::Entry.new(
      chain: UpClose::Timetable::TaskChain.new(id: 1, title: "Rose", steps: []), step: step_of("rub"), from: 7200,
      to: 7260, pieces: [[7200, 7260]], why: nil, waited_s: 0
    )
    plan = UpClose::Timetable::Plan.new([entry], [])
    event = Icalendar::Calendar.parse(UpClose::Formats::ICS.call(plan, stamp: 0)).first.events.first
    trigger = event.alarms.first.trigger.value
    expect([trigger.past, trigger.minutes]).to eq [true, UpClose::Formats::ICS::ALARM_MIN]
  end

  def step_of(key)
    UpClose::Methods::Step.new(key: key, phase: :apply, kind: :hands, title: key, words: "", least_s: 60)
  end
end
