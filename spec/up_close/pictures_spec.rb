# frozen_string_literal: true

RSpec.describe "what is drawn at a step" do
  root = File.expand_path("../..", __dir__)

  it "is one of the drawings, for every step of every method by every school" do
    drawn = Dir["#{root}/app/views/drawings/*.erb"].map { |path| File.basename(path, ".erb").to_sym }
    # those that show the very piece share one drawing
    drawn += %i[place lines rub peel]
    steps = UpClose::Methods.all.flat_map { |method| method.schools.flat_map(&:steps) }
    expect(steps.map { |step| UpClose::Methods::Pictures.of(step) }.uniq - drawn).to be_empty
    known = {"lay:3" => :place, "seal_2" => :coat, "peek" => :peel, "trim" => :sheet, "print_coat_1" => :coat}
    made = known.keys.to_h do |key|
      step = UpClose::Methods::Step.new(key: key, phase: :seal, kind: :hands, title: "", words: "", least_s: 1)
      [key, UpClose::Methods::Pictures.of(step)]
    end
    expect(made).to eq known
  end

  it "says of every method what is right, too early and too late, each a patch that is drawn" do
    patches = Dir["#{root}/app/views/drawings/patches/*.erb"].map { |path| File.basename(path, ".erb").to_sym }
    UpClose::Methods.all.each do |method|
      sights = method.sights.all
      expect(sights.map(&:patch) - patches).to be_empty, method.key
      expect(sights.map(&:patch).uniq.size).to eq(3), method.key
      keys = method.schools.flat_map { |setting| setting.steps.map(&:key) }
      expect(method.sights.steps & keys).not_to be_empty, method.key
    end
  end
end

RSpec.describe UpClose::Measure::LengthWriter do
  it "writes inches as the nearest fraction of a rule, short ones as decimals, and reads a field back exactly" do
    to64, to32, decimal = %w[64 32 decimal].map { |fractions| described_class.new("in", fractions: fractions) }
    # 162.4 ÷ 25.4 = 6.394: 6 25/64, 6 13/32
    expect([to64, to32, decimal].map { |writer| writer.figure(162.4) }).to eq ["6 25/64", "6 13/32", "6.394"]
    expect(to64.figure(0.18)).to eq "0.007"
    expect(to64.figure(-1.5 * 25.4)).to eq "−1 1/2"
    expect(UpClose::Measure::LengthReader.new(unit: "in").read(to64.field(162.4)).mm).to be_within(0.001).of(162.4)
  end
end
