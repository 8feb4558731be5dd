# frozen_string_literal: true

require_relative "real_outlines"
require_relative "jigsaws"
require_relative "part_used"
require "json"
require "tempfile"

# Laying out: against a tidy person, a jigsaw's known answer, and what is possible.
module Bench
  nesting = UpClose::Sheets::Nesting
  letter = nesting::Blank.new(width_mm: 215.9, height_mm: 279.4)
  room = nesting::CellRules.new(gap_mm: 2, frame_mm: 8)
  cpu = -> { Process.clock_gettime(Process::CLOCK_PROCESS_CPUTIME_ID) }
  timed = lambda do |&work|
    start = cpu.call
    [work.call, cpu.call - start]
  end
  # a fixed piece of integer work, so that seconds can be told as so many of it
  kernel = Array.new(7) { timed.call { (1..1_200_000).reduce(0) { |sum, i| (sum + i * i) % 1_000_003 } }.last }.sort[3]
  report("the fixed kernel, CPU", ms(kernel), "–")

  # forty of one chance or another differ much: the mean of four sets of them, and six sheets cut by chance
  sets, sheets_cut = {40 => [11, 12, 13, 14]}, 6
  mean = ->(figures) { figures.sum / figures.size }
  goals = {
    40 => {"first" => [1.22, 1], "good" => [1.28, 6], "stretch" => [1.31, 20]},
    200 => {"first" => [1.15, 3], "good" => [1.19, 15]},
    640 => {"first" => [1.13, 8], "good" => [1.16, 35]}
  }
  goals.each do |count, efforts|
    efforts.each do |effort, (times, seconds)|
      figures = sets.fetch(count, [11]).map do |seed|
        parts = RealOutlines.call(count, seed: seed)
        tidied, listed = %i[tidied listed].map do |way|
          nesting::ByHand.public_send(way, parts, fresh: letter, room: room).utilisation
        end
        layout, took = timed.call do
          nesting::Search.new(parts, leftovers: [], fresh: letter, room: room, effort: effort).call
        end
        request = nesting::Request.new(
          "fresh" => {"width_mm" => 215.9, "height_mm" => 279.4},
          "parts" => parts.map { |p| {"id" => p.id, "outline" => p.outline, "holes" => p.holes} }
        )
        [
          layout.utilisation,
          layout.utilisation / tidied,
          layout.utilisation / listed,
          layout.utilisation / nesting::Report.new(request, layout).area_bound,
          took
        ]
      end
      used, tidied, listed, bound, took = figures.transpose.map(&mean)
      spread = (figures.size > 1) ? format(" (%.2f to %.2f)", *figures.map { |f| f[1] }.minmax) : ""
      report(
        "#{count} real outlines, #{effort}",
        format(
          "%.3f: %.2f × tidied%s, %.2f × listed, %.2f of the bound; %.1f s = %d kernels",
          used,
          tidied,
          spread,
          listed,
          bound,
          took,
          took / kernel
        ),
        "#{times} × tidied in #{seconds} s"
      )
    end
  end

  # outlines as the app cuts them: the hull of the ink, and a border
  [40, 200].each do |count|
    parts = RealOutlines.cut(count)
    tidied = nesting::ByHand.tidied(parts, fresh: letter, room: room).utilisation
    layout, took = timed.call do
      nesting::Search.new(parts, leftovers: [], fresh: letter, room: room, effort: "good").call
    end
    bound = nesting::Report.new(nesting::Request.new(
      "fresh" => {"width_mm" => 215.9, "height_mm" => 279.4},
      "parts" => parts.map { |p| {"id" => p.id, "outline" => p.outline} }
    ), layout)
      .area_bound
    report("#{count} marks as they are cut, good", format(
      "%.3f: %.2f × tidied, %.2f of the bound; %.1f s",
      layout.utilisation,
      layout.utilisation / tidied,
      layout.utilisation / bound,
      took
    ), "0.76 of the bound")
  end

  # sheets used: whole ones, and of the last as far down as it goes
  used = ->(layout) { layout.fresh.size - 1 + layout.fresh.last.reach / letter.height_mm }
  search = ->(parts, effort, leftovers = []) {
    nesting::Search.new(parts, leftovers: leftovers, fresh: letter, room: room, effort: effort).call
  }
  {
    polygons: {20 => [1.60, 1.47], 60 => [1.50, 1.42]},
    boxes: {8 => [1.20, 1.16], 20 => [1.20, 1.16], 60 => [1.20, 1.16]}
  }.each do |kind, sizes|
    sizes.each do |count, wanted|
      cut = Array.new(sheets_cut) do |i|
        Jigsaws.public_send(kind, count, nesting::Chance.new(count + 1000 * i), letter)
      end
      %w[first good].zip(wanted).each do |effort, most|
        figures = cut.map { |parts| used[search[parts, effort]] }
        report(
          "#{sheets_cut} sheets cut into #{count} #{kind}, #{effort}",
          format("%.2f sheets (%.2f to %.2f)", mean[figures], *figures.minmax),
          most.to_s
        )
      end
    end
  end

  # part-used sheets, corners and strips cut away, or marks here and there; a tidy
  # person lays rows into the largest box left
  cuts = [
    [[0, 0, 150, 96]],
    [[60, 0, 155.9, 60], [0, 240, 120, 39.4]],
    [[90, 90, 60, 160]],
    [[0, 0, 215.9, 40], [150, 180, 65.9, 99.4]]
  ]
  small = RealOutlines.call(400, largest: 44)
  {"cut in strips" => cuts, "cut here and there" => PartUsed.here_and_there(letter)}.each do |kind, boxes|
    leftovers = boxes.each_with_index.map do |list, i|
      nesting::Blank.new(
        id: i.to_s,
        width_mm: letter.width_mm,
        height_mm: letter.height_mm,
        used: list.map { |box| PartUsed.ring(*box) }
      )
    end
    rest = small
    tidy = leftovers.sum do |blank|
      box = UpClose::Sheets::FreeRoom.new(blank, gap_mm: 2, frame_mm: 8).largest
      laid = nesting::ByHand
        .tidied(rest, fresh: nesting::Blank.new(width_mm: box.width + 16, height_mm: box.height + 16), room: room)
        .sheets
        .first
      rest -= laid.placements.map(&:part)
      laid.placements.sum { |p| p.part.area }
    end
    by_hand = nesting::ByHand.tidied(rest, fresh: letter, room: room)
    gone = leftovers.map { |blank| (100 - blank.free_area / blank.area * 100).round }.minmax.join("–")
    {"first" => "2.5 ×", "good" => "2.7 ×, 0.56 × the fresh"}.each do |effort, wanted|
      layout = search[small, effort, leftovers]
      onto = layout.laid(layout.sheets.reject { |s| s.blank.fresh? })
      report("400 small parts, 4 sheets #{kind} (#{gone} %), #{effort}", format(
        "%.2f × the area a tidy person gets on them, %.2f × the fresh sheets",
        onto / tidy,
        (layout.fresh.empty? ? 0 : used[layout]) / used[by_hand]
      ), wanted)
    end
  end

  # in a process of its own that only reads them, as bin/up-close nest does
  unless ENV["QUICK"]
    Tempfile.create("outlines") do |file|
      parts = RealOutlines.call(640).map { |p| {"id" => p.id, "outline" => p.outline, "holes" => p.holes} }
      file.write(JSON.dump(
        "fresh" => {"width_mm" => 215.9, "height_mm" => 279.4},
        "turns_deg" => [0, 90, 180, 270],
        "parts" => parts
      ))
      file.flush
      {"first" => 150, "good" => 300}.each do |effort, most|
        report(
          "640 real outlines, #{effort}, alone",
          alone("nest_alone.rb", file.path, effort, times: 1).then { |took, peak|
            "peak #{peak.round} MB, #{took.round(1)} s"
          },
          "#{most} MB, #{(effort == "first") ? 8 : 35} s"
        )
      end
    end
  end
end
