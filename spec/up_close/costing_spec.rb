# frozen_string_literal: true

RSpec.describe UpClose::Costing do
  def line(title, cents, every: true) = UpClose::Costing::Estimate::Line.new(title, cents, every, nil)

  describe described_class::Estimate do
    it "charges a good one with the spoilt ones' share, but not with what only good ones get" do
      # (30 + 12) ÷ 0.7 + 10
      estimate = described_class.new(
        [line("film", 30r), line("clear coat", 12r), line("sealer", 10r, every: false)],
        chance: 0.7
      )
      expect(estimate.per_good.to_f).to be_within(1e-9).of(42 / 0.7 + 10)
      expect(estimate.working.to_s).to match(/\(0\.3 \+ 0\.12\) ÷ 0\.7 \+ 0\.1 = 0\.7 a good one/)
    end

    it "counts hands only where time is worth something, and names what has no price" do
      lines = [line("film", 30r), line("acetone", nil)]
      expect([
        described_class.new(lines, chance: 0.5, hands_s: 900).per_good,
        described_class.new(lines, chance: 0.5, hands_s: 900, hour_cents: 2000).per_good
      ]).to eq [60, 1060]
      expect(described_class.new(lines, chance: 0.5).unpriced).to eq ["acetone"]
    end
  end

  describe described_class::BreakEven do
    def way(title, pack, good, each = 0) = described_class::Way.new(title, pack, good, each)

    it "finds the number from which on the dear pack is cheaper, whole packs bought" do
      # 5.00 for 10 good ones, 12.00 for 40: 10 cost 5, 11 to 20 cost 10, from 21 on 15 against 12
      found = described_class.new(way("Paper", 500, 10), way("Film", 1200, 40))
      expect([found.pieces, found.words]).to eq [21, "Paper is cheaper at first; from 21 pieces on, film"]
      # each costs 2.00 more: film 100 + 3 n, paper 500 per 10 + n
      expect(described_class.new(way("Paper", 100, 1), way("Film", 100, 1, 50)).words)
        .to eq "Paper is cheaper for every number"
    end

    it "agrees with trying every number" do
      random = Random.new(3)
      50.times do
        a, b = Array.new(2) { |i| way("w#{i}", random.rand(100..3000), random.rand(1..60), random.rand(0..40)) }
        found = described_class.new(a, b)
        next unless (n = found.pieces)
        expect((n..described_class::MOST).map { |k| found.later.cost(k) <= [a, b].map { |w| w.cost(k) }.min })
          .to all be true
        expect(n == 1 || found.later.cost(n - 1) > [a, b].map { |w| w.cost(n - 1) }.min).to be true
      end
    end
  end
end
