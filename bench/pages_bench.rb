# frozen_string_literal: true

# Every page of the demo, in process; and what placing answers.
module Bench
  marks = Mark.all.select { |mark| mark.artwork && mark.method_key }
  paths = [
    "/", "/jobs", "/jobs/new", "/methods", "/drawer", "/stock", "/printers", "/devices", "/timetable"
  ] + UpClose::Methods.all.map { |m| "/methods/#{m.key}" } +
    Job.ids.flat_map { |id| ["/jobs/#{id}", "/jobs/#{id}/edit", "/jobs/#{id}/pieces/new"] } + Run.ids.map { |id|
      "/runs/#{id}"
    } +
    marks.flat_map { |mark|
      [*Presenters::CardRow::STAGES.keys, "compare"].map { |stage| "/marks/#{mark.id}/#{stage}" }
    }
  covering = marks.select { |mark| mark.covering.any? }.map { |mark| "/marks/#{mark.id}/place" }
  paths -= covering
  times = paths.to_h { |path| [path, median(9) { page(path) }] }
  slowest = times.max_by(&:last)
  report(
    "pages of the demo (#{paths.size}), middle of each",
    "middle #{ms(times.values.sort[times.size / 2])}, slowest #{ms(slowest.last)} at #{slowest.first.gsub(/\d+/, "…")}",
    "under 60 ms"
  )
  looks = marks.reject { |mark| mark.covering.any? }
    .map { |mark| median(15) { page("/marks/#{mark.id}/place/look?x_mm=1.5&y_mm=0.5") } }
  report("placing feedback, slowest mark", ms(looks.max), "under 30 ms")
end
