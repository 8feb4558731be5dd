# frozen_string_literal: true

RSpec.describe UpClose::Surfaces::Loft do
  let(:plug) { shape("loft", stations: [[0, 0], [20, 60], [50, 80], [95, 10]]) }

  it "makes panels half a girth wide, mirrored for the other side" do
    expect(plug.unrolled.box).to have_attributes(width: 95, height: 40)
    # the area under a monotone cubic through half girths 0, 30, 40, 5, worked out apart from this code: 2695.54
    expect(plug.unrolled.ring.area).to be_within(0.1).of(2695.54)
    left, right = %i[left right].map { |side| plug.panel(side).points.map(&:x).minmax }
    expect(right).to eq left.map(&:-@).reverse
  end

  it "tells where the edge strains, and how many cuts ease it" do
    # measured along the same cubic in 20,000 steps, apart from this code: 0.261913; a straight edge had 0.25
    expect(plug.strains.first).to match [0, 20, be_within(1e-5).of(0.261913)]
    expect(plug.relief_cuts(0.035)).to eq [[0, 20, 7], [50, 95, 2]]
  end

  it "asks for those cuts where a mark strains its film, and no others" do
    # it reaches the edge itself in its first stretch
    wide = room(plug, box_ink(10, 30), width_mm: 10, x_mm: 12 - 47.5).placed
    found = plug.findings(wide, UpClose::Measure::LengthWriter.new("mm")).first
    expect(found).to have_attributes(
      verdict: :stop,
      remedy: "Relief cuts from the edge: 7 between 0 and 20, 2 between 50 and 95."
    )
  end

  it "judges a mark by how far it reaches towards back and belly" do
    # at 30 mm the girth is 70.248: 5 mm off the middle is 0.2847 of the way; along the cubic that is 0.140297 %
    low = room(plug, box_ink(10, 10), width_mm: 10, x_mm: 35 - 47.5).placed
    found = plug.findings(low, UpClose::Measure::LengthWriter.new("mm")).first
    expect(found).to have_attributes(value: be_within(1e-4).of(0.140297), verdict: :fine)
    high = room(plug, box_ink(10, 33), width_mm: 10, x_mm: 35 - 47.5).placed
    # 16.5 of 17.562 at 30 mm
    expect(plug.findings(high, UpClose::Measure::LengthWriter.new("mm")).first.value).to be_within(1e-3).of(1.511722)
  end

  it "offers the size that its film follows: smaller here, or larger on the middle line" do
    eased = ->(at) { UpClose::Placing::EasedPlace.new(shape: plug, ink: box_ink(20, 10), placement: at).call }
    steep = UpClose::Placing::Placement.new(width_mm: 18, x_mm: 10 - 47.5, y_mm: 6)
    found = eased[steep]
    expect([found.x_mm, found.y_mm]).to eq [steep.x_mm, 0]
    writer = UpClose::Measure::LengthWriter.new
    strain = ->(width) {
      placed = room(plug, box_ink(20, 10), width_mm: width, x_mm: found.x_mm).placed
      plug.findings(placed, writer).first
    }
    expect(strain[found.width_mm].value).to be <= 3.5
    expect(strain[found.width_mm + 0.1].value).to be > 3.5
    expect(eased[found]).to be_nil
  end

  it "refuses stations out of order, a girth that falls to nothing, and too few" do
    expect { shape("loft", stations: [[0, 10], [30, 40], [20, 60]]) }
      .to refuse_saying(/20 comes after 30/, at: :stations)
    expect { shape("loft", stations: [[0, 10], [30, 0], [40, 60]]) }
      .to refuse_saying(/girth at 30 is nothing/, at: :stations)
    expect { shape("loft", stations: [[0, 10]]) }.to refuse_saying(/two stations/, at: :stations)
  end
end
