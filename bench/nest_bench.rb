# frozen_string_literal: true

require_relative "real_outlines"

# Laying out: against a tidy person, a jigsaw's known answer, and what is possible.
module Bench
  nesting = UpClose::Sheets::Nesting
  letter = nesting::Blank.new(width_mm: 215.9, height_mm: 279.4)
  room = nesting::Room.new(gap_mm: 2, frame_mm: 8)
  cpu = -> { Process.clock_gettime(Process::CLOCK_PROCESS_CPUTIME_ID) }
  timed = lambda do |&work|
    start = cpu.call
    [work.call, cpu.call - start]
  end
  # a fixed piece of integer work, so that seconds can be told as so many of it
  kernel = Array.new(7) { timed.call { (1..1_200_000).reduce(0) { |sum, i| (sum + i * i) % 1_000_003 } }.last }.sort[3]
  report("the fixed kernel, CPU", ms(kernel), "–")

  goals = {40 => {"first" => [1.22, 1], "good" => [1.28, 6]}, 200 => {"first" => [1.15, 3], "good" => [1.19, 15]}, 640 => {"first" => [1.13, 8], "good" => [1.16, 35]}}
  goals.each do |count, efforts|
    parts = RealOutlines.call(count)
    tidied, listed = %i[tidied listed].map { |way| nesting::ByHand.public_send(way, parts, fresh: letter, room: room).utilisation }
    efforts.each do |effort, (times, seconds)|
      layout, took = timed.call { nesting::Search.new(parts, leftovers: [], fresh: letter, room: room, effort: effort).call }
      request = nesting::Request.new("fresh" => {"width_mm" => 215.9, "height_mm" => 279.4}, "parts" => parts.map { |p| {"id" => p.id, "outline" => p.outline, "holes" => p.holes} })
      bound = nesting::Report.new(request, layout).area_bound
      report("#{count} real outlines, #{effort}", format("%.3f: %.2f × tidied, %.2f × listed, %.2f of the bound; %.1f s = %d kernels", layout.utilisation, layout.utilisation / tidied, layout.utilisation / listed, layout.utilisation / bound, took, took / kernel),
        "#{times} × tidied in #{seconds} s")
    end
  end
end
