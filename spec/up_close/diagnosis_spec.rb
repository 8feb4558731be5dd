# frozen_string_literal: true

require "support/simulated_shop"

RSpec.describe UpClose::Diagnosis do
  def choice(method, printer: "laser", material: "wood", finish: "raw", **more)
    UpClose::Methods::MethodChoice.new(
      method: UpClose::Methods.fetch(method), printer: printer, material: UpClose::Materials.material(material),
      finish: UpClose::Materials.finish(finish), **more
    )
  end

  def laid(after_s)
    UpClose::Record::StepTime.new(step: "lay", title: "Lay it", after_s: after_s, earliest_s: 0, latest_s: 180)
  end

  let(:gel) do
    described_class::Facts.new(
      choice: choice("gel-medium"), faults: %w[missing-spots], sealer: UpClose::Sealing.fetch("spray-acrylic"),
      times: [laid(420)]
    )
  end

  def share(facts, key, **more)
    odds = described_class::Odds.new(facts, **more)
    odds.share(UpClose::Diagnosis::Causes.find(key))
  end

  def shares(facts) = described_class::Odds.new(facts).lines.to_h { |line| [line.cause.key, line.share] }

  # two causes of which every figure is known
  def cause(key, usual, often, &rule)
    Class.new(described_class::Cause) do
      key key
      title key.capitalize
      usual usual
      leads_to "missing-spots" => often
      happens { true }
      weighs(&rule) if rule
      answers "smooth-skin", "skin" => (key == "one") ? 0.9 : 0.3, "bare" => (key == "one") ? 0.1 : 0.7
    end
  end

  it "divides one whole among causes as Bayes' rule does, worked by hand" do
    causes = [cause("one", 1.0, 0.8), cause("two", 0.5, 0.4) { [3.0, "a fact"] }]
    allow(described_class::Causes).to receive(:all).and_return(causes)
    odds = described_class::Odds.new(gel)
    # the faults that were not tapped weigh alike for all three: left out here.
    # 1 × 0.8 = 0.8; 0.5 × 0.4 × 3^0.8 = 0.4816; something else 2.5 × 0.12 = 0.3
    whole = 0.8 + 0.5 * 0.4 * 3**0.8 + 0.3
    expect(odds.lines.map { |line| [line.cause.key, line.share.round(6)] })
      .to eq [["one", (0.8 / whole).round(6)], ["two", (0.2 * 3**0.8 / whole).round(6)]]
    expect(odds.something_else).to be_within(1e-9).of(0.3 / whole)
    # found twice before, once the second: (1 + 8 × 1/3) ÷ (2 + 8) ÷ (1/3) = 1.1 for it,
    # (1 + 8 × 2/3) ÷ 10 ÷ (2/3) = 0.95 for the first
    before = described_class::Odds.new(gel, times_found: {"one" => 1, "two" => 1})
    expect(before.share(causes.last) / before.share(causes.first))
      .to be_within(1e-9).of(0.2 * 3**0.8 * 1.1 / (0.8 * 0.95))
    # its answer: 0.9 against 0.3 against one half
    told = described_class::Odds.new(gel.with(answers: {"smooth-skin" => "skin"}))
    expect(told.share(causes.first)).to be_within(1e-9).of(0.8 * 0.9 / (0.8 * 0.9 + 0.2 * 3**0.8 * 0.3 + 0.15))
  end

  it "asks what separates the likeliest best, its gain worked by hand" do
    causes = [cause("one", 1.0, 0.8), cause("two", 1.0, 0.8)]
    allow(described_class::Causes).to receive(:all).and_return(causes)
    asked = described_class::BestQuestion.new(described_class::Odds.new(gel)).call
    shares = [0.8, 0.8, 0.3].map { |score| score / 1.9 }
    entropy = ->(all) { -all.sum { |p| p * Math.log2(p) } }
    after = [[0.9, 0.3, 0.5], [0.1, 0.7, 0.5]].sum do |likely|
      joint = shares.zip(likely).map { |p, often| p * often }
      joint.sum * entropy.call(joint.map { |p| p / joint.sum })
    end
    expect(asked.question.key).to eq "smooth-skin"
    expect(asked.bits).to be_within(1e-9).of(entropy.call(shares) - after)
    expect(asked.leads["bare"].first).to eq "Two"
  end

  it "tells gel that was laid late from gel that was not" do
    late, in_time = shares(gel), shares(gel.with(times: [laid(100)]))
    expect(late.keys.first).to eq "tacky-medium"
    expect(late["tacky-medium"]).to be > 0.5
    expect(in_time["tacky-medium"]).to be < 0.3
    words = described_class::Odds.new(gel).lines.first.weights.map(&:words)
    expect(words).to include "Lay it: 4 min late, 7:00 against 3:00"
    # later is likelier
    expect([200, 300, 420].map { |s| share(gel.with(times: [laid(s)]), "tacky-medium") }).to satisfy { |a| a == a.sort }
    # along the grain it is the wood
    grain = shares(gel.with(places: [:along_grain], times: [laid(100)]))
    expect(grain.keys.first).to eq "rough-ground"
    # what this shop found outweighs what is usual
    expect(share(gel, "dirty-ground", times_found: {"dirty-ground" => 9})).to be > 3 * share(gel, "dirty-ground")
  end

  it "has a cause, a rescue or a change for every fault of every way" do
    choices = UpClose::Methods.all.flat_map do |method|
      method.printers.flat_map do |printer|
        method.serves.keys.map { |purpose|
          UpClose::Methods::MethodChoice.new(
            method: method, printer: printer, purpose: UpClose::Purposes.fetch(purpose.to_s)
          )
        }
      end
    end
    asked = choices.flat_map do |one|
      sealer = UpClose::Sealing.fetch(one.transfer_method.seals_with || "none")
      UpClose::Record::Possible.call(one, sealer).each do |fault|
        facts = described_class::Facts.new(choice: one, faults: [fault], sealer: sealer)
        lines = described_class::Odds.new(facts).lines
        expect(lines).not_to be_empty, "#{one.transfer_method.key}, #{one.printer}: nothing says why it is #{fault}"
        lines.each { |line| expect(line.cause.change_for(facts).words).not_to be_empty }
        steps = lines.filter_map { |line| line.cause.change_for(facts).step }
        rescues = lines.filter_map { |line| line.cause.rescue_for(facts) }
        rescues.each { |rescue_now| expect(rescue_now.words).not_to eq "" }
        expect(steps).to all(be_a(String))
      end
    end
    expect(asked.uniq.sort).to eq UpClose::Record::FAULTS.keys.sort
  end

  it "finds hidden causes in a shop that knows nothing of its weights" do
    tries = SimulatedShop.new(11).failed(400)
    ranks = tries.map { |one| described_class::Odds.new(one.facts).lines.index { |l| l.cause.key == one.cause } || 99 }
    expect(ranks.count { |rank| rank < 3 } / 400.0).to be >= 0.9
    expect(ranks.count(&:zero?) / 400.0).to be >= 0.7
    # with nothing but the faults it is no better than it can be
    blind = tries.map do |one|
      bare = described_class::Facts.new(choice: one.choice, faults: one.facts.faults, sealer: one.facts.sealer)
      described_class::Odds.new(bare).lines.first.cause.key == one.cause
    end
    expect(blind.count(true)).to be < ranks.count(&:zero?)
  end

  it "refuses a cause that leaves something out" do
    bad = Class.new(described_class::Cause) do
      key "bad"
      usual 1.0
      title "Bad"
      looks_like "bad"
      tell_apart "bad"
      leads_to "no-such-fault" => 0.5
    end
    stub_const("UpClose::Diagnosis::Causes::Bad", bad)
    expect { described_class::CauseCheck.call(bad) }
      .to raise_error(UpClose::Errors::BadDefinition, /Causes::Bad leads to no-such-fault/)
  end
end
