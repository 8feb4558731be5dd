# frozen_string_literal: true

RSpec.describe UpClose::Runs::Clockwork do
  def step(key, kind = :hands, **rest)
    UpClose::Methods::Step.new(key: key, phase: :apply, kind: kind, title: key, words: "", least_s: 60, **rest)
  end

  # begun at 1000; print, lay it 30 s to an hour after printing, wait 10 to 20 min
  let(:steps) do
    [
      step("print"),
      step("lay", after: "print", earliest_s: 30, latest_s: 3600),
      step("dry", :wait, least_s: 600, most_s: 1200),
      step("coat")
    ]
  end

  def at(now, **done)
    described_class.new(steps: steps, began_at: 1000, done_at: done.transform_keys(&:to_s)).state(now)
  end

  def name(now, **done) = at(now, **done).name

  it "opens and closes a window from the end of the step it hangs on" do
    expect(at(2000, print: 1500)).to have_attributes(index: 1, opens_at: 1530, closes_at: 5100)
    expect(
      {1510 => :early, 1530 => :open, 5039 => :open, 5041 => :closing, 5100 => :closing, 5101 => :late}.map { |now, _|
        name(now, print: 1500)
      }
    )
      .to eq %i[early open open closing closing late]
  end

  it "tells the best part of a window from the rest of it" do
    best = [steps[0], UpClose::Methods::Step.from_h(steps[1].to_h.merge(best_s: 300))]
    state = ->(now) { described_class.new(steps: best, began_at: 1000, done_at: {"print" => 1500}).state(now) }
    # printed at 1500: open from 1530, best from 1800, closing a minute before 5100
    expect([1529, 1530, 1799, 1800, 5041, 5101].map { |now| state[now].name })
      .to eq %i[early open open best closing late]
    expect(state[1600].best_at).to eq 1800
  end

  it "waits: not yet, good, too long" do
    done = {print: 1500, lay: 2000}
    expect([2100, 2600, 3190, 3201].map { |now| name(now, **done) }).to eq %i[early open closing over]
    expect([at(2100, **done).opens_at, at(2100, **done).closes_at]).to eq [2600, 3200]
  end

  it "says closing for a window that opens at once, a minute before its end at most" do
    open_at_once = [steps[0], UpClose::Methods::Step.from_h(steps[1].to_h.merge(earliest_s: nil, latest_s: 120))]
    names =
      ->(*nows) {
        nows.map do |now|
          described_class.new(steps: open_at_once, began_at: 1000, done_at: {"print" => 1500}).state(now).name
        end
      }
    # the last fifth of 120 s: from 1596
    expect(names[1501, 1595, 1597, 1620, 1621]).to eq %i[open open closing closing late]
    expect(described_class.new(steps: open_at_once, began_at: 1000, done_at: {"print" => 1500}).turns.map { |turn|
      [turn.name, turn.at]
    })
      .to eq [[:open, nil], [:closing, 1596], [:late, 1620]]
  end

  it "opens by the later and closes by the sooner of a wait's own length and its window" do
    both = [{
      key: "soak", phase: :apply, kind: :wait, title: "", words: "", least_s: 60, most_s: 600, after: "print",
      earliest_s: 200, latest_s: 500
    }].map do |fields|
      UpClose::Methods::Step.new(**fields)
    end
    turns =
      ->(printed) {
        described_class.new(steps: both, began_at: 1000, done_at: {"print" => printed}).turns.to_h do |turn|
          [turn.name, turn.at]
        end
      }
    # its own: 1060 … 1600 from the print's end at 1000, where it
    # came to hand; the window: printed + 200 … printed + 500
    expect(turns[1000]).to include(open: 1200, over: 1500)
    expect(turns[800]).to include(open: 1060, over: 1300)
  end

  it "keeps the true moment of a cure that is ended early: touched, coated, handled, cured" do
    cure = step(
      "cure",
      :wait,
      least_s: 86_400,
      dries: true,
      moments: {touch: 1800, next_coat: 600, handle: 14_400, full: 86_400}
    )
    work = [step("coat"), cure]
    told =
      ->(now, **done) {
        described_class.new(steps: work, began_at: 1000, done_at: done.transform_keys(&:to_s)).then do |clockwork|
          [clockwork.ready_at(now), clockwork.moments(now)]
        end
      }
    # not begun: the coat takes its minute first
    expect(told[1000]).to eq [87_460, {touch: 2860, next_coat: 1660, handle: 15_460, full: 87_460}]
    # coated at 2000, the wait ended a minute later: it cures all the same
    expect(told[2100, coat: 2000, cure: 2060])
      .to eq [88_400, {touch: 3800, next_coat: 2600, handle: 16_400, full: 88_400}]
    warm = UpClose::Timetable::Climate.new(temperature_c: 30).call(cure)
    expect([warm.least_s, warm.moments[:touch]]).to eq [43_200, 900]
  end

  it "is ready, then done" do
    expect(name(1000)).to eq :ready
    expect(name(4000, print: 1, lay: 2, dry: 3)).to eq :ready
    expect(at(4000, print: 1, lay: 2, dry: 3, coat: 4)).to have_attributes(name: :done, step: nil, index: 4)
  end

  it "gives the same answer for the same moments, whenever it is asked again" do
    states = Array.new(3) { [at(2345.6, print: 1500.25).name, at(2345.6, print: 1500.25).closes_at] }
    expect(states.uniq.size).to eq 1
  end

  it "foretells when all is ready, and puts it off while one dawdles" do
    ready = ->(now, **done) {
      described_class.new(steps: steps, began_at: 1000, done_at: done.transform_keys(&:to_s)).ready_at(now)
    }
    # laid no sooner than 30 s after printing
    expect(ready.call(1000)).to eq 1000 + 60 + 30 + 60 + 600 + 60
    expect(ready.call(1510, print: 1500)).to eq 1530 + 60 + 600 + 60
    expect(ready.call(2100, print: 1500, lay: 2000)).to eq 2600 + 60
    expect(ready.call(9000, print: 1500, lay: 2000)).to eq 9000 + 60
    # three coats of a minute, an hour apart, and no wait before the last: 60 + 3600 + 60 + 3600 + 60
    coats = [
      step("one"),
      *%w[one two].zip(%w[two three]).map { |before, key| step(key, after: before, earliest_s: 3600) }
    ]
    expect([UpClose::Runs::LeastTime.ready_at(coats), UpClose::Runs::LeastTime.windows_s(coats)]).to eq [7380, 7200]
    expect(ready.call(9999, print: 1, lay: 2, dry: 3, coat: 4)).to eq 4
  end
end
