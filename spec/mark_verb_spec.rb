# frozen_string_literal: true

require "json"
require "stringio"
require "command_line/runner"

# Figures worked out by hand from the rates that each method's file states, and from nothing of its code.
RSpec.describe "up-close mark", :measured do
  around { |example| Dir.mktmpdir { |dir| Dir.chdir(dir) { example.run } } }

  before do
    File.write(
      "solid.svg",
      '<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 80 80"><rect width="80" height="80"/></svg>'
    )
  end

  def run(request)
    File.write("request.json", JSON.generate(request))
    out, err = StringIO.new, StringIO.new
    code = CommandLine::Runner.call(["mark", "request.json"], out: out, err: err)
    [code, out.string, err.string]
  end

  def mark(**request)
    code, out, err = run(request)
    expect([code, err]).to eq [0, ""]
    JSON.parse(out, symbolize_names: true)
  end

  def board(side, count, **more)
    {
      shape: "rectangle",
      width_mm: side,
      height_mm: side,
      material: "wood",
      finish: "sanded",
      colour: "#ecd9b0",
      count: count,
      **more
    }
  end

  def seconds(told) = told[:steps].to_h { |step| [step[:key].to_sym, step[:least_s]] }

  def used(told)
    told[:steps].flat_map { |step| step[:consumes] }.group_by { |one| one[:what] }.transform_values do |all|
      all.sum { |one| one[:amount] }.round(3)
    end
  end

  it "tells one piece of 28 mm, by solvent rub, as by hand" do
    told = mark(
      piece: board(60, 1),
      artwork: "solid.svg",
      width_mm: 28,
      at: {right_mm: 3, down_mm: -2},
      method: "solvent-rub",
      printer: "laser"
    )
    # trim (28 + 2 × 5)² = 14.44 cm², box 7.84 cm², board 36 cm²; A4 623.7 cm²
    by_hand = {
      print: 120 + 20 * 14.44 / 623.7, ground: 60 + 60 + 14.44, pencil: 120, fix: 60, rub: 20 + 15 + 60 * 7.84 / 25,
      peek: 30, flash: 300, touch_up: 20 + 60 + 60 * 7.84 / 100, scrap_test: 120, seal_1: 40.4, seal_2: 40.4,
      seal_3: 40.4, cure: 86_400
    }
    expect(seconds(told)).to eq by_hand.transform_values { |s| s.to_f.round(1) }
    # 7.84 cm² × 200 µm × 3 = 0.47 ml, poured 2; a swab for each 12 cm²; 36 cm² × 20 µm × 2 for what misses, three times
    expect(used(told)).to eq("acetone" => 2, "cotton swabs" => 1, "spray acrylic clear" => 0.432)
    # 1 − 0.4⁴ = 0.974
    expect(told.slice(:chance, :spares, :reading, :clearance_mm, :largest_mm))
      .to eq(chance: 0.6, spares: 4, reading: "mirrored", clearance_mm: 13.0, largest_mm: 50.0)
    expect(told[:pencil_lines].map { |line| line.slice(:runs, :from, :distance_mm) })
      .to eq [{runs: "across", from: "top", distance_mm: 28.0}, {runs: "up", from: "left", distance_mm: 33.0}]
    # till the scrap is tried 1023.42; a coat each 600 later; touch 600, handling 4 h, cured 24 h after the last
    last = 1023.42 + 3 * (600 + 40.4)
    expect(told[:ready_s]).to eq(
      touch: (last + 600).round,
      next_coat: (last + 600).round,
      handle: (last + 14_400).round,
      full: (last + 86_400).round
    )
    expect(told[:steps].find { |step| step[:key] == "peek" }).to include(after: "rub", window_s: [0, 60], kind: "hands")
  end

  it "tells 24 of 296 mm, by solvent rub, as by hand" do
    told = mark(piece: board(400, 24), artwork: "solid.svg", width_mm: 296, method: "solvent-rub", printer: "laser")
    # trim 306² = 936.36 cm², box 876.16 cm², board 1600 cm²
    by_hand = {
      print: 120 + 24 * 20 * 936.36 / 623.7, ground: 60 + 24 * (60 + 936.36), pencil: 30 + 24 * 90, fix: 15 + 24 * 45,
      rub: 20 + 24 * (15 + 60 * 876.16 / 25), peek: 10 + 24 * 20, flash: 300,
      touch_up: 20 + 24 * (60 + 60 * 876.16 / 100), scrap_test: 120, seal_1: 20 + 24 * (15 + 240), seal_2: 6140,
      seal_3: 6140, cure: 86_400
    }
    expect(seconds(told)).to eq by_hand.transform_values { |s| s.to_f.round(1) }
    # 24 × 876.16 cm² × 200 µm × 3; 24 × 6 pads of 150 cm²; 24 × 1600 cm² × 20 µm × 2 × 3
    expect(used(told)).to eq("acetone" => 1261.67, "cotton pads" => 144, "spray acrylic clear" => 460.8)
    expect(told.slice(:chance, :spares)).to eq(chance: 0.6, spares: 49)
  end

  it "multiplies the chance by what speaks against it, and halves times in a warm room" do
    gel = mark(piece: board(400, 24), artwork: "solid.svg", width_mm: 296, method: "gel-medium", printer: "laser")
    # 92 400 mm² cannot be laid in the three minutes that gel stays open: 0.65 × 0.6; 24 × 304² mm² × 200 µm
    expect([gel[:chance], gel[:spares], used(gel)["gel medium"]]).to eq [0.39, 79, 443.597]
    wet = mark(
      piece: board(60, 1),
      artwork: "solid.svg",
      width_mm: 28,
      method: "water-slide",
      printer: "laser",
      room: {temperature_c: 30, humidity: 50}
    )
    cool = mark(piece: board(60, 1), artwork: "solid.svg", width_mm: 28, method: "water-slide", printer: "laser")
    expect(wet[:steps].zip(cool[:steps]).select { |a, _| %w[film_dry cure].include?(a[:key]) }.map { |a, b|
      a[:least_s] / b[:least_s]
    })
      .to eq [0.5, 0.5]
    expect(cool[:chance]).to eq 0.765
    known = mark(
      piece: board(60, 1),
      artwork: "solid.svg",
      width_mm: 28,
      method: "solvent-rub",
      printer: "laser",
      record: {good: 9, tried: 10}
    )
    # (0.6 × 4 + 9) ÷ (4 + 10)
    expect(known[:chance]).to eq 0.8143
  end

  it "finds the lines of a cup from rim and seam, and reads lettering" do
    cup = {
      shape: "cup",
      top_mm: 82,
      foot_mm: 60,
      slant_mm: 95,
      material: "glazed",
      finish: "polished",
      colour: "#ffffff",
      count: 2
    }
    told = mark(piece: cup, text: "HARBOUR", width_mm: 50, method: "water-slide", printer: "laser", sealer: "cup-coat")
    expect(told[:pencil_lines].map { |line| line[:from] }).to eq %w[rim datum]
    expect(told[:steps].map { |step| step[:key] }).to include("film_dry")
    expect(told[:ready_s].values).to eq told[:ready_s].values.sort
  end

  it "tells what covers the piece, and the line it is cut out along" do
    disc = {shape: "disc", diameter_mm: 30, material: "brass", finish: "raw"}
    ask = {piece: disc, text: "O", width_mm: 20, method: "baked-medium", printer: "laser"}
    told = mark(**ask, cut: {line: "hull", around_mm: 2})
    # a picture as wide as an O, 16.5 out all round
    expect(told[:cover].slice(:edge_mm, :width_mm)).to match(edge_mm: 1.5, width_mm: be_within(0.01).of(33))
    expect(told[:cover][:picture_mm]).to be >= 33
    expect(told[:cut]).to include(line: "hull", holes: 0)
    expect(told[:cut][:box_mm][2]).to be_within(0.05).of(24)
    expect(mark(**ask, cover: {edge_mm: -1, picture_mm: 40})[:cover])
      .to include(edge_mm: -1.0, width_mm: be_within(0.01).of(28), picture_mm: 40.0)
  end

  it "picks for the purpose from the printers there are, and tells rounds, lots and what each step is for" do
    ask = {piece: board(112, 24), artwork: "solid.svg", width_mm: 84, purpose: "picture", prints: 48}
    told = mark(**ask, method: "ink-offset", printer: "inkjet")
    by_key = told[:steps].to_h { |step| [step[:key], step] }
    expect(by_key.transform_values { |step| step[:for] })
      .to include("print" => "sheet", "trim" => "print", "ground" => "piece", "lay" => "piece", "ink_dry" => "all")
    expect(told[:rounds].map { |round| round[:steps] }).to eq [%w[lay press peek lift]]
    # by hand: what lies between print and laying, the laying, and whole rounds before the last print
    round, lay, trim = told[:rounds].first[:each_s], by_key["lay"], by_key["trim"]
    lay_s, trim_s = [[lay, 5, 24], [trim, 10, 48]].map { |step, fixed, number| (step[:least_s] - fixed) / number }
    ends = ->(prints) { [30, 10 + prints * trim_s].max + lay_s + (prints - 1) * round }
    most = (1..48).take_while { |prints| ends[prints] <= 3600 }.last
    expect([told[:lots].sum, told[:lots].max, told[:lots].size]).to match [48, be <= most, (48.0 / most).ceil]
    expect(told[:pieces]).to eq 24
    silver = {piece: {shape: "disc", diameter_mm: 28, material: "silver", finish: "etched"}, purpose: "guide"}
    tag = mark(**silver, artwork: "solid.svg", width_mm: 18, printers: ["laser"])
    expect(tag.values_at(:pick, :method, :afterwards)).to eq %w[solvent-rub solvent-rub engrave]
    expect(tag[:refused].map { |one| one[:method] }).to include("tape-lift", "water-slide", "gel-medium")
    expect(tag[:steps].map { |step| step[:key] } & %w[rub outline clean_off]).to eq %w[rub outline clean_off]
    # no printer there is makes a resist
    resist = mark(
      piece: board(60, 1, material: "copper"), artwork: "solid.svg", width_mm: 18, purpose: "resist",
      method: "heat-resist", printers: ["inkjet"]
    )
    expect([resist[:pick], resist[:pick_reason]]).to match [nil, /laser printer or a copier would open/]
  end

  it "takes an artwork as what is said of it, and judges its look by what may show through" do
    File.write("blue.svg", File.read("solid.svg").sub("<rect", '<rect fill="#2a63c4"'))
    asked = {piece: board(90, 1, colour: "#c9a646"), artwork: "blue.svg", width_mm: 40, method: "gel-medium",
             printer: "laser"}
    look = ->(told) { told[:findings].find { |f| f[:check] == "look" }.slice(:verdict) }
    plain, tinted = mark(**asked), mark(**asked, show_through: "tinted", kind: "photograph")
    expect([plain[:kind], plain[:show_through], tinted[:kind], tinted[:show_through]])
      .to eq ["lines", nil, "photograph", "tinted"]
    expect(tinted[:findings].map { |f| f[:check] }).to include("detail")
    expect(plain[:findings].map { |f| f[:check] }).to include("thinnest_line")
    kept = mark(**asked, show_through: "kept")
    expect([look.call(kept), look.call(tinted)]).to eq [{verdict: "stop"}, {verdict: "fine"}]
    expect(run(**asked, kind: "oil").last).to match(/use one of: lines, flat, photograph, mixed/)
    expect(run(**asked, show_through: "all").last).to match(/use one of: kept, tinted, faint/)
  end

  it "refuses in one sentence what it cannot read or cannot do" do
    good = {piece: board(60, 1), artwork: "solid.svg", width_mm: 28, method: "solvent-rub"}
    {
      good.except(:artwork) => [2, /Give “artwork”, a path, or “text”/],
      good.merge(colour: "red") => [1, /“colour” is not asked for/],
      good.merge(width_mm: "wide") => [1, /“width_mm” is "wide"/],
      good.merge(prints: 0) => [1, /“prints” is 0/],
      good.merge(prints: 5000) => [1, /“prints” is 5000; give 1 to 500/],
      good.merge(pieces: 0) => [1, /“pieces” is 0/],
      good.merge(purpose: "decoration") => [1, /cannot be for “decoration”/],
      good.merge(purpose: "guide", afterwards: "etch") => [1, /does not follow a guide/],
      good.merge(printers: ["press"]) => [1, /“press” is no printer/],
      good.except(:method) => [1, /“method” and “purpose” are both missing/],
      good.merge(piece: board(60, 1, grit: 7)) => [1, /“piece.grit” is 7/],
      good.merge(schools: {after: "polka"}) => [1, /no school called “polka”/],
      good.merge(piece: board(60, 1, shape: "banana")) => [1, /no shape called “banana”/],
      good.merge(piece: board(60, 1, use: ["eaten"])) => [1, /“eaten” is no use/],
      good.merge(artwork: "gone.svg") => [1, /cannot be read/],
      [1, 2] => [2, /holds no object/]
    }.each { |request, (code, words)| expect(run(request).values_at(0, 2)).to match([code, words]), request.inspect }
  end
end
