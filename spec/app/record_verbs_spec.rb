# frozen_string_literal: true

require "shop_helper"
require "command_line/runner"

RSpec.describe CommandLine::Runner, "on the record", :shop do
  around { |example| Dir.mktmpdir { |dir| Dir.chdir(dir) { example.run } } }

  def up_close(*arguments)
    out, err = StringIO.new, StringIO.new
    code = described_class.call(arguments, out: out, err: err)
    [code, out.string, err.string]
  end

  it "draws a coupon to size, and reads one back from a photo" do
    code, out, = up_close("coupon", "--printer", "laser", "--method", "gel-medium", "--out", "coupon.pdf")
    report = JSON.parse(out)
    expect([code, report["mirrored"], report["width_mm"], report["ladders"]["gap curved"].size])
      .to eq [0, true, 136.0, 10]
    expect(File.binread("coupon.pdf", 5)).to eq "%PDF-"
    expect(up_close("coupon", "--method", "gel-medium", "--out", "x.txt").first).to eq 2
    grid = %w[coupon --method heat-resist --kind grid --out g.svg --across]
    expect(JSON.parse(up_close(*grid, "heat=150,170,190", "--down", "time=60,90")[1])["ladders"].size).to eq 6
    expect(up_close(*grid, "heat=9,5", "--force").first).to eq 2
    left = Devices::Simulated::LeftBehind.new(line_mm: 0.3, gap_mm: 0.25)
    small = UpClose::Coupons.build("small")
    camera = Devices::Simulated::Camera.new(sensor: [2600, 1950])
    File.binwrite("photo.jpg", camera.photograph(left.of_coupon(small), ground: left.ground))
    code, out, = up_close("coupon-read", "photo.jpg", "--kind", "small")
    limits = JSON.parse(out)["limits"]
    expect([code, limits["line_mm"]["value"], limits["gap_mm"]["value"]])
      .to match [0, be_within(0.05).of(0.3), be_within(0.05).of(0.25)]
    File.write("no.jpg", "no picture")
    expect(up_close("coupon-read", "no.jpg")).to match [1, "", /cannot be read as a picture/]
    expect(up_close("outcome", "photo.jpg", "--text", "HEH", "--width", "20mm")).to match [1, "", /not show this mark/]
  end

  it "diagnoses facts, and refuses what are none by name" do
    facts = {
      "method" => "gel-medium", "faults" => ["missing-spots"], "places" => ["rim"],
      "times" => [{"step" => "lay", "after_s" => 420, "latest_s" => 180}]
    }
    File.write("facts.json", JSON.generate(facts))
    code, out, = up_close("diagnose", "facts.json")
    report = JSON.parse(out)
    expect([code, report["causes"].first["cause"], report["ask"]["question"]]).to eq [0, "tacky-medium", "smooth-skin"]
    expect(report["causes"].sum { |cause| cause["odds"] } + report["something_else"]).to be <= 1.0001
    expect(report["causes"].first["do_now"])
      .to eq("words" => "wash the gel off now", "within_s" => 1200, "after" => "lay")
    {
      facts.merge("faults" => ["cursed"]) => /“cursed” is none of the faults/,
      facts.merge("method" => "alchemy") => /no method called/,
      facts.merge("grit" => -4) => /“-4” is no grit/,
      facts.merge("times" => [{"step" => "lay", "after_s" => "soon"}]) => /no number of seconds/,
      facts.merge("answers" => {"smooth-skin" => "blue"}) => /does not answer smooth-skin/,
      [1] => /no object/
    }.each do |data, sentence|
      File.write("facts.json", JSON.generate(data))
      expect(up_close("diagnose", "facts.json")).to match [1, "", sentence]
    end
    File.write("facts.json", "{")
    expect(up_close("diagnose", "facts.json")).to match [1, "", /This is no JSON/]
  end
end
