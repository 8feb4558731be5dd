# frozen_string_literal: true

# The timetable: marks by all kinds of methods, evenings and Saturdays only.
module Bench
  zone = Struct.new(:none) do
    def at(date, minutes) = (date - Date.new(1970, 1, 1)).to_i * 86_400 + minutes * 60

    def date_of(moment) = Date.new(1970, 1, 1) + (moment / 86_400).floor
  end.new
  evening = [[1140, 1320]]
  hours = UpClose::Timetable::Hours.new(
    {1 => evening, 2 => evening, 3 => evening, 4 => evening, 5 => evening, 6 => [[540, 720], [780, 1080]]},
    zone: zone
  )
  from = zone.at(Date.new(2026, 11, 30), 1080)
  methods = %w[water-slide solvent-rub ink-offset iron-on gel-medium tape-lift baked-medium tracing].map do |key|
    UpClose::Methods.fetch(key)
  end
  sealer = UpClose::Sealing.fetch("spray-acrylic")
  chains = lambda do |count|
    Array.new(count) do |i|
      setting =
        UpClose::Methods::MethodChoice.new(
          method: methods[i % 8],
          printer: methods[i % 8].printers.first,
          copies: 1 + i % 3
        )
      UpClose::Timetable::TaskChain.new(
        id: i,
        title: "mark #{i}",
        steps: setting.steps + sealer.steps(setting),
        copies: 1 + i % 3,
        due: from + (14 + i % 28) * 86_400
      )
    end
  end
  # each mark eight pieces, written out piece by piece
  batches = lambda do |count|
    Array.new(count) do |i|
      method = methods[i % 8]
      setting = UpClose::Methods::MethodChoice.new(method: method, printer: method.printers.first, copies: 8)
      told = UpClose::WholeWork.call(sealer, setting)
      steps = UpClose::Rounds.written_out(told, prints: 8, pieces: 8)
      [i, steps, from + (14 + i % 28) * 86_400]
    end
  end
  {14 => "under 300 ms", 56 => "under 2 s"}.each do |count, wanted|
    list = batches.call(count)
    plan = lambda do
      gathered = list.map do |i, steps, due|
        UpClose::Timetable::TaskChain
          .new(id: i, title: "batch #{i}", steps: UpClose::Rounds.gathered(steps), copies: 8, due: due)
      end
      UpClose::Timetable::Planner.new(hours, from: from).call(gathered)
    end
    report("a plan of #{count} batches, #{list.sum { |_, steps, _| steps.size }} steps in rounds", ms(median(3, &plan)),
      wanted)
  end
  before = nil
  [40, 80, 160].each do |count|
    list = chains.call(count)
    steps = list.sum { |c| c.steps.size }
    took = median(3) { UpClose::Timetable::Planner.new(hours, from: from).call(list) }
    plan = UpClose::Timetable::Planner.new(hours, from: from).call(list)
    report(
      "a plan of #{count} marks, #{steps} steps, #{((plan.finish - from) / 604_800.0).round(1)} weeks",
      "#{ms(took)}#{", #{(took / before).round(1)} × the one before" if before}",
      {40 => "under 300 ms", 160 => "under 3 s"}[count] || "–"
    )
    before = took
  end
end
