# frozen_string_literal: true

require "time"
require "tzinfo"

RSpec.describe UpClose::Timetable do
  # a shop's zone, by the rules of any place on earth
  zone_of = Struct.new(:zone) do
    def at(date, minutes)
      zone.local_to_utc(Time.utc(date.year, date.month, date.day) + minutes * 60) { |periods| periods.last }.to_i
    end

    def date_of(moment) = zone.utc_to_local(Time.at(moment).utc).to_date
  end
  define_method(:zone) { |name = "Etc/UTC"| zone_of.new(TZInfo::Timezone.get(name)) }

  def at(text) = Time.parse("#{text} UTC").to_i

  def hours(
    week = {1 => [[1140, 1320]], 2 => [[1140, 1320]], 3 => [[1140, 1320]], 4 => [[1140, 1320]], 5 => [[1140, 1320]]},
    in_zone: zone,
    **more
  )
    UpClose::Timetable::Hours.new(week, zone: in_zone, **more)
  end

  def step(key, minutes, kind = :hands, **more)
    UpClose::Methods::Step
      .new(key: key, title: key, words: "", phase: :apply, kind: kind, least_s: minutes * 60, **more)
  end

  def chain(id, *steps, **more) = UpClose::Timetable::TaskChain.new(id: id, title: "mark #{id}", steps: steps, **more)

  def plan(*chains, from: "2026-11-30 18:00", in_hours: hours, **more)
    UpClose::Timetable::Planner.new(in_hours, from: at(from), **more).call(chains)
  end

  def clock(plan, chain)
    plan.of(chain).map do |e|
      [e.step.key, Time.at(e.from).utc.strftime("%a %H:%M"), Time.at(e.to).utc.strftime("%a %H:%M")]
    end
  end

  # 30 November 2026 is a Monday; evenings from 19 to 22
  describe described_class::Planner do
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

    # what any plan must keep to, looked at from outside
    def broken(plan, chains, in_hours, from, holds)
      spans = in_hours.spans(from)
      pieces = plan.entries.select(&:hands?).flat_map(&:pieces).sort
      faults = pieces.each_cons(2).select { |a, b| b[0] < a[1] - 1e-6 }.map { |pair| [:person, *pair] }
      faults += pieces.reject { |s, e| spans.any? { |f, t| s >= f - 1e-6 && e <= t + 1e-6 } }.map do |piece|
        [:hours, piece]
      end
      chains.each do |chain|
        list = plan.of(chain)
        ends = chain.ends.merge(list.to_h { |e| [e.step.key, e.to] })
        faults += list.each_cons(2).select { |a, b|
          b.from < a.to - 1e-6 || (a.step.shut? && b.from > a.from + a.step.most_s + 1e-6)
        }.map do |pair|
          [:order, *pair]
        end
        faults += list.select { |e|
          e.step.window? &&
            ends[e.step.after] &&
            ((e.step.earliest_s && e.from < ends[e.step.after] + e.step.earliest_s - 1e-6) ||
              (e.step.latest_s && e.from > ends[e.step.after] + e.step.latest_s + 1e-6))
        }.map do |e|
          [:window, e]
        end
        faults += list.reject { |e|
          (e.pieces.sum { |s, t| t - s } - e.step.least_s).abs < 1e-6 || e.step.wait?
        }.map do |e|
          [:length, e]
        end
      end
      holds.each do |place, most|
        used = plan.entries.select { |e| e.step.place == place }
        at_once = ->(e) { used.select { |o| o.from <= e.from && o.to > e.from } }
        faults += used.select { |e|
          at_once[e].sum { |o|
            if place == :press
              1
            else
              [o.chain.copies, (place == :oven) ? most : o.chain.copies].min
            end
          } > most
        }.map { |e| [place, e] }
        # the door stays shut: what bakes at once began at once, as hot and as long
        faults += used.select { |e|
          place == :oven && at_once[e].map { |o| [o.from, o.to, o.step.temperature_c] }.uniq.size > 1
        }.map do |e|
          [:door, e]
        end
      end
      faults
    end

    def seeded(random, chains:, steps:)
      Array.new(chains) do |id|
        list = Array.new(random.rand(steps)) do |k|
          window = k.positive? &&
            random.rand < 0.35 &&
            {after: "s#{k - 1}", earliest_s: random.rand(0..10) * 60, latest_s: random.rand(20..240) * 60}
          (random.rand < 0.35) ? step(
            "s#{k}",
            random.rand(5..300),
            :wait,
            place: (place = [nil, :oven, :drying].sample(random: random)),
            temperature_c: ([100, 163].sample(random: random) if place == :oven)
          ) : step("s#{k}", random.rand(5..100), **(window || {}))
        end
        chain(
          id,
          *list,
          copies: random.rand(1..9),
          due: (at("2026-12-01 12:00") + random.rand(0..10) * 86_400 if random.rand < 0.5)
        )
      end
    end

    holds = {oven: 6, press: 1, drying: 12}

    it "breaks no window, no hour and no place, whatever is asked of it" do
      random = Random.new(5)
      40.times do
        chains = seeded(random, chains: random.rand(1..9), steps: 1..9)
        in_hours = hours({1 => [[1140, 1320]], 3 => [[1200, 1290]], 6 => [[600, 780], [840, 1020]], 0 => [[1380, 60]]})
        found = plan(*chains, in_hours: in_hours, holds: holds)
        expect(broken(found, chains - found.problems.map(&:chain), in_hours, at("2026-11-30 18:00"), holds)).to be_empty
        expect(found.entries.map { |e| e.chain.id }.uniq + found.problems.map { |p| p.chain.id })
          .to match_array chains.map(&:id)
      end
    end

    it "lays anew only what changed and what is laid after it, to the very plan that it would lay whole" do
      told = ->(plan) { plan.entries.map { |e| [e.chain.id, e.step.key, e.from, e.to, e.why, e.waited_s] } }
      plain = ->(plan) { [told[plan], plan.problems.map { |problem| [problem.chain.id, problem.reason] }] }
      searched = []
      8.times do |seed|
        random = Random.new(seed)
        chains = seeded(random, chains: 12, steps: 3..9)
        planner = described_class.new(hours, from: at("2026-11-30 18:00"), holds: holds)
        planner.call(chains)
        allow(planner).to receive(:block_placed).and_wrap_original do |search, *args|
          searched << args.first.id
          search.call(*args)
        end
        last = chains.max_by { |c| [c.due || Float::INFINITY, -c.whole_s, c.id.to_s] }
        changed = chains.map { |c| (c == last) ? c.with(copies: c.copies + 1, title: "another") : c }
        expect(plain[planner.call(changed)]).to eq plain[plan(*changed, holds: holds)]
        first = chains.min_by { |c| [c.due || Float::INFINITY, -c.whole_s, c.id.to_s] }
        expect(plain[planner.call(changed - [first])]).to eq plain[plan(*(changed - [first]), holds: holds)]
      end
      expect(searched).not_to be_empty
    end

    {70 => false, 200 => true}.each do |jobs, slow|
      it "finishes as soon as any order of blocks would, on #{jobs} small jobs, nearly always", slow: slow do
        random = Random.new(11)
        ratios = Array.new(jobs) do
          chains = seeded(random, chains: random.rand(2..4), steps: 1..3).map { |c| c.with(due: nil) }
          next if chains.sum { |c| c.steps.size } > 7
          found = plan(*chains, holds: holds)
          next if found.problems.any?
          planner = described_class.new(hours, from: at("2026-11-30 18:00"), holds: holds)
          orders = chains.flat_map { |c| [c] * c.blocks.size }.permutation.to_a.uniq
          best = orders.map { |order| planner.laid(order) }.select { |p| p.problems.empty? }.map(&:finish).min
          (found.finish - at("2026-11-30 18:00")) / (best - at("2026-11-30 18:00")).to_f
        end.compact
        expect([ratios.count { |r| r <= 1 + 1e-9 } / ratios.size.to_f, ratios.max, ratios.size])
          .to match [be >= 0.95, be <= 1.1, be > jobs * 0.3]
      end
    end
  end

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
