# frozen_string_literal: true

require "timeout"
require_relative "../support/damaged"

# Whatever happened to a file on its way, it is read or refused in words, and soon.
RSpec.describe "damaged files" do
  flasher = File.expand_path("../../db/demo/art/lamp-flasher", __dir__)
  gerber = ->(text) { UpClose::Boards::Gerber::Reader.call(text).region.area }
  drill = ->(text) { UpClose::Boards::Excellon::Reader.call(text) }
  drawing = ->(text) { UpClose::Artwork::Opening.call(text, take_all: text.size.even?).ink.box }
  outline = ->(text) { UpClose::Formats::DXF::Reader.new(text).rings.sum(&:area) }

  macros = <<~GERBER
    %FSLAX34Y34*%
    %MOMM*%
    %AMB*21,1,$1,$2x2,0,0,$3*7,0,0,4,3,0.5,0*5,1,6,0,0,2,0*%
    %ADD10B,2X1X45*%
    %ADD11C,1*%
    %ABD20*%
    D11*
    X0Y0D03*
    %AB*%
    D10*
    X0Y0D03*
    D20*
    %LR30*%
    X10000Y0D03*
    %SRX2Y2I5J5*%
    D11*X0Y0D02*
    G75*
    G03X10000Y0I5000J0D01*
    %SR*%
    G36*X0Y0D02*X50000Y0D01*X50000Y50000D01*X0Y0D01*G37*
    M02*
  GERBER
  slots = "M48\nMETRIC,LZ,000.000\nT01C0.8\nT02C1.0\n%\nT01\nX01Y0025\nR2X001\nX010Y010G85X020Y010\nT02\n" \
    "G00X0.0Y0.0\nM15\nG03X10.0Y0.0A5.0\nG01X20.0Y5.0\nM16\nM30\n"
  plate = [
    %w[0 SECTION 2 HEADER 9 $INSUNITS 70 4 0 ENDSEC 0 SECTION 2 BLOCKS 0 BLOCK 2 B 10 0 20 0 0 CIRCLE 10 5 20 5 40],
    %w[3 0 ENDBLK 0 ENDSEC 0 SECTION 2 ENTITIES 0 LWPOLYLINE 90 4 70 1 10 0 20 0 42 0.5 10 60 20 0 10 60 20 40 10 0],
    %w[20 40 0 INSERT 2 B 10 20 20 20 41 1 50 30 70 2 44 10 0 SPLINE 70 8 71 3 72 8 73 4],
    %w[40 0 40 0 40 0 40 0 40 1 40 1 40 1 40 1 10 5 20 30 10 8 20 35 10 12 20 35 10 15 20 30],
    %w[0 LINE 10 15 20 30 11 5 21 30 0 ENDSEC 0 EOF]
  ].flatten.join("\n")
  sign = <<~SVG
    <?xml version="1.0"?><!DOCTYPE svg [<!ENTITY c "#123">]>
    <svg xmlns="http://www.w3.org/2000/svg" xmlns:xlink="http://www.w3.org/1999/xlink" width="40mm" height="30mm"
      viewBox="0 0 40 30"><style>.a{fill:&c;stroke-width:2}</style>
    <defs><g id="g"><rect x="1" y="1" width="5" height="4" rx="1"/></g><clipPath id="k"><circle r="9"/></clipPath>
    </defs>
    <g transform="translate(3,4) rotate(12) scale(1.5)"><path class="a"
      d="M1 2 C3 4 5 6 7 8 S9 9 10 10 Q1 2 3 4 T5 6 A3 2 10 0 1 8 9 Z"/><use xlink:href="#g" x="3"/></g>
    <polygon points="1,1 4,5 9,2"/><text x="3" y="9" font-size="5">Ab</text>
    <ellipse cx="20" cy="10" rx="5" ry="3" stroke="#f00"/><line x1="1" y1="1" x2="9" y2="9" stroke="black"/></svg>
  SVG

  {
    "a board's copper" => [gerber, File.read(File.join(flasher, "copper-top.gbr")), 40],
    "a board's edge" => [gerber, File.read(File.join(flasher, "edge.gbr")), 60],
    "aperture macros" => [gerber, macros, 120],
    "a drill file" => [drill, File.read(File.join(flasher, "holes.drl")), 60],
    "slots and routes" => [drill, slots, 120], "an outline" => [outline, plate, 120], "a drawing" => [drawing, sign, 60]
  }.each do |name, (reads, text, times)|
    it "reads #{name}, and answers #{times} damages with a sentence or what is left of it" do
      expect { reads.call(text) }.not_to raise_error
      expect(answered_badly(reads, text, 0...times)).to eq ""
    end

    it "answers a thousand more damages of #{name}", slow: true do
      expect(answered_badly(reads, text, 1000...2000)).to eq ""
    end
  end

  # @return [String] each seed that was answered with a mistake of ours, or not at all
  def answered_badly(reads, text, seeds)
    seeds.filter_map { |seed| answer = answered(reads, Damaged.new(text, seed).call) and "#{seed}: #{answer}" }
      .join("\n")
  end

  # @return [String, nil] the mistake; nil where it is read or refused in words
  def answered(reads, text)
    Timeout.timeout(20) { reads.call(text) }
    nil
  rescue UpClose::Error
    nil
  rescue => error
    "#{error.class} #{error.message.lines.first} #{error.backtrace.first}"
  end
end
