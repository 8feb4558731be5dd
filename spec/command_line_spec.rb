# frozen_string_literal: true

require "json"
require "optparse"
require "stringio"
require "command_line/runner"

RSpec.describe CommandLine::Runner, :measured do
  around { |example| Dir.mktmpdir { |dir| Dir.chdir(dir) { example.run } } }

  def up_close(*arguments)
    out, err = StringIO.new, StringIO.new
    code = described_class.call(arguments, out: out, err: err)
    [code, out.string, err.string]
  end

  it "prints artwork to a file that measures what the report says" do
    File.write("badge.svg", svg('<rect x="10" y="10" width="76" height="20"/>'))
    code, out, = up_close(
      "print", "badge.svg", "--width", "38mm", "--method", "ink-offset", "--printer", "inkjet", "--copies", "3",
      "--out", "badge.pdf"
    )
    report = JSON.parse(out, symbolize_names: true)
    expect(code).to eq 0
    expect(report).to include(reading: "mirrored", turns: 1, reason: /face down/, page_mm: [210.0, 297.0])
    expect(report[:bars].map { |bar| bar[:length_mm] }).to eq [50.0, 50.0]
    page = render_pdf(File.binread("badge.pdf"))
    expect(report[:placements].size).to eq 3
    report[:placements].each { |place| expect(ink_found(page, place, dpi: 1200)[:width_mm]).to be_within(0.05).of(38) }
  end

  it "sizes by height, by cap height, and numbers its sheets" do
    code, out, = up_close(
      "print", "--text", "HEH", "--font", "overpass-bold", "--cap-height", "6", "--method", "water-slide", "--printer",
      "laser", "--copies", "200", "--paper", "letter", "--out", "h.svg"
    )
    report = JSON.parse(out)
    expect([code, report["reading"], report["files"], report["placements"].first["height_mm"]])
      .to match [0, "as-is", %w[h-1.svg h-2.svg], be_within(1e-6).of(6)]
    expect(Dir["h-*.svg"].size).to eq 2
  end

  it "lists methods and schools, and compares them for an artwork on a surface" do
    told = JSON.parse(up_close("methods")[1])["methods"]
    expect([told.size, told.find { |m| m["key"] == "baked-medium" }["schools"].first["options"].map { |o| o["key"] }])
      .to eq [UpClose::Methods.all.size, %w[oven gun]]
    File.write("fine.svg", svg('<path d="M0 5h40" stroke="#000" stroke-width="0.2" fill="none"/>'))
    compare = ->(*more) { up_close("compare", "fine.svg", "--width", "40mm", "--printer", "laser", *more) }
    code, out, = compare["--surface", "polystyrene, gloss-paint, #1e3b2c"]
    found = JSON.parse(out)
    expect([code, found["pick"], found["methods"].find { |m| m["method"] == "iron-on" }["verdict"]])
      .to eq [0, "water-slide", "stop"]
    # a line of 0.2 mm is finer than gel holds
    expect(found["methods"].find { |m| m["method"] == "gel-medium" }["findings"].map { |f| f["check"] })
      .to include("fine_lines")
    both = up_close("compare", "fine.svg", "--width", "40mm", "--printers", "laser,inkjet", "--surface", "wood, sanded")
    expect([both[0], JSON.parse(both[1])["methods"].map { |m| m["printer"] }.uniq.sort]).to eq [0, %w[inkjet laser]]
    expect(compare["--surface", "cheese"].values_at(0, 2)).to match [1, /no material called “cheese”/]
    expect(compare["--surface", "wood", "--sort", "luck"].values_at(0, 2)).to match [2, /--sort is one of/]
  end

  it "plans a request into a week's hours, and writes it as a calendar" do
    request = {
      from: "2026-11-30T18:00:00Z",
      zone: "Europe/Paris",
      hours: {mon: ["19:00-22:00"], tue: ["19:00-22:00"]},
      marks: [
        {
          id: "rose",
          title: "Rose",
          method: "ink-offset",
          printer: "inkjet",
          sealer: "spray-satin",
          due: "2026-12-10T09:00:00Z"
        },
        {id: 2, steps: [
          {key: "sand", minutes: 30},
          {key: "dry", kind: "wait", minutes: 60},
          {key: "lay", minutes: 10, after: "sand", latest_min: 90}
        ]}
      ]
    }
    File.write("plan.json", JSON.generate(request))
    code, out, = up_close("plan", "plan.json", "--ics", "plan.ics")
    marks = JSON.parse(out)["marks"]
    expect([code, marks.map { |m| m["problem"] }, marks[1]["steps"].map { |s| s["step"] }])
      .to eq [0, [nil, nil], %w[sand dry lay]]
    # 19:00 in Paris has begun an hour ago at 18:00 UTC
    expect(marks.flat_map { |m| m["steps"] }.map { |s| s["from"] }.min).to eq "2026-11-30T18:00:00Z"
    expect([marks[0]["late_s"], marks[0]["latest_start"], File.read("plan.ics").scan("BEGIN:VALARM").size])
      .to match [0, /\A2026-12-0/, be > 8]
    {
      "hours" => {},
      "from" => "soon",
      "marks" => [{"steps" => [{"key" => "x"}]}],
      "room" => {"temperature_c" => -40},
      "zone" => "Moon/Base"
    }.each do |key, value|
      File.write("bad.json", JSON.generate(JSON.parse(JSON.generate(request)).merge(key => value)))
      code, _, err = up_close("plan", "bad.json")
      expect([code, err]).to match [be_between(1, 2), /no working hours|no moment|has no end|−40|No zone/]
    end
  end

  it "lays parts on leftovers and fresh sheets, and tells what it took and what is possible" do
    request = {
      leftovers: [{id: "offcut", width_mm: 120, height_mm: 80, used: [[[0, 0], [50, 0], [50, 80], [0, 80]]]}],
      fresh: {width_mm: 210, height_mm: 297},
      gap_mm: 3,
      frame_mm: 8,
      turns_deg: [0, 90],
      parts: [
        {id: "label", count: 3, outline: [[0, 0], [40, 0], [40, 20], [0, 20]]},
        {id: "sail", outline: [[0, 0], [400, 0], [0, 400]]}
      ]
    }
    File.write("layout.json", JSON.generate(request))
    code, out, = up_close("nest", "layout.json", "--effort", "first")
    report = JSON.parse(out)
    expect([code, report["sheets"].map { |s| [s["leftover"], s["placements"].size] }])
      .to eq [0, [["offcut", 2], [nil, 1]]]
    # two labels beside what is gone: from 50 + 3 to 120 − 8 there are 59 mm across, 64 down
    expect(report["sheets"].first["placements"].map { |p| p["x_mm"] }.min).to be >= 53 - 1e-6
    expect(report["unplaced"])
      .to match [include("id" => "sail", "copy" => 1, "reason" => /400 × 400 mm fits on no sheet/)]
    expect(report["cpu_seconds"]).to be > 0
    File.write("layout.json", "[1]")
    expect(up_close("nest", "layout.json")).to match [2, "", /no object/]
    File.write("layout.json", "{")
    expect(up_close("nest", "layout.json")).to match [2, "", /cannot be read as JSON/]
  end

  it "follows ink at an exact distance, and writes that line to be cut" do
    File.write("ring.svg", svg('<circle cx="50" cy="25" r="18" fill="none" stroke="#000" stroke-width="4"/>'))
    code, out, = up_close("outline", "ring.svg", "--width", "40mm", "--around", "1mm", "--out", "ring.dxf")
    told = JSON.parse(out)
    expect([code, told["holes"], told["holes_closed"]]).to eq [0, 1, 0]
    # 40 across, and 1 round it; inside 32 less 2
    rings = UpClose::Formats::DXF::Reader.new(File.read("ring.dxf")).rings
    expect(rings.map { |ring| Math.sqrt(ring.area / Math::PI) }.sort)
      .to match [be_within(0.02).of(15), be_within(0.02).of(21)]
    small = JSON.parse(up_close("outline", "ring.svg", "--width", "8mm", "--around", "1mm")[1])
    # 6.4 less 2 across holds a blade's circle of 4; of 5 no longer
    expect(small["holes"]).to eq 1
    told = JSON.parse(up_close("outline", "ring.svg", "--width", "8mm", "--around", "1mm", "--blade", "5mm")[1])
    expect([told["holes"], told["holes_closed"]]).to eq [0, 1]
    expect(up_close("outline", "ring.svg", "--width", "40mm", "--around", "1mm", "--out", "ring.png")[0]).to eq 2
  end

  it "makes a strap true to a cup's girth, and says what does not fit" do
    code, out, = up_close(*%w[strap --cup 84,66,95 --down 40mm --mark 60x20 --out strap.svg])
    told = JSON.parse(out)
    # 84 − 18 × 40 ÷ 95 = 76.42 across
    expect([code, told["girth_upper_mm"]]).to match [0, be_within(1e-3).of(Math::PI * 76.42105)]
    expect([told["corners"].size, File.read("strap.svg")]).to match [4, include('id="cut"')]
    code, _, err = up_close(*%w[strap --cylinder 80,50 --down 40mm --mark 60x20])
    expect([code, err]).to match [1, /40 to 60 mm below the rim.*50 mm long/]
    expect(up_close("strap", "--down", "40mm")[0]).to eq 2
  end

  it "answers in one sentence: 1 for what cannot be done, 2 for a wrong call" do
    File.write("tide.png", "the tide is out")
    {
      %w[
        print tide.png --width 38 --method water-slide --printer laser --out a.pdf
      ] => [1, /cannot read this kind of file/],
      %w[print none.png --width 38 --method water-slide --printer laser --out a.pdf] => [1, /cannot be read/],
      %w[print --text A --width 38 --method solvent-rub --printer inkjet --out a.pdf] => [1, /inkjet/],
      %w[print --text A --width -3 --method water-slide --printer laser --out a.pdf] => [1, /must be above 0/],
      %w[print --text A --width 9cubits --method water-slide --printer laser --out a.pdf] => [1, /not a length/],
      %w[print --text A --width 3 --method boil --printer laser --out a.pdf] => [1, /no method called “boil”/],
      %w[print --text A --width 3 --method water-slide --printer laser --out a.docx] => [2, /--out ends in/],
      %w[print --text A --method water-slide --printer laser --out a.pdf] => [2, /--width, --height or --cap-height/],
      %w[print --mystery] => [2, /invalid option/i],
      %w[brew] => [2, /Usage/],
      [] => [2, /Usage/]
    }.each do |arguments, (code, words)|
      got, out, err = up_close(*arguments)
      expect([got, out, err]).to match([code, "", words]), arguments.join(" ")
      expect(err.strip.lines.size).to eq 1
      expect(err.strip.scan(/\.(?=\s+\p{Lu})/)).to be_empty unless code == 2
    end
  end
end
