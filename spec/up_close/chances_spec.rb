# frozen_string_literal: true

RSpec.describe UpClose::Record::PooledChance do
  it "counts what was expected as four tries, and says so" do
    chance = described_class.new(0.65, own: [7, 10])
    # (0.65 × 4 + 7) ÷ 14
    expect(chance.mean).to be_within(1e-12).of(9.6 / 14)
    expect(chance.weight).to be_within(1e-12).of(4)
    expect(chance.working.to_s).to include "(0.65 × 4 + 7) ÷ (4 + 10) = 0.69", "7 of 10 on record succeeded"
    expect(chance.words).to eq "7 of 10 came out; most likely 4 to 10 of the next 10 (9 times in 10)"
    expect(described_class.new(0.65).words).to start_with "No tries yet; most likely"
  end

  it "lets other ways of the method count, each less the more it has, worked by hand" do
    chance = described_class.new(0.6, own: [1, 2], others: [[9, 12], [2, 4]])
    # 12 tries count half each, 4 count 1 ÷ (1 + 4/12) = 3/4: tries 6 + 6 + 3 = 15, good 3.6 + 4.5 + 1.5 = 9.6
    expect(chance.prior).to be_within(1e-12).of(9.6 / 15)
    # 1 ÷ (1/15 + 1/12) = 6.667
    expect(chance.weight).to be_within(1e-12).of(20 / 3r.to_f)
    expect(chance.mean).to be_within(1e-12).of((0.64 * 20 / 3 + 1) / (20 / 3r + 2))
    expect(chance.working.to_s).to include "(0.6 × 6 + 0.5 × 9 + 0.75 × 2) ÷ (6 + 0.5 × 12 + 0.75 × 4) = 0.64"
    # a thousand tries of another way count for no more than twelve of its own
    expect(described_class.new(0.6, others: [[900, 1000]] * 40).weight).to be_between(11, 12)
  end

  def drawn(belief, random) = belief.quantile(random.rand)

  it "holds the true chance about nine times in ten, in shops drawn from what was expected" do
    random = Random.new(2026)
    inside = Array.new(1500) do
      truth = drawn(UpClose::Statistics::Beta.about(0.65, 4), random)
      tried = random.rand(30)
      good = Array.new(tried) { random.rand < truth }.count(true)
      low, high = described_class.new(0.65, own: [good, tried]).interval
      truth.between?(low, high)
    end
    expect(inside.count(true) / 1500.0).to be_between(0.88, 0.92)
  end

  it "does so too where a method's ways are alike and not the same" do
    random = Random.new(7)
    count = ->(truth, tried) { [Array.new(tried) { random.rand < truth }.count(true), tried] }
    inside = Array.new(1500) do
      method = drawn(UpClose::Statistics::Beta.about(0.65, 6), random).clamp(0.01, 0.99)
      ways = Array.new(3) { drawn(UpClose::Statistics::Beta.about(method, 12), random) }
      others = ways.drop(1).map { |truth| count.call(truth, random.rand(40)) }
      low, high = described_class.new(0.65, own: count.call(ways.first, random.rand(12)), others: others).interval
      ways.first.between?(low, high)
    end
    expect(inside.count(true) / 1500.0).to be_between(0.88, 0.92)
  end

  it "bears an empty record, one try, and a thousand of one kind" do
    # Beta(2, 2): 3x² − 2x³ = 0.05 at x = 0.1354
    expect(described_class.new(0.5).interval).to match [be_within(1e-4).of(0.1354), be_within(1e-4).of(0.8646)]
    one = described_class.new(0.5, own: [0, 1])
    expect(one.interval.first).to be > 0
    thousand = described_class.new(0.5, own: [1000, 1000])
    expect(thousand.interval.first).to be > 0.99
    expect(thousand.of_next(10).first(2)).to eq [10, 10]
  end

  it "keeps one method's record apart from another's, and other shops' for last" do
    ways = UpClose::Record::Ways.new(
      {["gel-medium", "laser", "letter-paper"] => [3, 5], ["gel-medium", "laser", "quick-peel"] => [8, 9],
       ["tape-lift", "laser", "letter-paper"] => [1, 1]}, elsewhere: {"gel-medium" => [20, 30]}
    )
    expect(ways.of("gel-medium", :laser, "letter-paper")).to eq(good: 3, tried: 5, others: [[8, 9], [20, 30]])
    expect(ways.of("iron-on", :laser, "letter-paper")).to eq(good: 0, tried: 0, others: [])
  end
end

RSpec.describe UpClose::Record::ChanceModel do
  def shop(number, seed, &chance)
    random = Random.new(seed)
    rows = Array.new(number) do
      {
        grit: [80, 120, 180, 240, 320][random.rand(5)], temperature_c: 8 + 18 * random.rand,
        late_part: (random.rand < 0.2) ? nil : 1.4 * random.rand, size_mm: 10 + 150 * random.rand
      }
    end
    [rows, rows.map { |row| random.rand < chance.call(row) }]
  end

  it "is used where tries turn on something, and tells what on" do
    rows, hits = shop(160, 3) { |row| (row[:grit] < 150) ? 0.25 : 0.9 }
    model = described_class.new(rows, hits)
    expect(model).to be_used
    expect(model.brier).to be < model.plain_brier - 0.02
    expect(model.matters.first.first).to eq "the grit"
    expect(model.factor({grit: 320})).to be > 1.1
    expect(model.factor({grit: 80})).to be < 0.8
    expect(model.factor({})).to be_within(1e-9).of(1)
  end

  it "is refused when there is nothing to find, in at least nineteen shops of twenty" do
    refused = (1..60).count { |seed| !described_class.new(*shop(90, seed) { 0.7 }).used? }
    expect(refused).to be >= 57
    model = described_class.new(*shop(90, 1) { 0.7 })
    expect([model.call({}), model.factor({}), model.matters]).to eq [nil, nil, []]
    expect(model.working.to_s).to match(/held back: 0\.\d+ with it, 0\.\d+ by the plain rate · on attempts held back/)
  end

  it "asks for thirty attempts, of which some failed and something is known" do
    expect(described_class.new(*shop(29, 2) { 0.5 }).reason).to eq "it wants 30 attempts, and there are 29"
    expect(described_class.new([], []).working.to_s).to include "there are 0"
    expect(described_class.new(*shop(1000, 2) { 1.0 }).reason).to eq "all came out alike"
    expect(described_class.new([{}] * 40, [true, false] * 20).reason).to eq "nothing is known of them that differs"
  end
end
