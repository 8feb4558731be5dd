# frozen_string_literal: true

require "json"
require "stringio"
require "tmpdir"
require "zip"
require "command_line/runner"
require "shelves/board_files"

# Areas worked out by hand: circles by π/4·d², strokes by length × width and two half circles, rings by 2πr × width.
RSpec.describe UpClose::Boards do
  let(:head) { "%FSLAX34Y34*%\n%MOMM*%\n" }
  let(:files) { Dir[File.expand_path("../../db/demo/art/lamp-flasher/*", __dir__)].sort }
  let(:flasher) { Shelves::BoardFiles.board(files.to_h { |file| [File.basename(file), File.binread(file)] }) }

  def gerber(*lines) = described_class::Gerber::Reader.call("#{head}#{lines.join("\n")}\nM02*\n")

  def area(*lines) = gerber(*lines).region.area

  def drill(text) = described_class::Excellon::Reader.call(text)

  def box(x, y, width, height)
    UpClose::Geometry::Region.box(UpClose::Geometry::Box.new(x: x, y: y, width: width, height: height))
  end

  def facing(region, limit)
    edges = UpClose::Geometry::Edges.new(region, reach_mm: limit)
    UpClose::Geometry::Algorithms::FacingEdges.new(edges, limit_mm: limit)
  end

  describe "the standard apertures, flashed" do
    {
      "C,4" => 12.56637, "C,4X2" => 9.42478, "R,4X2" => 8.0, "R,4X2X1" => 7.214602, "R,4X2X1X0.5" => 7.5,
      "O,4X2" => 7.141593, "O,2X4" => 7.141593, "P,2X6" => 2.598076, "P,2X4X45" => 2.0
    }.each do |aperture, mm2|
      it("#{aperture} covers #{mm2} mm²") do
        expect(area("%ADD10#{aperture}*%", "D10*", "X0Y0D03*")).to be_within(3e-3).of(mm2)
      end
    end

    it "lies where it was flashed, y turned downwards" do
      region = gerber("%ADD10R,4X2*%", "D10*", "X100000Y50000D03*").region
      expect(region.box.to_a).to match([8, -6, 4, 2].map { |value| be_within(1e-9).of(value) })
    end
  end

  it "draws lines exactly as wide as the pen, arcs to 0.005 mm in both quadrant modes" do
    line = gerber("%ADD10C,0.5*%", "D10*", "X0Y0D02*", "X100000D01*").region
    expect(line.box.height).to be_within(1e-9).of(0.5)
    expect(line.area).to be_within(8e-3).of(10 * 0.5 + Math::PI * 0.0625)
    ring = area("%ADD10C,1*%", "D10*", "G75*", "X50000Y0D02*", "G03X50000Y0I-50000J0D01*")
    expect(ring).to be_within(0.02).of(31.4159)
    # two quarters of the same ring, the offsets without sign
    single = gerber("%ADD10C,1*%", "D10*", "G74*", "X50000Y0D02*", "G03X0Y50000I50000J0D01*", "X-50000Y0I0J50000D01*")
    expect(single.region.area).to be_within(0.02).of(15.70796 + Math::PI / 4)
    far = single.lines.flatten(1).map { |x, y| (Math.hypot(x, y) - 5).abs }.max
    expect(far).to be < 1e-6
    expect(area("%ADD10R,1X2*%", "D10*", "X0Y0D02*", "X40000Y30000D01*")).to be_within(1e-6).of(2 + 4 * 2 + 3 * 1)
  end

  it "fills regions with arcs, holes by a cut-in, and what dark and clear leave of each other" do
    half = ["G36*", "G75*", "X50000Y0D02*", "G03X-50000Y0I-50000J0D01*", "G01X50000Y0D01*", "G37*"]
    expect(area(*half)).to be_within(0.02).of(39.2699)
    cut_in = %w[X0Y0D02 X100000Y0D01 X100000Y50000D01 X70000Y50000D01 X70000Y30000D01 X30000Y30000D01 X30000Y70000D01
      X70000Y70000D01 X70000Y50000D01 X100000Y50000D01 X100000Y100000D01 X0Y100000D01 X0Y0D01]
    expect(area("G36*", *cut_in.map { |word| "#{word}*" }, "G37*")).to be_within(1e-9).of(84)
    layers = %w[R,10X10 R,4X4 R,2X2].each_with_index.map { |shape, i| "%ADD1#{i}#{shape}*%" }
    expect(area(*layers, "D10*X0Y0D03*%LPC*%D11*X0Y0D03*%LPD*%D12*X0Y0D03*")).to be_within(1e-9).of(88)
  end

  it "repeats steps, lays blocks mirrored, turned, scaled and cleared" do
    expect(area("%ADD10R,1X1*%", "D10*", "%SRX2Y3I4J5*%", "X0Y0D03*", "%SR*%")).to be_within(1e-9).of(6)
    block = ["%ADD10R,4X2*%", "%ABD20*%", "D10*", "X10000Y0D03*", "%AB*%", "D20*"]
    turned = gerber(*block, "%LR90*%", "%LS2*%", "X0Y0D03*").region
    expect(turned.box.to_a).to match([-2, -6, 4, 8].map { |value| be_within(1e-9).of(value) })
    mirrored = gerber(*block, "%LMX*%", "X0Y0D03*").region
    expect(mirrored.box.x).to be_within(1e-9).of(-3)
    expect(area(*block, "X0Y0D03*", "%LPC*%", "X20000Y0D03*")).to be_within(1e-9).of(4)
    expect(gerber("%ADD10R,4X2*%", "D10*", "%LR30*%", "X0Y0D03*").region.area).to be_within(1e-9).of(8)
  end

  it "works out aperture macros: sums, variables, every primitive" do
    sums = "%AMA*$3=$1x2-$2/4*21,1,$3,($1+1)x2,0,0,0*%"
    expect(area(sums, "%ADD10A,2X4*%", "D10*", "X0Y0D03*")).to be_within(1e-6).of(3 * 6)
    {
      "1,1,4,0,0" => 12.5664, "20,1,1,0,0,5,0,0" => 5, "21,1,3,2,0,0,45" => 6, "22,1,3,2,1,1,0" => 6,
      "4,1,3,0,0,4,0,0,3,0,0,0" => 6, "5,1,4,0,0,2,0" => 2,
      # 7: a ring of 6 and 4 less a cross of 1: 15.708 − 4 arms of about 1 × 1
      "7,0,0,6,4,1,0" => 15.70796 - 4 * 1.0086,
      # 6: rings of 8–7 and 5–4 mm, and a cross of 0.2 × 10
      "6,0,0,8,0.5,1,2,0.2,10,0" => 18.85 + 3.96 - 8 * 0.1 - 0.04
    }.each do |primitive, mm2|
      expect(area("%AMB*#{primitive}*%", "%ADD10B*%", "D10*", "X0Y0D03*")).to be_within(0.05).of(mm2), primitive
    end
    expect(area("%AME*1,1,4,0,0*1,0,2,0,0*%", "%ADD10E*%", "D10*", "X0Y0D03*")).to be_within(0.01).of(9.42478)
  end

  it "reads inches, left-out trailing zeros, steps from place to place, and attributes of either kind" do
    inch = described_class::Gerber::Reader.call(
      "%FSTAX24Y24*%%MOIN*%%TF.FileFunction,Copper,L2,Bot*%%ADD10R,.1X.1*%D10*X01Y0D03*M02*"
    )
    expect(inch.region.box.x).to be_within(1e-9).of((1 - 0.05) * 25.4)
    expect(described_class::LayerKind.guess("a.gbr", inch.attributes)).to eq %w[copper bottom]
    comment = described_class::Gerber::Reader.call("G04 #@! TF.FileFunction,Legend,Top*%FSLAX24Y24*%%MOMM*%M02*")
    expect(described_class::LayerKind.guess("x", comment.attributes)).to eq %w[legend top]
    steps = described_class::Gerber::Reader.call("%FSLIX33Y33*%%MOMM*%%ADD10C,0*%D10*X1000Y0D02*X1000D01*X1000D01*M02*")
    expect(steps.lines.last.last).to eq [3.0, 0.0]
  end

  {
    "X0Y0D03*" => /no aperture is chosen/, "D44*" => /D44 is not defined/, "%ADD10X,1*%" => /macro X/,
    "%AMZ*9,1*%\n%ADD10Z*%" => /no aperture primitive 9/, "%AMY*1,1,(2*%\n%ADD10Y*%" => /cannot be read/,
    "%SRX200Y200I1J1*%" => /over 10,000/, "%ADD10C*%" => /too few/, "%IPNEG*%" => /negative/
  }.each do |line, reason|
    it "refuses #{line.inspect} with its line" do
      expect { gerber(*line.split("\n")) }.to raise_error(UpClose::Errors::BadBoard) { |error|
        expect(error.message).to match(reason)
        expect(error.line).to be_between(3, 4)
      }
    end
  end

  it "reads drill files: tools, zeros left out at either end, slots, repeats and routes" do
    metric = drill("M48\nMETRIC,LZ,000.000\nT01C0.8\n%\nT01\nX01Y0025\nR2X001\nM30\n")
    expect(metric.map { |hole| hole.centre.to_a }).to eq [[10, -2.5], [11, -2.5], [12, -2.5]]
    inch = drill("M48\nINCH,TZ\nT1C.05\n%\nT1\nX3824Y10000G85X5824Y10000\nM30\n").first
    expect([inch.slot?, inch.diameter_mm.round(4), inch.centre.x.round(5)]).to eq [true, 1.27, 9.71296]
    expect(inch.region.area).to be_within(0.01).of(5.08 * 1.27 + Math::PI / 4 * 1.27**2)
    route = drill("M48\nMETRIC\nT1C1.0\n%\nG00X0.0Y0.0\nM15\nT1\nG03X10.0Y0.0A5.0\nM16\nM30\n").first
    expect(route.points.map(&:y).max).to be_within(1e-3).of(5)
    expect { drill("M48\nMETRIC\n%\nT3\nX1.0Y1.0\n") }.to raise_error(UpClose::Errors::BadBoard, /Line 4: Tool T3/)
    back = drill(described_class::Excellon::Writer.call(metric + [inch]))
    expect(back.map { |hole| [hole.diameter_mm.round(3), hole.points.size] }).to eq [[0.8, 1]] * 3 + [[1.27, 2]]
  end

  it "measures necks and gaps between edges that face each other, and takes no corner for one" do
    dumbbell = UpClose::Geometry::Region.union([box(0, 0, 4, 4), box(6, 0, 4, 4), box(3, 1.9, 4, 0.2)])
    expect(facing(dumbbell, 0.5).widths.first.mm).to be_within(1e-9).of(0.2)
    expect(facing(box(0, 0, 4, 4), 1.0).widths).to be_empty
    two = UpClose::Geometry::Region.union([box(0, 0, 1, 1), box(1.15, 0.4, 1, 1)])
    gap = facing(two, 0.3).gaps_between_parts.first
    expect(gap).to have_attributes(mm: be_within(1e-9).of(0.15), within_part: false)
    comb = UpClose::Geometry::Region.union([box(0, 0, 3, 0.5), box(0, 0, 1, 4), box(1.2, 0, 1, 4)])
    expect(facing(comb, 0.3).gaps_between_parts).to be_empty
    expect(facing(comb, 0.3).gaps.first.mm).to be_within(1e-9).of(0.2)
    wedge = UpClose::Geometry::Region.polygon([[0, 0], [10, 0], [10, 6]])
    expect(facing(wedge, 0.5).widths).to be_empty
  end

  it "finds what the lamp flasher leaves to be wished, and rings it" do
    expect(flasher).to have_attributes(sides: %w[top bottom], drills: {0.8 => 14, 1.3 => 6, 3.0 => 4})
    expect(flasher.box.to_a).to match([0, -32, 48, 32].map { |value| be_within(1e-9).of(value) })
    context = described_class::CheckContext.new(flasher, undercut: UpClose::Etching::Undercut.new(0.035))
    findings = described_class::Checks.findings(context).to_h { |finding| [finding.key, finding] }
    # lettering of a 0.25 mm pen; 1.7 mm pads on 0.8 mm holes; a ground 1.2 mm from the edge
    track = findings[:track_bottom]
    expect(track).to have_attributes(verdict: :watch, value: be_within(1e-6).of(0.25), reason: /0.2 mm/)
    expect(findings[:ring_bottom]).to have_attributes(verdict: :fine, value: be_within(0.003).of(0.45))
    expect(findings[:copper_edge_bottom].value).to be_within(1e-6).of(1.2)
    expect(findings[:hole_edge].value).to be_within(0.003).of(3.2 - 1.5)
    expect(findings[:gap_bottom]).to have_attributes(verdict: :watch, value: be_within(0.005).of(0.226))
    expect(findings[:gap_bottom].places).not_to be_empty
    expect(findings[:both_sides]).to have_attributes(verdict: :fine, figure: "20 of 24")
  end

  it "says of a sliver, of holes at the edge, and of a pad that a hole eats" do
    pads = "%ADD10C,1*%\n%ADD11R,0.1X2*%\nD10*X20000Y20000D03*D11*X60000Y60000D03*M02*"
    copper = described_class::Layer.read("f.gtl", head + pads)
    square = "%ADD10C,0.1*%\nD10*X0Y0D02*X100000D01*Y100000D01*X0D01*Y0D01*M02*"
    edge = described_class::Layer.read("f.gko", head + square)
    holes = described_class::Layer.read("f.drl", "M48\nMETRIC\nT1C0.8\n%\nT1\nX2.0Y2.0\nX0.9Y5.0\nM30\n")
    context = described_class::CheckContext.new(described_class::Board.new([copper, edge, holes]))
    found = described_class::Checks.findings(context).to_h { |finding| [finding.key, finding] }
    expect(found[:sliver_top]).to have_attributes(verdict: :watch, figure: "1")
    expect(found[:ring_top]).to have_attributes(verdict: :stop, value: be_within(0.003).of(0.1))
    expect(found[:hole_edge]).to have_attributes(verdict: :stop, value: be_within(1e-6).of(0.5))
    expect { described_class::Board.new([edge, holes]) }.to raise_error(UpClose::Errors::BadBoard, /None of these/)
  end

  it "lays boards on a plate, and reads back what it wrote" do
    layout = described_class::Layout.new(columns: 2, rows: 2, pins: true, widen_mm: 0.05, fill: true)
    plate = described_class::Plate.new(flasher, layout)
    # 2 × 48 + 3 + 2 × 6 and 2 × 32 + 3 + 2 × 6
    expect([plate.box.width, plate.box.height]).to match([be_within(1e-9).of(111), be_within(1e-9).of(79)])
    expect(plate.holes.map(&:diameter_mm).tally).to eq(0.8 => 56, 1.3 => 24, 3.0 => 16, 1.0 => 3)
    expect(plate.gap_mm("bottom")).to be_within(0.005).of(0.126)
    files = described_class::Files.call(plate)
    copper = described_class::Layer.read("copper-bottom.gbr", files["copper-bottom.gbr"])
    expect(copper).to have_attributes(kind: "copper", side: "bottom")
    expect(copper.region.area).to be_within(0.01).of(plate.print("bottom").area)
    expect(described_class::Excellon::Reader.call(files["drills.drl"]).size).to eq 99
    expect(files["drills.csv"].lines[1..]).to eq ["0.8,14,56\n", "1,0,3\n", "1.3,6,24\n", "3,4,16\n"]
    expect(files["outline.dxf"].scan(/^SCORE$/).size).to be > plate.score_lines.size
  end

  it "leaves a bare spot in each pad, keeps the fill clear, and refuses settings there are not" do
    plain = described_class::Plate.new(flasher, described_class::Layout.new(dot_mm: 0.3))
    spots = flasher.copper("bottom").area - plain.copper("bottom").area
    expect(spots).to be_within(0.01).of(20 * Math::PI / 4 * 0.09)
    fill = described_class::GroundFill.call(flasher, "bottom", 0.8)
    expect(fill.distance(flasher.copper("bottom"))).to be_within(0.003).of(0.8)
    expect { described_class::Layout.new(columns: 0) }.to raise_error(have_attributes(field: :columns))
  end

  it "tells the misfit of two sides as one shift and one turn" do
    meant = [[0, 0], [40, 0], [0, 30]].map { |x, y| UpClose::Geometry::Point[x, y] }
    moved = UpClose::Geometry::Transform.turn(0.4).then(UpClose::Geometry::Transform.move(0.3, -0.2))
    misfit = described_class::Misfit.new(meant, meant.map { |point| moved.apply(point) })
    expect(misfit.turn_deg).to be_within(1e-9).of(0.4)
    expect(misfit.left_mm).to be < 1e-9
    # told of the middle of the three: (13.333, 10) turned by 0.4° goes −0.0701, 0.0928 further
    expect([misfit.shift.x, misfit.shift.y]).to match([be_within(1e-3).of(0.2299), be_within(1e-3).of(-0.1072)])
    expect { described_class::Misfit.new(meant[0, 2], meant[0, 2]) }.to raise_error(UpClose::Error, /three places/)
  end

  it "opens a ZIP, leaves out what no board is made of, and says what is none" do
    zip = Zip::OutputStream.write_buffer { |out|
      files.each { |file| out.put_next_entry("board/#{File.basename(file)}") && out.write(File.binread(file)) }
      out.put_next_entry("board/read me.md") && out.write("hello")
    }.string
    found = Shelves::BoardFiles.call([["all.zip", zip]])
    expect(found).to have_attributes(left_out: ["read me.md"], texts: have_attributes(size: 4))
    expect { Shelves::BoardFiles.call([["x.zip", zip[0, 900]]]) }.to raise_error(UpClose::Errors::BadBoard)
    expect { Shelves::BoardFiles.call([["a.png", "\x89PNG"]]) }.to raise_error(UpClose::Errors::BadBoard, /neither/)
  end

  it "answers as a verb, and writes the plate's files" do
    Dir.mktmpdir do |folder|
      out = StringIO.new
      code = CommandLine::Runner.call(["board", *files, "--out", folder, "--columns", "2"], out: out)
      told = JSON.parse(out.string)
      expect(code).to eq 0
      expect(told["drills"]).to include("diameter_mm" => 1.3, "count" => 6)
      expect(told["layers"].first).to include("kind" => "copper", "side" => "bottom", "narrowest_mm" => 0.25)
      expect(told["plate"]).to include("width_mm" => 99.0, "holes" => 48)
      expect(Dir.children(folder)).to include("copper-top.gbr", "copper-bottom.svg", "drills.drl", "outline.dxf")
    end
  end
end
