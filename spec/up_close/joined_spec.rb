# frozen_string_literal: true

RSpec.describe UpClose::Rounds::Joined do
  def part(name, mm, prints:, pieces:, key: "water-slide")
    setting = UpClose::Methods::MethodChoice.new(
      method: UpClose::Methods.fetch(key), printer: :laser, copies: prints, pieces: pieces,
      size: UpClose::Methods::MarkSize.new(width_mm: mm, height_mm: mm)
    )
    described_class::Part.new(name: name, steps: setting.steps, prints: prints, pieces: pieces)
  end

  let(:small) { part("hull", 14, prints: 6, pieces: 4) }
  let(:large) { part("board", 60, prints: 3, pieces: 2) }
  let(:joined) { described_class.new([small, large]) }

  def step(steps, key) = steps.find { |s| s.key == key }

  it "cuts and soaks decals of both in one run, each piece in its own time" do
    out = joined.written_out
    expect(out.map(&:key).grep(/slide/)).to eq((1..6).map { |n| "slide:#{n}" })
    expect((1..6).map { |turn| joined.owner(turn) })
      .to eq [["hull", 1], ["hull", 2], ["hull", 3], ["hull", 4], ["board", 1], ["board", 2]]
    # 45 s and (14 + 6)² or (60 + 6)² mm² at 150 cm² a minute
    each = [20, 66].map { |side| 45 + side * side / 100.0 / 150 * 60 }
    expect([step(out, "slide:2"), step(out, "slide:6")].map(&:least_s))
      .to match [be_within(1e-6).of(each[0]), be_within(1e-6).of(each[1])]
    # getting ready once, then every print of both
    cut = step(out, "cut").least_s
    expect(cut).to be_within(1e-6).of(30 + 6 * step(small.steps, "cut").each_s + 3 * step(large.steps, "cut").each_s)
    # what dries waits for all at once
    expect(step(out, "film_dry").least_s).to eq step(small.steps, "film_dry").least_s
    expect(joined.prints).to eq 9
  end

  it "uses up as much as both by themselves" do
    softener = ->(steps, number) { step(steps, "soften").consumes.first.amount * number }
    told = joined.written_out.select { |s| s.key.start_with?("soften") }.sum { |s| s.consumes.first.amount }
    expect(told).to be_within(1e-9).of(softener[small.steps, 4] + softener[large.steps, 2])
    coat = step(joined.written_out, "print_coat_1").consumes.first
    alone = [[small, 6], [large, 3]].sum do |one, prints|
      step(one.steps, "print_coat_1").consumes.first.amount * prints
    end
    expect(coat.amount * 9).to be_within(1e-9).of(alone)
  end

  it "refuses marks that are not done in the same steps" do
    other = part("tag", 20, prints: 1, pieces: 1, key: "solvent-rub")
    expect { described_class.new([small, other]) }.to refuse_saying(/not done in the same steps/, at: :together)
  end
end
