# frozen_string_literal: true

require "date"
require "time"

RSpec.describe "rounds under way and planned" do
  def setting(key, number, prints: number, mm: 40)
    method = UpClose::Methods.fetch(key)
    UpClose::Methods::MethodChoice.new(
      method: method, printer: method.printers.first, copies: prints, pieces: number,
      material: UpClose::Materials.material("wood"), finish: UpClose::Materials.finish("sanded"),
      size: UpClose::Methods::MarkSize.new(width_mm: mm, height_mm: mm, coverage: 0.2, line_mm: 8.0 * mm)
    )
  end

  def out(key, number, prints: number, mm: 40)
    UpClose::Rounds.written_out(setting(key, number, prints: prints, mm: mm).steps, prints: prints, pieces: number)
  end

  # each step done so long after the one before
  def done(steps, upto, from: 0.0)
    at = from
    steps.first(steps.index { |s| s.key == upto } + 1).to_h { |step| [step.key, at += yield(step)] }
  end

  describe UpClose::Rounds::Walk do
    let(:steps) { out("ink-offset", 12) }
    let(:round_s) { UpClose::Rounds.of(setting("ink-offset", 12).steps).first.each_s }

    def walk(done) = described_class.new(steps: steps, began_at: 0.0, done_at: done)

    it "knows the piece at hand, how far the others are, and what is left to lay" do
      at_fifth = walk(done(steps, "lift:4", &:least_s))
      expect(at_fifth.step.key).to eq "lay:5"
      expect([at_fifth.round?, at_fifth.place_in_round, at_fifth.round_steps.size, at_fifth.to_lay])
        .to eq [true, 1, 4, 8]
      expect(at_fifth.turns.map(&:last).tally).to eq(done: 4, here: 1, ahead: 7)
      expect(walk({}).round?).to be false
    end

    it "believes the starting value until two rounds are walked, then the maker's own pace, breaks left out" do
      one = walk(done(steps, "lift:1", &:least_s))
      expect([one.measured?, one.pace_s]).to match [false, be_within(1e-6).of(round_s)]
      # twice as slow in every round, and an hour's break in the third
      slow = done(steps, "lift:4") { |step| step.least_s * (step.turn ? 2 : 1) + ((step.key == "press:3") ? 3600 : 0) }
      expect([walk(slow).measured?, walk(slow).pace_s]).to match [true, be_within(1e-6).of(2 * round_s)]
      ahead, behind = walk(slow).paced.partition { |step| !slow.key?(step.key) }
      before = steps.to_h { |step| [step.key, step.least_s] }
      expect(ahead.select(&:turn).map { |s| s.least_s / before[s.key] }).to all(be_within(1e-9).of(2))
      expect((behind + ahead.reject(&:turn)).map { |s| s.least_s - before[s.key] }).to all(eq 0)
    end

    it "says for how many more the wet ink is enough" do
      finished = done(steps, "lift:4", &:least_s)
      here = walk(finished)
      dry = finished["print"] + 3600
      expect(here.dry_at).to eq dry
      lay_s = steps.find { |s| s.key == "lay:5" }.least_s
      # just time for three: the last laying ends as the window shuts
      expect(here.enough_for(dry - lay_s - 2 * round_s)).to eq 3
      expect(here.enough_for(dry - lay_s - 2 * round_s + 1)).to eq 2
      expect([here.enough_for(dry - lay_s), here.enough_for(dry - lay_s + 1), here.enough_for(dry)]).to eq [1, 0, 0]
      gel = UpClose::Rounds::Walk.new(steps: out("gel-medium", 3), began_at: 0.0, done_at: {})
      expect(gel.step && gel.round?).to be false
    end
  end

  describe UpClose::Rounds::Retry do
    def again(steps, key, print: true, sand: false)
      failed = steps.index { |s| s.key == key }
      described_class.new(steps, failed: steps[failed], done: steps.first(failed).map(&:key))
        .call(print: print, sand: sand)
    end

    it "tries the same piece at once with the next print, where a miss is wiped off" do
      steps = out("water-slide", 3, prints: 5)
      left = again(steps, "press:2")
      keys = left.map(&:key).drop_while { |key| key != "soak:2" }
      expect(keys.first(8)).to eq %w[soak:2 slide:2 soak:2~2 slide:2~2 press:2~2 soften:2~2 soak:3 slide:3]
      expect(left.find { |s| s.key == "slide:2~2" }).to have_attributes(after: "soak:2~2", turn: 2, try: 2)
      # and once more
      third = again(left, "slide:2~2").map(&:key)
      expect(third).to include("soak:2~3", "press:2~3").and not_include("press:2~2")
    end

    it "comes back to a piece that must be sanded when the others are laid, and leaves it when no print is left" do
      steps = out("ink-offset", 3, prints: 4)
      sanded = again(steps, "press:1", sand: true).map(&:key)
      expect(sanded.drop_while { |key| key != "lay:1" })
        .to eq %w[
          lay:1 lay:2 press:2 peek:2 lift:2 lay:3 press:3 peek:3 lift:3 ground:1~2 lay:1~2 press:1~2 peek:1~2 lift:1~2
          ink_dry
        ]
      none = again(steps, "press:1", print: false).map(&:key)
      expect(none).to include("lay:1", "lay:2").and not_include("press:1", "lift:1", "lay:1~2")
    end

    it "lets the peel of a piece hang on the try that held" do
      steps = out("gel-medium", 2)
      left = again(steps, "lay:1", sand: true)
      expect(left.find { |s| s.key == "peel:1" }).to have_attributes(after: "press:1~2")
      gone = again(steps, "lay:1", print: false).map(&:key)
      expect(gone).to include("peel:2").and not_include("peel:1")
    end
  end

  describe UpClose::Rounds::Gathered do
    it "makes one step of each round, its windows those that were opened before it" do
      steps = out("ink-offset", 24, prints: 24, mm: 90)
      plain = UpClose::Rounds.gathered(steps)
      rounds = plain.select(&:turn)
      expect(rounds.size).to eq 24
      by_hand = UpClose::Rounds.of(setting("ink-offset", 24, mm: 90).steps).first
      # laid by the end of its window: so the round begins that much sooner
      expect(rounds.last).to have_attributes(
        least_s: be_within(1e-6).of(by_hand.each_s), after: "print:lot2",
        latest_s: be_within(1e-6).of(3600 - by_hand.lead_s("lay"))
      )
      # a later round is told from the round that opened it
      gel = UpClose::Rounds.gathered(out("gel-medium", 2))
      warm = out("gel-medium", 2).find { |s| s.key == "warm:2" }.least_s
      expect(gel.find { |s| s.key == "peel:2" })
        .to have_attributes(after: "spread:2", latest_s: be_within(1e-6).of(86_400 - warm))
    end
  end

  describe "three hundred random batches" do
    zone = Class.new do
      def at(date, minutes) = Time.utc(date.year, date.month, date.day).to_i + minutes * 60
      def date_of(moment) = Time.at(moment).utc.to_date
    end.new

    # what the plan says of each written-out step, found anew from the entries: begun and ended
    def unfolded(plan, chain, gathered)
      plan.of(chain).flat_map do |entry|
        group = gathered.parts[entry.step.key] or next [[entry.step, entry.from, entry.to]]
        at = entry.from
        ends = {}
        group.map do |step|
          at = [at, ends[step.after].to_f + step.earliest_s.to_f].max if ends.key?(step.after)
          begun, at = at, at + step.least_s
          ends[step.key] = at
          [step, begun, at]
        end
      end
    end

    it "shut no window, overlap no hands and break off no round" do
      random = Random.new(20_261_127)
      keys = UpClose::Methods.all.map(&:key)
      hours = UpClose::Timetable::Hours.new((0..6).to_h { |day| [day, [[600, 1380]]] }, zone: zone)
      from = Time.utc(2026, 11, 30, 9).to_f
      planned = 0
      300.times do
        pieces = random.rand(1..24)
        climate = UpClose::Timetable::Climate.new(temperature_c: random.rand(12..28), humidity: random.rand(30..80))
        prints = pieces + random.rand(0..pieces)
        told = setting(keys.sample(random: random), pieces, prints: prints, mm: random.rand(15..70)).steps
          .map { |step| climate.call(step) }
        next unless UpClose::Rounds::Lots.new(told, prints: prints).possible?
        steps = UpClose::Rounds.written_out(told, prints: prints, pieces: pieces)
        gathered = UpClose::Rounds::Gathered.new(steps)
        chain = UpClose::Timetable::TaskChain.new(id: 1, title: "batch", steps: gathered.call, copies: pieces)
        plan = UpClose::Timetable::Planner.new(hours, from: from, holds: {oven: 12, drying: 48}).call([chain])
        next if plan.problems.any?
        planned += 1
        laid = unfolded(plan, chain, gathered)
        ended = laid.to_h { |step, _, to| [step.key, to] }
        expect(laid.map { |step, *| step.key }).to match_array(steps.map(&:key))
        laid.each do |step, begun, _|
          next unless step.window?
          since = begun - ended.fetch(step.after)
          expect(since).to be >= step.earliest_s.to_f - 1e-3, step.key
          expect(since).to be <= step.latest_s + 1e-3, step.key if step.latest_s
        end
        hands = laid.reject { |step, *| step.wait? }.map { |_, begun, to| [begun, to] }.sort
        expect(hands.each_cons(2).map { |(_, to), (begun, _)| begun - to }.min.to_f).to be >= -1e-3
        laid.select { |step, *| step.turn }.group_by { |step, *| [step.round, step.turn] }.each_value do |round|
          waits = round.sum { |step, *| step.earliest_s.to_f }
          expect(round.last[2] - round.first[1]).to be <= round.sum { |s, *| s.least_s } + waits + 1e-3
        end
      end
      expect(planned).to be > 250
    end
  end
end
