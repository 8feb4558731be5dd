# frozen_string_literal: true

RSpec.describe UpClose::Sheets::Spares do
  def spares(wanted, start, **record) = described_class.new(wanted, start: start, **record)

  it "prints the fewest that are enough, by hand" do
    # one good of n at 0.5: 1 − 0.5ⁿ ≥ 0.95 from n = 5 (0.969)
    expect(spares(1, 0.5).print).to eq 5
    # two of three at 0.9: 0.9³ + 3 × 0.9² × 0.1 = 0.972; two of two 0.81
    expect([spares(2, 0.9).print, spares(2, 0.9).sure(3), spares(2, 0.9).sure(2)])
      .to match [3, be_within(1e-12).of(0.972), be_within(1e-12).of(0.81)]
    expect(spares(24, 0.85).print)
      .to eq(24.step.find { |n| (24..n).sum { |i| choose(n, i) * 0.85**i * 0.15**(n - i) } >= 0.95 })
    expect(spares(400, 0.3).print).to be_nil
  end

  def choose(n, k) = (1..k).reduce(1) { |all, i| all * (n - i + 1) / i }

  it "lets the record replace the starting chance, a little with each attempt" do
    expect(spares(1, 0.6, good: 8, tried: 10).chance).to be_within(1e-12).of((0.6 * 4 + 8) / 14)
    expect(spares(1, 0.6, good: 800, tried: 1000).chance).to be_within(1e-3).of(0.8)
    expect(spares(1, 0.6, good: 0, tried: 1000).print).to be_nil
  end

  it "says whether what is laid out is enough, with its working and where the chance is from" do
    expect(spares(2, 0.9).finding(3)).to have_attributes(
      verdict: :fine,
      figure: "print 3 to get 2",
      reason: /97.2 %/,
      remedy: nil,
      working: have_attributes(to_s: /chance of each: 0.9 · starting values/)
    )
    expect(spares(2, 0.9).finding(2)).to have_attributes(verdict: :watch, reason: /81 %/, remedy: "Print 3 to get 2.")
    expect(spares(2, 0.9).finding(1)).to have_attributes(verdict: :watch, reason: /cannot get 2/)
    expect(spares(2, 0.9, good: 3, tried: 5).finding(3).working.to_s).to match(/3 of 5 on record/)
  end

  it "is one chance: what speaks against it is a factor that is shown, and the record is laid on that" do
    against = spares(1, 0.85, factors: [["the ground", 0.8], ["its size", 0.75]])
    expect([against.chance, against.chance_working.to_s])
      .to match [be_within(1e-12).of(0.51), /0.85 × 0.8 \(the ground\) × 0.75 \(its size\) = 0.51/]
    expect(spares(1, 0.85, factors: [["the ground", 0.8]], good: 6, tried: 6).chance)
      .to be_within(1e-12).of((0.68 * 4 + 6) / 10)
  end

  it "counts tries where a miss is wiped off, and no spares where the same print serves again" do
    wiped = spares(2, 0.5, on_a_miss: :again)
    # at least two of n at one half: 1 − (n + 1) ÷ 2ⁿ ≥ 0.95 from n = 8 (0.965)
    expect(wiped.finding(8)).to have_attributes(
      title: "Tries",
      verdict: :fine,
      figure: "print 8 to get 2",
      reason: /wiped off. Each try uses one print/
    )
    drawn = spares(2, 0.5, on_a_miss: :rubbed_out)
    expect([drawn.print, drawn.tries, drawn.finding(2).verdict]).to eq [2, 8, :fine]
  end

  it "knows a starting chance for every method" do
    expect(UpClose::Methods.all.map(&:chance)).to all(be_between(0.3, 0.98))
  end
end
