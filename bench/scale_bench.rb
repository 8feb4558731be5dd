# frozen_string_literal: true

require_relative "years"

# Every main page in the demo shop, and in the same shop with years of work, in the same minute.
module Bench
  mark = Mark.all.find { |one| one.artwork && one.method_key && one.placed? && one.run.nil? }
  paths = ["/", "/jobs", "/jobs/#{mark.job.id}", "/timetable", "/drawer", "/stock", "/printers", "/methods",
    "/methods/#{mark.method_key}", "/methods/#{mark.method_key}/record", "/record", "/search?q=rose", "/print",
    *%w[measure artwork method place sheet apply seal record compare].map { |stage| "/marks/#{mark.id}/#{stage}" }]
  before = paths.to_h { |path| [path, median(5) { page(path) }] }
  filled = seconds { Years.fill }
  settle = lambda do
    paths.each { |path| page(path) }
    Actions::LaidPlan::TASKS[:plan]&.thread&.join
  end
  settle.call
  open = Actions::PlanWork.open_marks(Time.now)
  Actions::PlanWork::CHAINS.forget
  plan = seconds { Actions::PlanWork.lay(Time.now, ShopTime.current, open) }
  changed = open.values.reject(&:run).last
  changed.update!(width_mm: changed.width_mm * 0.9)
  again = seconds { Actions::PlanWork.lay(Time.now, ShopTime.current, Actions::PlanWork.open_marks(Time.now)) }
  settle.call
  after = paths.to_h { |path| [path, median(3) { page(path) }] }
  report("shop of #{Mark.count} marks, #{Attempt.count} tries", "filled in #{filled.round(1)} s", "")
  report("plan of #{open.size} open marks, beside the pages", ms(plan), "3 s")
  report("the same once one mark has changed, read anew", ms(again), "")
  after.each do |path, s|
    report(path.sub(/\d+/, "…"), "#{ms(s)}, #{(s / before[path]).round(1)} × #{ms(before[path])}", "3 ×, 300 ms")
  end
end
