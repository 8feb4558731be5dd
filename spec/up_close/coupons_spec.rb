# frozen_string_literal: true

require "shop_helper"

RSpec.describe UpClose::Coupons do
  let(:face) { Shelves::FontShelf.fetch("atkinson-hyperlegible") }
  let(:coupon) { described_class.build("limits", face: face, title: "No 4  laser, gel on wood") }

  def photo_of(coupon, seed: 1, **leaves)
    left = Devices::Simulated::LeftBehind.new(**leaves)
    Devices::Simulated::Camera.new.photograph(left.of_coupon(coupon, seed: seed), ground: left.ground, seed: seed)
  end

  def read(bytes, coupon, **more)
    described_class::Reading.new(described_class::Straightened.read(bytes, coupon, **more), coupon)
  end

  it "is drawn to size: each line as wide as it says, nothing over anything else, all within an A6" do
    expect([coupon.width_mm, coupon.height_mm].zip([148, 105])).to all(satisfy { |side, paper| side < paper - 6 })
    coupon.ladders.each do |ladder|
      next unless ladder.name.start_with?("line")
      # a straight line's area is its length times its width; so is that of an arc about its middle line
      wanted = ladder.elements.sum { |one| one.length * one.size_mm }
      expect(ladder.ink.area).to be_within(wanted * 2e-3).of(wanted)
      expect(ladder.elements.map(&:size_mm)).to eq described_class::WIDTHS
    end
    gap = coupon.ladders.find { |ladder| ladder.name == "gap 0°" }
    # 8 × 14.9 mm of lines and what is between, 1.5 round: 11 × 17.9, less 8 × 4.3 of gaps
    expect(gap.ink.area).to be_within(1e-6).of(11 * (4.3 + 9 * 1.2 + 3) - 8 * 4.3)
    letters = UpClose::Geometry::Region.of_path(coupon.send(:letters).map(&:path).reduce(:+))
    parts = [*coupon.ladders.map(&:ink), *coupon.send(:frame), letters]
    boxes = coupon.elements.select { |one| one.kind == :grey }.map { |one| UpClose::Geometry::Region.box(one.box) }
    expect(UpClose::Geometry::Region.union(parts + boxes).area).to be_within(1e-6).of((parts + boxes).sum(&:area))
    expect(coupon.svg).to include %(width="136mm" height="93mm" viewBox="0 0 136 93")
    opened = UpClose::Artwork::Opening.call(coupon.svg)
    expect(opened.ink.box.width * opened.mm_per_unit).to be_within(0.01).of(coupon.ink.box.width)
    expect(described_class.build("small").elements.map(&:kind).tally).to eq(line: 20, gap: 20)
    expect { described_class.build("none") }.to raise_error(UpClose::Errors::Unknown)
  end

  it "finds where a ladder is whole, and says so of one that is all whole or none" do
    # 95 % of a line at 0.28 mm, half of it at 0.28 ÷ e^(0.12 × ln 19) = 0.197
    curve = ->(width) { 1 / (1 + Math.exp(-(Math.log(width / 0.28) / 0.12 + Math.log(19)))) }
    expect(curve.call(0.28 / Math.exp(0.12 * Math.log(19)))).to be_within(1e-9).of(0.5)
    limit = described_class::Limit.new(described_class::WIDTHS.to_h { |width| [width, curve.call(width)] })
    expect(limit.mm).to be_within(0.015).of(0.28)
    expect(limit.off_mm).to be_between(0.002, 0.03)
    whole = described_class::Limit.new({0.1 => 1.0, 0.2 => 0.99})
    expect([whole.mm, whole.bound, whole.working.to_s]).to match [0.1, :least, /may hold finer lines/]
    expect(described_class::Limit.new({0.1 => 0.0, 1.0 => 0.4}).bound).to eq :most
  end

  it "reads a photo of it within 0.05 mm, aslant, under an uneven lamp, on wood and on brass, either way up" do
    turned = nil
    [[0.18, 0.28, 2, 0.02, "#c9a646"], [0.3, 0.22, 4, 0.0, "#dcc191"]].each do |line, gap, seed, spread, surface|
      bytes = photo_of(
        coupon, seed: seed, line_mm: line, gap_mm: gap, spread_mm: spread, surface: surface, haze: 0.1, missing: 0.004
      )
      found = read(bytes, coupon).limits
      expect(found[:line_mm].value).to be_within(0.05).of(line)
      expect(found[:gap_mm].value).to be_within(0.05).of(gap)
      expect(found[:spread_mm].value).to be_within(0.012).of(spread)
      expect(found.values.map { |one| one.working.to_s }).to all(match(/\d/))
      turned = [Vips::Image.new_from_buffer(bytes, "").rot180.jpegsave_buffer(Q: 92), found]
    end
    upside_down, upright = turned
    expect(read(upside_down, coupon).limits[:line_mm].value).to be_within(0.01).of(upright[:line_mm].value)
  end

  it "refuses a photo of something else, and corners in line" do
    noise = Vips::Image.gaussnoise(900, 700, mean: 128, sigma: 40, seed: 4).cast(:uchar)
    [noise, Vips::Image.black(900, 700)].each do |image|
      expect { described_class::Straightened.new(image, coupon) }
        .to raise_error(UpClose::Errors::BadShape, /No coupon was found: \d of its four corners were found/)
    end
    expect { described_class::Straightened.new(noise, coupon, corners: [[0, 0], [10, 10], [20, 20], [30, 30]]) }
      .to raise_error(UpClose::Errors::BadShape, /in line/)
  end

  describe described_class::Grid do
    let(:heat) { described_class::Axis.new("heat", "heat", "°C", [150, 170, 190]) }
    let(:time) { described_class::Axis.new("time", "time", "s", [90, 120, 150]) }
    let(:plan) { described_class::Plan.new(heat, time) }

    def shares = plan.fields.to_h { |field| [field.name, yield(field.column - 1, field.row - 1)] }

    it "finds the best settings of a surface that is known: 176 °C and 114 s" do
      # 0.9 − 0.3 (u − 0.3)² − 0.2 (v + 0.2)², u and v from −1 to 1: u = 0.3 is 176 °C, v = −0.2 is 114 s
      found = described_class.new(plan, shares { |u, v| 0.9 - 0.3 * (u - 0.3)**2 - 0.2 * (v + 0.2)**2 }).best
      expect(found.at["heat"]).to be_within(1.7).of(176)
      expect(found.at["time"]).to be_within(2.5).of(114)
      expect([found.share, found.beyond]).to match [be_within(0.02).of(0.9), {}]
      expect(found.sure).to be > 0.5
      expect(found.ranges["heat"].first).to be < found.at["heat"]
      # one field that came out otherwise moves it little
      noisy = shares { |u, v| 0.9 - 0.3 * (u - 0.3)**2 - 0.2 * (v + 0.2)**2 }.merge("C3" => 0.75)
      expect(described_class.new(plan, noisy).best.at["heat"]).to be_within(8).of(176)
    end

    it "says so when the best lies beyond its edge, and asks for enough fields" do
      found = described_class.new(plan, shares { |u, _| 0.5 + 0.2 * u }).best
      expect([found.at["heat"], found.beyond]).to eq [190.0, {"heat" => :more}]
      expect(found.at["time"]).to be_within(8).of(120)
      expect(described_class.new(plan, shares { |_, _| 0.6 }).best.beyond).to eq({})
      expect { described_class.new(plan, {"A1" => 0.3, "A2" => 0.4, "no" => 1}) }
        .to raise_error(UpClose::Errors::BadShape, /2 fields were read/)
      one = described_class::Plan.new(heat, nil)
      expect(described_class.new(one, {"A1" => 0.4, "A2" => 0.9, "A3" => 0.5}).best.at["heat"]).to be_between(168, 176)
      expect(described_class::Plan.from_h(JSON.parse(JSON.generate(plan.to_h)))).to eq plan
    end
  end
end
