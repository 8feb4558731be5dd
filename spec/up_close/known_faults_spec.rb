# frozen_string_literal: true

RSpec.describe UpClose::Printing::KnownFaults do
  def copy(x, y, width = 30, height = 20) = box(x, y, width, height).corners

  let(:faults) { described_class.new(rollers_mm: [52.0, 158.0], ghost_mm: 94.0) }

  it "gives the columns that wet ink keeps off, on sheets that are wide enough" do
    expect(faults.tracks(210, 297))
      .to eq [[[51, 0], [53, 0], [53, 297], [51, 297]], [[157, 0], [159, 0], [159, 297], [157, 297]]]
    expect(faults.tracks(120, 90).size).to eq 1
    expect(described_class.new.tracks(210, 297)).to be_empty
  end

  it "counts the copies a track runs over: a matter for wet ink, a note for toner" do
    copies = {1 => copy(10, 40), 2 => copy(40, 40), 3 => copy(129, 40), 4 => copy(160, 40)}
    expect(faults.track_finding(copies, wet: true)).to have_attributes(
      verdict: :watch,
      value: 2,
      reason: /tracks in wet ink/,
      working: have_attributes(to_s: /52, 158 mm/)
    )
    expect(faults.track_finding(copies, wet: false)).to have_attributes(verdict: :note, remedy: nil)
    expect(faults.track_finding(copies.slice(1, 4), wet: true)).to have_attributes(verdict: :note, value: 0)
    expect(described_class.new.track_finding(copies, wet: true)).to be_nil
  end

  it "finds the copies on which one further up comes again" do
    expect(faults.ghost_finding({1 => copy(10, 40), 2 => copy(20, 130), 3 => copy(60, 130)}))
      .to have_attributes(verdict: :watch, value: 1)
    # both below get the upper one's; the upper one, a drum's turn above them, gets none
    expect(faults.ghost_finding({1 => copy(10, 40), 2 => copy(10, 130), 3 => copy(14, 134)}))
      .to have_attributes(value: 2)
    # 40 + 94 + 20 = 154 is the ghost's foot
    expect(faults.ghost_finding({1 => copy(10, 40), 2 => copy(10, 155)})).to have_attributes(verdict: :fine, value: 0)
    expect(described_class.new.ghost_finding({1 => copy(0, 0)})).to be_nil
  end
end
