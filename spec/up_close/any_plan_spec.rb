# frozen_string_literal: true

require_relative "../support/laid_plans"

# What holds of any plan, on drawn chains.
RSpec.describe UpClose::Timetable::Planner do
  include LaidPlans

  holds = {oven: 6, press: 1, drying: 12}

  it "breaks no window, no hour and no place, whatever is asked of it" do
    random = Random.new(5)
    40.times do
      chains = seeded(random, chains: random.rand(1..9), steps: 1..9)
      in_hours = hours({1 => [[1140, 1320]], 3 => [[1200, 1290]], 6 => [[600, 780], [840, 1020]], 0 => [[1380, 60]]})
      found = plan(*chains, in_hours: in_hours, holds: holds)
      expect(broken(found, chains - found.problems.map(&:chain), in_hours, at("2026-11-30 18:00"), holds)).to be_empty
      expect(found.entries.map { |e| e.chain.id }.uniq + found.problems.map { |p| p.chain.id })
        .to match_array chains.map(&:id)
    end
  end

  it "lays anew only what changed and what is laid after it, to the very plan that it would lay whole" do
    told = ->(plan) { plan.entries.map { |e| [e.chain.id, e.step.key, e.from, e.to, e.why, e.waited_s] } }
    plain = ->(plan) { [told[plan], plan.problems.map { |problem| [problem.chain.id, problem.reason] }] }
    searched = []
    8.times do |seed|
      random = Random.new(seed)
      chains = seeded(random, chains: 12, steps: 3..9)
      planner = described_class.new(hours, from: at("2026-11-30 18:00"), holds: holds)
      planner.call(chains)
      allow(planner).to receive(:block_placed).and_wrap_original do |search, *args|
        searched << args.first.id
        search.call(*args)
      end
      last = chains.max_by { |c| [c.due || Float::INFINITY, -c.whole_s, c.id.to_s] }
      changed = chains.map { |c| (c == last) ? c.with(copies: c.copies + 1, title: "another") : c }
      expect(plain[planner.call(changed)]).to eq plain[plan(*changed, holds: holds)]
      first = chains.min_by { |c| [c.due || Float::INFINITY, -c.whole_s, c.id.to_s] }
      expect(plain[planner.call(changed - [first])]).to eq plain[plan(*(changed - [first]), holds: holds)]
    end
    expect(searched).not_to be_empty
  end

  {70 => false, 200 => true}.each do |jobs, slow|
    it "finishes as soon as any order of blocks would, on #{jobs} small jobs, nearly always", slow: slow do
      random = Random.new(11)
      ratios = Array.new(jobs) do
        chains = seeded(random, chains: random.rand(2..4), steps: 1..3).map { |c| c.with(due: nil) }
        next if chains.sum { |c| c.steps.size } > 7
        found = plan(*chains, holds: holds)
        next if found.problems.any?
        planner = described_class.new(hours, from: at("2026-11-30 18:00"), holds: holds)
        orders = chains.flat_map { |c| [c] * c.blocks.size }.permutation.to_a.uniq
        best = orders.map { |order| planner.laid(order) }.select { |p| p.problems.empty? }.map(&:finish).min
        (found.finish - at("2026-11-30 18:00")) / (best - at("2026-11-30 18:00")).to_f
      end.compact
      expect([ratios.count { |r| r <= 1 + 1e-9 } / ratios.size.to_f, ratios.max, ratios.size])
        .to match [be >= 0.95, be <= 1.1, be > jobs * 0.3]
    end
  end
end
