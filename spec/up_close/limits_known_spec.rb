# frozen_string_literal: true

RSpec.describe UpClose::Record::LimitBook do
  let(:gel) { UpClose::Methods.fetch("gel-medium") }
  let(:way) { way_on }

  def way_on(stock: "quick-peel", family: :wood, method: "gel-medium")
    UpClose::Record::Way.new(method_key: method, printer: :laser, stock: stock, family: family)
  end

  def reading(value, off: 0.01, years: 0.0, changed: false, name: :line_mm, way: way_on)
    UpClose::Record::LimitReading.new(
      name: name, value: value, off: off, way: way, years: years, changed: changed, source: "coupon of 3 November"
    )
  end

  def line(*readings, way: way_on) = described_class.new(readings).known(gel, way)[:line_mm]

  it "lets a coupon outweigh the starting value, each by how sure it is, worked by hand" do
    # logarithms: 0.25 ± 0.35 and 0.18 ± 0.0556 (0.01 ÷ 0.18); weights 8.163 and 324: 97.54 % of the second
    share = 324 / (324 + 1 / 0.35**2)
    expect(line(reading(0.18)).value)
      .to be_within(1e-9).of(Math.exp(share * Math.log(0.18) + (1 - share) * Math.log(0.25)))
    expect(line(reading(0.18)).spread).to be_within(1e-9).of(1 / Math.sqrt(324 + 1 / 0.35**2))
    expect(line.value).to eq 0.25
    expect([line.measured?, line.source]).to eq [false, "starting value"]
    expect(line(reading(0.18)).working.to_s)
      .to match(/2 % of 0.25, 98 % of 0.18 .* = 0.181 ± 0.01 · starting value; coupon/)
  end

  it "counts what was read of another stock, another surface, long ago or before a new cartridge for less" do
    near = line(reading(0.18)).value
    others = [
      line(reading(0.18, way: way_on(stock: "letter-paper"))), line(reading(0.18, way: way_on(family: :metal))),
      line(reading(0.18, years: 4.0)), line(reading(0.18, changed: true))
    ]
    expect(others.map(&:value)).to all(be_between(near + 1e-4, 0.25))
    both = line(reading(0.18, way: way_on(stock: "letter-paper", family: :metal)))
    expect(both.value).to be > others.first.value
    # another method's are not asked
    expect(line(reading(0.1, way: way_on(method: "iron-on"))).value).to eq 0.25
    # two that agree are surer than one
    expect(line(reading(0.18), reading(0.19)).off).to be < line(reading(0.18)).off
  end

  it "stands in the starting values' place in every check, with its source" do
    book = described_class.new([reading(0.18), reading(0.24, name: :gap_mm)])
    limits = UpClose::Methods::Limits.for(method: gel, printer: :laser, recorded: book.recorded(gel, way))
    expect(limits[:line_mm]).to be_within(0.002).of(0.18)
    expect(limits.source(:line_mm)).to eq "0.18 from coupon of 3 November (starting value 0.25)"
    expect(limits.source(:x_height_mm)).to include "starting value; your own coupon"
    situation = UpClose::Suitability::Situation.new(
      method: gel, printer: "laser", stock: UpClose::Sheets::Stock.fetch("quick-peel"), finest_mm: 0.2,
      material: UpClose::Materials.material("wood"), book: book
    )
    expect(situation.limits[:line_mm]).to be_within(0.002).of(0.18)
    expect(described_class::NONE.recorded(gel, way)).to eq({})
  end

  it "learns how long a window is from tries early and late in it" do
    # ink that stays wet 22 min where 60 was assumed
    tries = [3, 6, 9, 12, 15, 18, 20, 21].map { |min| [min * 60.0, true] } +
      [24, 27, 30, 35, 45, 50].map { |min| [min * 60.0, false] }
    window = UpClose::Record::LearnedWindow.new(method_key: "ink-offset", step: "lay", starting_s: 3600, tries: tries)
    expect(window.latest_s / 60).to be_within(3.5).of(22.5)
    expect(window).to be_known
    expect(window.words).to match(/\A2\d min from 14 tries of your own; 60 min is the starting value\z/)
    few = UpClose::Record::LearnedWindow.new(
      method_key: "ink-offset", step: "lay", starting_s: 3600, tries: tries.first(4)
    )
    expect(few).not_to be_known
    none = UpClose::Record::LearnedWindow.new(method_key: "ink-offset", step: "lay", starting_s: 3600, tries: [])
    expect(none.latest_s).to be_within(1).of(3600)
    steps = UpClose::Methods::MethodChoice.new(method: UpClose::Methods.fetch("ink-offset"), printer: "inkjet").steps
    timed = described_class.new([], windows: [window]).timed("ink-offset", steps)
    expect(timed.find { |step| step.key == "lay" }).to have_attributes(latest_s: window.latest_s, source: window.words)
    expect(timed.reject { |step| step.key == "lay" }).to eq steps.reject { |step| step.key == "lay" }
  end

  it "says which coupon would teach most for what is planned, worked by hand" do
    planned = [[way_on, 0.25], [way_on(stock: "letter-paper"), 2.5]].map do |way, finest|
      UpClose::Record::CouponGain::Planned.new(
        way: way, title: "lid #{finest}", finest_mm: finest, gap_mm: nil, pieces: 12
      )
    end
    best, least = UpClose::Record::CouponGain.new(described_class::NONE, planned).call
    # at the limit itself it is one bit each; of a spread of 0.35 a coupon leaves 1 ÷ √(1/0.35² + 1/0.06²) = 0.0591
    expect(best.way.stock).to eq "quick-peel"
    expect(best.bits).to be_within(1e-6).of(12 * (1 - 1 / Math.sqrt(1 / 0.35**2 + 1 / 0.06**2) / 0.35))
    expect(least.bits).to be < 0.01
    expect(UpClose::Record::CouponGain.new(described_class::NONE, []).call).to eq []
  end
end
