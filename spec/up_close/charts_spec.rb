# frozen_string_literal: true

RSpec.describe UpClose::Charts do
  it "lays values between pixels, and months along days" do
    scale = described_class::Scale.new(0, 100, 200, 0)
    expect([scale.call(0), scale.call(25), scale.call(100)]).to eq [200.0, 150.0, 0.0]
    expect(described_class::Scale.new(5, 5, 3, 9).call(5)).to eq 3.0
    ticks = described_class::Months.call(Date.new(2026, 7, 2), Date.new(2026, 9, 10))
    expect(ticks.map(&:title)).to eq %w[July August September]
    expect(ticks.map { |tick| Date.jd(tick.day).iso8601 }).to eq %w[2026-07-02 2026-08-01 2026-09-01]
    expect(described_class::Months.call(Date.new(2020, 1, 1), Date.new(2026, 1, 1)).map(&:title).first(3))
      .to eq %w[2020 2021 2022]
  end

  it "narrows a band with each day, worked by hand, in no more points than can be seen" do
    band = described_class::Band.new(0.5, [[100, 1, 2], [101, 3, 3]])
    # 0.5; (2 + 1) ÷ 6; (2 + 4) ÷ 9
    expect(band.points.map { |point| [point.day, point.mean.round(9)] })
      .to eq [[100, 0.5], [100, 0.5], [101, (2 / 3r).to_f.round(9)]]
    expect(band.points.map { |point| point.high - point.low }).to satisfy { |spans| spans == spans.sort.reverse }
    x, y = described_class::Scale.new(100, 101, 0, 10), described_class::Scale.new(0, 1, 10, 0)
    expect(band.line(x, y)).to eq "M0.0 5.0L0.0 5.0L10.0 3.33"
    expect(described_class::Band.new(0.5, (1..900).map { |day| [day, 1, 2] }).points.size).to eq 40
    expect(described_class::Band.new(0.5, []).points).to eq []
  end
end
