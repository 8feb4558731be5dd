# frozen_string_literal: true

require "shelves/board_files"

# What older board files say, and newer ones no longer: worked out by hand.
RSpec.describe "older board files" do
  def gerber(*lines, head: "%FSLAX34Y34*%\n%MOMM*%\n")
    UpClose::Boards::Gerber::Reader.call("#{head}#{lines.join("\n")}\nM02*\n")
  end

  def drill(text) = UpClose::Boards::Excellon::Reader.call(text)

  # a pad of 4 × 2 mm flashed at (10, 5): from 8 to 12, and from 4 to 6 with y upwards; regions have y downwards
  def pad(*image) = gerber(*image, "%ADD10R,4X2*%", "D10*", "X100000Y50000D03*").region.box.to_a.map { |v| v.round(6) }

  {
    [] => [8, -6, 4, 2], ["%OFA3B-1*%"] => [11, -5, 4, 2], ["%SFA2B1*%"] => [16, -6, 8, 2],
    ["%MIA1B0*%"] => [-12, -6, 4, 2], ["%MIA0B1*%"] => [8, 4, 4, 2], ["%IR90*%"] => [-6, -12, 2, 4],
    ["%ASAYBX*%"] => [4, -12, 2, 4], ["%ASAXBY*%"] => [8, -6, 4, 2],
    # one after the other, in the order they stand in
    ["%MIA1B0*%", "%OFA20B0*%"] => [8, -6, 4, 2]
  }.each do |image, box|
    it("lays the image as #{image.any? ? image.join : "it is drawn"}") { expect(pad(*image)).to eq box }
  end

  it "takes its unit from G70 and G71, where no MO says it" do
    at = ->(code) { gerber("#{code}*", "%ADD10C,1*%", "D10*", "X10000Y0D03*", head: "%FSLAX34Y34*%\n").region.box.x }
    expect([at["G71"], at["G70"]]).to match [be_within(0.003).of(0.5), be_within(0.003).of(25.4 - 12.7)]
  end

  {
    "%MOYARD*%" => /unit YARD is not known/, "%IPNEG*%" => /whole image is negative/,
    "%ADD10Q,1*%" => /aperture macro Q is not defined/, "%ADX*%" => /aperture cannot be read/,
    "%AB*%" => /aperture block ends that never began/, "%SRX200Y200I1J1*%" => /step and repeat has over 10,000/,
    "D12*" => /Aperture D12 is not defined/, "X0Y0*" => /nothing says what to do there/
  }.each do |line, reason|
    it("refuses #{line} with its line") do
      expect { gerber(line) }.to raise_error(UpClose::Errors::BadBoard, /\ALine 3: .*#{reason.source}/)
    end
  end

  {
    "%AMX*1,1,1/0*%\n%ADD10X*%" => /sum that cannot be read: 1\/0/, "%AMX*1,1,0/0*%\n%ADD10X*%" => /cannot be read/,
    "%AMX*1,1,#{"(" * 100}1#{")" * 100}*%\n%ADD10X*%" => /cannot be read/,
    "%ADD10C,1e400*%" => /beyond any board/, "%ADD10R,2X1e9*%" => /beyond any board/,
    "%ADD10C,1*%\n%ABD20*%\n%SRX2Y2I5J5*%\nD10*\nX0Y0D03*\n%AB*%" => /block ends inside a step/,
    "%ADD10C,1*%\n%SRX2Y2I5J5*%\n%ABD20*%\nD10*\nX0Y0D03*\n%SR*%" => /step and repeat ends inside a block/,
    "%ADD10C,-0.2*%" => /smaller than nothing/, "%ADD10C,1*%\n%LR1e400*%" => /beyond any board/,
    "%ADD10C,1*%\n%ABD11*%\nD10*\nX0Y0D03*\n%AB*%\nD11*\nX0Y0D02*\nX100Y0D01*" => /a line is drawn with a block/i
  }.each do |lines, reason|
    it("refuses #{lines[0, 24]} in words, and is not lost in it") do
      expect { gerber(*lines.split("\n"), "D10*", "X0Y0D03*") }.to raise_error(UpClose::Errors::BadBoard, reason)
    end
  end

  it "takes any number of signs before a number, and sums as they are written" do
    value = ->(text, **values) { UpClose::Boards::Gerber::Expression.value(text, values.transform_keys(&:to_s)) }
    expect(value["#{"-" * 100_001}2"]).to eq(-2)
    {"2+3x4" => 14, "(2+3)x4" => 20, "8/2/2" => 2, "2--3" => 5, "-2x-3" => 6, ".5+1." => 1.5, "7-(2-1)" => 6}
      .each { |text, wanted| expect([text, value[text]]).to eq [text, wanted] }
    expect(UpClose::Boards::Gerber::Expression.value("$1x2-$9", {1 => 3.0})).to eq 6
  end

  it "counts holes on from the one before in steps, and begins where G93 says" do
    head = "M48\nMETRIC\nT1C1.0\n%\nT1\n"
    places = ->(text) { drill("#{head}#{text}M30\n").map { |hole| [hole.points.first.x, -hole.points.first.y] } }
    expect(places["X1.0Y2.0\nICI,ON\nX1.0Y0.0\nX0.0Y1.0\nICI,OFF\nX9.0Y9.0\n"])
      .to eq [[1.0, 2.0], [2.0, 2.0], [2.0, 3.0], [9.0, 9.0]]
    expect(places["G91\nX1.0Y1.0\nX1.0Y1.0\nG90\nX1.0Y1.0\n"]).to eq [[1.0, 1.0], [2.0, 2.0], [1.0, 1.0]]
    expect(places["G93X10.0Y20.0\nX1.0Y1.0\n"]).to eq [[11.0, 21.0]]
  end

  it "knows which holes are plated by what the file says of them" do
    plated = ->(comment) { drill("M48\n#{comment}\nMETRIC\nT1C1.0\n%\nT1\nX1.0Y1.0\nM30\n").first.plated }
    told = [";TYPE=PLATED", ";TYPE=NON_PLATED", ";FILE NPTH", "; #@! TF.FileFunction,Plated,1,2,PTH"]
    expect(told.map(&plated)).to eq [true, false, false, true]
  end

  describe UpClose::Boards::Checks::LegendStrokes do
    def board(pen)
      files = {
        "x.gtl" => "%ADD10C,1*%\nD10*\nX0Y0D02*\nX100000D01*\n",
        "x.gto" => "%ADD10C,#{pen}*%\nD10*\nX0Y0D02*\nX100000D01*\nY0D02*\nY20000D01*\n"
      }
      Shelves::BoardFiles.board(files.transform_values { |body| "%FSLAX34Y34*%\n%MOMM*%\n#{body}M02*\n" })
    end

    def found(pen, line_mm: 0.2)
      described_class.call(UpClose::Boards::CheckContext.new(board(pen), line_mm: line_mm)).first
    end

    it "never stops a board for its lettering: below what the method carries it is a watch" do
      expect([0.1, 0.22, 0.4].map { |pen| found(pen).verdict }).to eq %i[watch watch fine]
      expect(found(0.1)).to have_attributes(value: 0.1, limit: 0.2, remedy: /Thicken the lettering/)
      expect(found(0.1).working.to_s).to start_with "2 of 2 strokes are thinner than 0.2 mm"
      expect(found(0.4).remedy).to be_nil
    end

    it "says nothing where there is no lettering" do
      plain = Shelves::BoardFiles.board("x.gtl" => "%FSLAX34Y34*%\n%MOMM*%\n%ADD10C,1*%\nD10*\nX0Y0D03*\nM02*\n")
      expect(described_class.call(UpClose::Boards::CheckContext.new(plain))).to eq []
    end
  end
end
