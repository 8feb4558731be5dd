# frozen_string_literal: true

# Worked by hand: a V by its angle, passes by the overlap, edges of a square against the grain.
RSpec.describe UpClose::Tooling do
  def stroke(work, key, line, length = 600)
    described_class::Stroke.new(described_class.fetch(work, key), line_mm: line, length_mm: length)
  end

  it "leaves twice its depth with a V of 90°, and as its angle has it with others" do
    expect(stroke("engrave", "graver-90", 0.4).depth_mm).to be_within(1e-9).of(0.2)
    # 0.4 ÷ (2 tan 60°), 0.4 ÷ (2 tan 30°)
    expect(stroke("engrave", "graver-120", 0.4).depth_mm).to be_within(1e-5).of(0.11547)
    expect(stroke("carve", "knife", 0.4).depth_mm).to be_within(1e-5).of(0.34641)
    expect(stroke("engrave", "graver-90", 0.06).finding).to have_attributes(verdict: :watch, reason: /only scratches/)
  end

  it "goes over a wide line side by side, a fifth of the tip over what is done" do
    # 0.5 + 0.4 a pass: 1.7 mm in 4 passes, 1.71 in 5
    expect(stroke("engrave", "bur-05", 1.7).passes).to eq 4
    expect(stroke("engrave", "bur-05", 1.71).passes).to eq 5
    # 600 mm × 4 ÷ 80 mm a minute
    expect(stroke("engrave", "bur-05", 1.7).seconds).to be_within(1e-9).of(1800)
    expect(stroke("engrave", "graver-90", 1.7).passes).to eq 1
  end

  it "refuses a tip that is far wider than the line, and suggests one that is not" do
    expect(stroke("burn", "writing-tip", 0.8).finding.verdict).to eq :watch
    expect(stroke("burn", "writing-tip", 0.5).finding).to have_attributes(verdict: :stop, remedy: /finer tip/)
    suggested = ->(work, line) { described_class.for_line(work, line).key }
    expect([0.15, 0.3, 0.6, 2.0].map { |line| suggested.call("engrave", line) }).to eq %w[
      graver-90 diamond bur-05 flat-15
    ]
    expect(suggested.call("carve", 1.0)).to eq "knife"
    expect(suggested.call("burn", 0.2)).to eq "fine-tip"
    expect { described_class.fetch("burn", "laser") }.to raise_error(UpClose::Errors::Unknown, /laser/)
  end

  it "finds the edges that run across the grain" do
    square = UpClose::Geometry::Region.polygon([[0, 0], [20, 0], [20, 10], [0, 10]])
    along = described_class::StopCuts.new(square, grain_deg: 0)
    expect(along.length_mm).to be_within(1e-9).of(20)
    expect(along.call.size).to eq 2
    expect(described_class::StopCuts.new(square, grain_deg: 90).length_mm).to be_within(1e-9).of(40)
    # at 45° all four are across
    expect(described_class::StopCuts.new(square, grain_deg: 45).length_mm).to be_within(1e-9).of(60)
    expect(along.finding.working.to_s).to include("33 % of 60 mm")
  end
end
