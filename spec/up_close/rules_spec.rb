# frozen_string_literal: true

RSpec.describe UpClose::Sheets::Rules do
  def rules(**how)
    described_class.new(
      UpClose::Sheets::Nesting::Blank.new(width_mm: 100, height_mm: 80, **how),
      gap_mm: 3,
      frame_mm: 8
    )
  end

  def keys(copy, others = {}, **how) = rules(**how).broken(copy, others).map(&:key)

  def copy(x, y) = box(x, y, 20, 10).corners

  it "lets a copy lie right up to the frame and the gap, and not a hundredth nearer" do
    expect([keys(copy(8, 8)), keys(copy(72, 62))]).to eq [[], []]
    expect([keys(copy(7.99, 8)), keys(copy(72.01, 62)), keys(copy(8, 62.01))]).to all(eq [:frame])
    expect([keys(copy(8, 8), {2 => copy(31, 8)}), keys(copy(8, 8), {2 => copy(30.99, 8)})]).to eq [[], [:copy_2]]
  end

  it "measures slantwise, from corner to corner" do
    # 2 across and 2 down are 2.83 apart, 2.2 and 2.2 are 3.11
    expect([keys(copy(8, 8), {2 => copy(30, 20)}), keys(copy(8, 8), {2 => copy(30.2, 20.2)})]).to eq [[:copy_2], []]
  end

  it "tells what lies on what, each with its distance, limit, working and way out" do
    gone = [[40, 20], [60, 20], [60, 60], [40, 60]]
    found = rules(used: [gone]).broken(copy(45, 30), {4 => copy(50, 35), 5 => copy(66, 30)})
    expect(found.map { |f| [f.title, f.value.round(6)] })
      .to eq [["On what is gone", 0.0], ["On copy 4", 0.0], ["Too near copy 5", 1.0]]
    expect(found.last).to have_attributes(
      verdict: :stop,
      limit: 3,
      figure: "1 mm",
      remedy: "Keep 3 mm.",
      working: have_attributes(to_s: /1 against 3 mm.*starting value/)
    )
    expect(keys(copy(17, 30), used: [gone])).to eq []
    expect(keys(copy(17.1, 30), used: [gone])).to eq [:gone]
  end
end
