# frozen_string_literal: true

require_relative "../shop_helper"
require "open3"

RSpec.describe "shapes that are not plain" do
  include UpClose

  describe UpClose::Surfaces::Cylinder do
    let(:tube) { shape("cylinder", diameter_mm: 82, height_mm: 95, film_mm: 0.1) }

    it "is π (d + t) once round, and says how far a mark goes" do
      expect(tube.figures[:width_mm]).to be_within(1e-9).of(Math::PI * 82.1)
      told = tube.findings(UpClose::Placing::PlacedInk.new(box_ink(40, 10), placed(width_mm: 40)), writer).first
      # 360 × 40 ÷ 257.925
      expect(told).to have_attributes(figure: "55.8°", verdict: :fine)
      wide = tube.findings(UpClose::Placing::PlacedInk.new(box_ink(250, 10), placed(width_mm: 250)), writer)
      expect(wide.map(&:key)).to eq %i[round seam]
      expect(wide.last.value).to be_within(1e-6).of(Math::PI * 82.1 - 250)
    end

    it "narrows by the cosine towards the sides" do
      at, seen = tube.front(point(tube.once_round / 6, 0))
      expect([at.x, seen]).to match [be_within(1e-9).of(41 * Math.sin(Math::PI / 3)), true]
      expect(tube.front(point(tube.once_round * 0.3, 0)).last).to be false
    end
  end

  describe UpClose::Surfaces::Dome do
    let(:ball) { shape("dome", ball_mm: 60, cap_mm: 40) }

    it "strains as the closed form, its small-angle rule and a count of rings say" do
      # 1 − sin(1/3) ÷ (1/3)
      expect(ball.strain(10)).to be_within(1e-9).of(1 - 3 * Math.sin(1 / 3.0))
      expect(ball.strain(3)).to be_within(1e-5).of((3 / 30.0)**2 / 6)
      flat, over = [->(t) { t }, ->(t) { 30 * Math.sin(t / 30.0) }].map { |rim| 2 * Math::PI * rim[10.0] }
      expect(ball.strain(10)).to be_within(1e-9).of(1 - over / flat)
    end

    it "gives the largest flat mark a ≈ ρ√(6ε), and gores that together cover the cap" do
      expect(ball.largest_flat(0.01)).to be_within(0.02).of(30 * Math.sqrt(0.06))
      expect(ball.strain(ball.largest_flat(0.035))).to be_within(1e-9).of(0.035)
      [5, 8].each { |n| expect(n * ball.gore(n).area).to be_within(0.3).of(ball.figures[:area_mm2]) }
      expect(ball.gores(0.035)).to eq 5 # π × 20 ÷ 13.82
    end
  end

  it "sees a mark off the pole of a ball as it lies there, from its own middle" do
    ball = shape("dome", ball_mm: 60, cap_mm: 60)
    at = point(30 * Math::PI / 4, 0) # 45° from the pole
    up = 30 * Math.sqrt(0.5)
    expect([point(up, 0), point(0, 0)].map { |seen| ball.on_mark(seen, at).x.round(9) })
      .to eq [0.0, (-30 * Math::PI / 4).round(9)]
    # from (√½, 0, √½) to (0, √½, √½) is 60°, setting out along (−1, √2) ÷ √3
    expect(ball.on_mark(point(0, up), at).distance(point(-1, Math.sqrt(2)) * (30 * Math::PI / 3 / Math.sqrt(3))))
      .to be < 1e-9
    expect(ball.on_mark(point(20, 5), point(0, 0)).distance(ball.behind(point(20, 5)))).to be < 1e-9
    expect(ball.on_mark(point(31, 0), at)).to be_nil
  end

  # 1 − sin x ÷ x = 0.035 at x = 0.46071: on a ball of 60, 13.82 mm from the middle to the corners of a square
  it "offers the largest square that softened film lays on a ball" do
    ball = shape("dome", ball_mm: 60, cap_mm: 60)
    at = UpClose::Placing::Placement.new(width_mm: 40, x_mm: 0, y_mm: 0)
    eased = UpClose::Placing::EasedPlace.new(shape: ball, ink: box_ink(10, 10), placement: at).call
    expect(eased.width_mm).to eq 19.5 # 13.82 × √2 = 19.54, to the tenth below
  end

  it "keeps ink off screws and knots, and grows a mark only up to them" do
    plate = UpClose::Surfaces.build("rectangle", {width_mm: 100, height_mm: 60}, keep_outs: [
      UpClose::Surfaces::KeepOut.new(kind: "disc", x: 0, y: 20, width: 8),
      UpClose::Surfaces::KeepOut.new(kind: "box", x: -40, y: 0, width: 10, height: 10)
    ])
    here = room(plate, box_ink(40, 10), width_mm: 40)
    # the screw's rim at 16, the ink's foot at 5; the box at −35, the ink's side at −20
    expect(here.clearance).to be_within(1e-9).of(11)
    expect(here.largest_here).to be_within(0.01).of(70) # 2 × 35, then 17.5 high, 8.75 from the middle
  end

  it "unrolls on the command line, as JSON and as files" do
    out, err, status = Open3.capture3(
      File.expand_path("../../bin/up-close", __dir__),
      "unroll",
      "--cup",
      "82,60,95",
      "--out",
      "#{HOME}/mug.svg"
    )
    told = JSON.parse(out)
    expect([status.exitstatus, err, told["angle_deg"].round(4), told["cover"]["width_mm"].round(2)])
      .to eq [0, "", 41.6842, 254.97]
    expect(File.read("#{HOME}/mug.svg")).to match(/width="25\d\.\d+mm"/)
    _, err, status = Open3.capture3(File.expand_path("../../bin/up-close", __dir__), "unroll", "--cup", "82,82,95")
    expect([status.exitstatus, err]).to match [1, /\ABoth ends are 82 mm: that is a cylinder/]
  end
end
