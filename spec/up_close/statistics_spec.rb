# frozen_string_literal: true

RSpec.describe UpClose::Statistics do
  let(:beta) { described_class::Beta }

  it "knows beta distributions that can be worked out by hand" do
    # Beta(2, 3): P(share ≤ 0.4) is P(at least 2 of 4 at 0.4) = 1 − 0.6⁴ − 4 × 0.4 × 0.6³ = 0.5248
    expect(beta.new(2, 3).cdf(0.4)).to be_within(1e-12).of(0.5248)
    # the arcsine law
    expect(beta.new(0.5, 0.5).cdf(0.3)).to be_within(1e-10).of(2 / Math::PI * Math.asin(Math.sqrt(0.3)))
    # flat: the middle nine tenths
    expect(beta.new(1, 1).interval).to match [be_within(1e-12).of(0.05), be_within(1e-12).of(0.95)]
    expect(beta.about(0.65, 4).after(7, 3).mean).to be_within(1e-12).of((0.65 * 4 + 7) / 14)
    # far out, and symmetric
    expect(beta.new(400, 3).cdf(0.99) + beta.new(3, 400).cdf(0.01)).to be_within(1e-9).of(1)
    expect { beta.new(0, 1) }.to raise_error(ArgumentError)
  end

  it "tells how many of the next ones come out" do
    # a flat belief: none, one … four of four alike
    four = described_class::BetaBinomial.new(beta.new(1, 1), 4)
    expect(four.chances).to all be_within(1e-12).of(0.2)
    # Beta(2, 1), two more: 2·(0!…) = B(2,3)/B(2,1) = 1/6, 2·B(3,2)/B(2,1) = 1/3, B(4,1)/B(2,1) = 1/2
    expect(described_class::BetaBinomial.new(beta.new(2, 1), 2).chances.map { |c| c.round(9) })
      .to eq [(1 / 6r).to_f, (1 / 3r).to_f, 0.5].map { |c| c.round(9) }
    expect(described_class::BetaBinomial.new(beta.new(2, 1), 2).range(0.8)).to match [1, 2, be_within(1e-9).of(5 / 6.0)]
  end

  it "tells how sure it is that one is better" do
    # the larger of two flat ones: one half; Beta(3, 1) against a flat one: its mean, 3/4
    expect(described_class::LargerShare.call(beta.new(1, 1), beta.new(1, 1))).to be_within(1e-4).of(0.5)
    expect(described_class::LargerShare.call(beta.new(3, 1), beta.new(1, 1))).to be_within(1e-4).of(0.75)
    one, other = beta.new(13, 4), beta.new(9, 5)
    expect(described_class::LargerShare.call(one, other) + described_class::LargerShare.call(other, one))
      .to be_within(1e-3).of(1)
  end

  it "finds the slope that made the tries, and draws what is not there towards none" do
    random = Random.new(5)
    rows = Array.new(900) { [random.rand, random.rand] }
    hits = rows.map { |late, _| random.rand < 1 / (1 + Math.exp(-(2 - 4 * late))) }
    found = described_class::Logistic.fit(rows, hits)
    # a spread of a flat share is 1 ÷ √12: 4 × 0.289 = 1.15
    expect(found.slopes.first).to be_within(0.2).of(-4 / Math.sqrt(12))
    expect(found.slopes.last.abs).to be < 0.2
    expect(found.call([0.0, nil])).to be_within(0.06).of(1 / (1 + Math.exp(-2)))
    # nothing to learn from one kind
    expect(described_class::Logistic.fit([[1.0], [1.0], [1.0]], [true, true, true]).slopes).to eq [0.0]
  end
end
