# frozen_string_literal: true

require "stringio"
require "tmpdir"
require "command_line/runner"

# Calls of the command line that cannot be meant: exit code 2 and one sentence that says what is asked for; 1 for what
# could be meant and cannot be done.
RSpec.describe "wrong calls of up-close" do
  around { |example| Dir.mktmpdir { |dir| Dir.chdir(dir) { example.run } } }

  before do
    ring = '<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 9 9"><circle cx="4" cy="4" r="3"/></svg>'
    File.write("ring.svg", ring)
    {"list.json" => "[1]", "torn.json" => '{"piece": ', "empty.json" => "{}", "empty.csv" => ""}.each do |name, text|
      File.write(name, text)
    end
  end

  def answered(call)
    out, err = StringIO.new, StringIO.new
    code = CommandLine::Runner.call(call.split, out: out, err: err)
    [code, out.string, err.string]
  end

  {
    "check ring.svg x.svg --width 9 --method tracing --printer laser" => /One artwork at a time/,
    "check ring.svg --width 9 --printer laser" => /--method missing/,
    "check --width 9 --method tracing --printer laser" => /artwork file or --text, one of the two/,
    "check ring.svg --text A --width 9 --method tracing --printer laser" => /artwork file or --text, one of the two/,
    "check ring.svg --cap-height 9 --method tracing --printer laser" => /--cap-height goes with --text/,
    "check ring.svg --width 9 --height 9 --method tracing --printer laser" => /one of --width, --height/,
    "check ring.svg --width 9 --method tracing --printer plotter" => /--printer is laser or inkjet/,
    "check ring.svg --width 9 --method tracing --printer laser --film blue" => /--film is clear or white/,
    "print ring.svg --width 9 --method tracing --printer laser --out a.pdf --reading up" => /--reading is auto, as-is/,
    "unroll ring.svg --cup 82,60,95" => /takes no file but its table/,
    "unroll --cup 82,60,95 --dome 40,20" => /Give one shape/, "unroll --cup 82,60" => /--cup wants 3 lengths/,
    "unroll --cup 82,60,95 --out mug.png" => /--out ends in .svg or .dxf/,
    "nest" => /Give one request/, "nest list.json" => /no object/, "nest torn.json" => /cannot be read as JSON/,
    "calibrate" => /Give one scan/, "remaining a.png b.png" => /Give one scan/,
    "methods now" => /takes nothing more/, "mark" => /Give one request/, "mark list.json" => /holds no object/,
    "mark empty.json" => /“artwork”, a path, or “text”/, "mark torn.json" => /cannot be read as JSON/,
    "plan" => /Give one request/, "plan torn.json" => /cannot be read as JSON/,
    "compare ring.svg x.svg --width 9" => /One artwork at a time/,
    "compare ring.svg --width 9 --surface wood --printers laser --fumes some" => /--fumes is one of/,
    "compare ring.svg --width 9 --surface wood --printers laser --copies 0" => /--copies is 1 to 500/,
    "compare ring.svg --width 9 --surface wood --printers plotter" => /--printers is laser, inkjet or both/,
    "compare ring.svg --width 9 --surface wood --printers laser --grit 3" => /--grit is/,
    "etch --metal copper" => /metal and a depth/,
    "etch --metal copper --depth 0.03 --bath x --amps 1" => /a bath or a current/,
    "etch --metal copper --depth 0.03 --amps 1" => /--area, in mm²/,
    "etch --metal copper --depth 0.03 --temperature warm" => /“warm” is no number: --temperature/,
    "etch --metal copper --depth 0.03 --motion dancing" => /Give --motion as one of/,
    "board" => /files of a board/, "template ring.svg x.svg --width 9" => /One artwork at a time/,
    "template ring.svg --width 9 --out t.png" => /--out ends in .dxf/,
    "template ring.svg --width 9 --kind hole" => /--kind is stencil or outline/,
    "template ring.svg --width 9 --folds two" => /--folds is a whole number/,
    "outline ring.svg x.svg --width 9 --around 1" => /One artwork at a time/,
    "strap --cup 82,60,95 --mark 60x20" => /--down and --mark/,
    "strap --cup 82,60,95 --down 40 --mark 60" => /--mark is two lengths/,
    "strap --cup 82,60 --down 40 --mark 60x20" => /--cup wants 3 lengths/,
    "strap --cup 82,60,95 --down 40 --mark 60x20 --handle left" => /--handle is in degrees/,
    "strap --cup 82,60,95 --down 40 --mark 60x20 --out s.png" => /--out ends in .pdf/,
    "coupon ring.svg --method tracing --out c.pdf" => /No file is read here/,
    "coupon --out c.pdf" => /--method missing/,
    "coupon --method tracing --out c.doc" => /--out ends in/,
    "coupon --method tracing --printer plotter --out c.pdf" => /--printer is laser or inkjet/,
    "coupon --method iron-on --out c.pdf --kind grid" => /A grid wants --across/,
    "coupon --method iron-on --out c.pdf --kind grid --across heat=190,150" => /--across is one of heat/,
    "coupon --method iron-on --out c.pdf --kind grid --across moon=1,2" => /--across is one of heat/,
    "coupon-read" => /Give one photo/, "coupon-read ring.svg --kind large" => /--kind is limits or small/,
    "diagnose" => /one file of facts/, "outcome ring.svg" => /a photo and an artwork|--width/,
    "print --width nine --lights on" => /invalid option/i
  }.each do |call, words|
    it "answers “#{call}” with what it asks for" do
      code, out, err = answered(call)
      expect([code, out, err]).to match [2, "", words]
      expect(err.lines.size).to eq 1
    end
  end

  it "reads words as UTF-8 whatever language the shell has, and refuses other bytes" do
    call = %w[print --text Müller --cap-height 7 --method water-slide --printer laser --out name.svg]
    out, err = StringIO.new, StringIO.new
    expect([CommandLine::Runner.call(call.map(&:b), out: out, err: err), err.string]).to eq [0, ""]
    expect(File.read("name.svg", encoding: "UTF-8")).to include("Müller")
    expect(answered("print --text M\xFCller --cap-height 7".b)).to match [2, "", /“M\?ller” is no UTF-8/]
  end

  {
    "unroll --stations empty.csv" => /empty|no lengths|holds no/i, "unroll --stations missing.csv" => /cannot be read/,
    "check ring.svg --width nine --method tracing --printer laser" => /“nine”/,
    "check ring.svg --width 9 --method moonlight --printer laser" => /no method called “moonlight”/,
    "diagnose torn.json" => /This is no JSON/, "diagnose list.json" => /no object/,
    "etch --metal tin --depth 0.03" => /tin/,
    "coupon --method iron-on --out c.pdf --stock vellum" => /No stock is called “vellum”/
  }.each do |call, words|
    it "says of “#{call}” why it cannot be done" do
      expect(answered(call)).to match [1, "", words]
    end
  end
end
