# frozen_string_literal: true

require "time"
require "tzinfo"

# Hours, steps and task chains, plans laid of them, and what any plan must keep to.
module LaidPlans
  # a shop's zone, by the rules of any place on earth
  Zone = Struct.new(:zone) do
    def at(date, minutes)
      zone.local_to_utc(Time.utc(date.year, date.month, date.day) + minutes * 60) { |periods| periods.last }.to_i
    end

    def date_of(moment) = zone.utc_to_local(Time.at(moment).utc).to_date
  end
  def zone(name = "Etc/UTC") = Zone.new(TZInfo::Timezone.get(name))

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
end
