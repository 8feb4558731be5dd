# frozen_string_literal: true

RSpec.describe UpClose::Surfaces::FreePolygon do
  let(:corner) { shape("free-polygon", points: [[0, 0], [40, 0], [40, 20], [20, 20], [20, 40], [0, 40]]) }

  it "knows its room: a notch pokes into a hull, an arm holds a small one" do
    expect(corner.clearance_of(UpClose::Placing::PlacedInk.new(box_ink(30, 30), placed(width_mm: 30)))).to be < 0
    arm = UpClose::Placing::PlacedInk.new(box_ink(30, 10), placed(width_mm: 30, y_mm: -10))
    expect(corner.clearance_of(arm)).to be_within(1e-9).of(5)
  end

  it "grows a copy about a place as far as trying step by step does" do
    star = shape(
      "free-polygon",
      points: [[0, -40], [12, -12], [40, 0], [12, 12], [0, 40], [-12, 12], [-40, 0], [-12, -12]]
    )
    hull = Array.new(9) { |i| point(5 * Math.cos(i * 0.7), 3 * Math.sin(i * 0.7)) }.then do |points|
      UpClose::Geometry::Algorithms::ConvexHull.call(points)
    end
    [[point(0, 0), 0.0], [point(3, -2), 0.0], [point(2, 1), 1.5]].each do |place, clearance|
      times = star.growth(hull, place, clearance)
      room_at = ->(t) { star.ring.room_for(hull.map { |p| place + p * t }) }
      expect(room_at[times]).to be_within(clearance.zero? ? 1e-9 : 1e-3).of(clearance)
      expect(room_at[times * 0.999]).to be >= clearance
    end
  end

  it "finds the largest copy by search where no supporting lines decide" do
    width, at = room(corner, box_ink(2, 1), width_mm: 2).largest_searched
    # a 2:1 box in the upper arm: 40 wide, 20 high
    expect(width).to be_within(0.4).of(40)
    expect(at.distance(point(0, -10))).to be < 0.5
  end

  it "finds the lobes of a dumbbell, and that nothing fits in its waist" do
    dumbbell = shape(
      "free-polygon",
      points: [
        [0, 0], [40, 0], [40, 15], [60, 15], [60, 0], [100, 0], [100, 40], [60, 40], [60, 25], [40, 25], [40, 40],
        [0, 40]
      ]
    )
    there = room(dumbbell, box_ink(10, 10), width_mm: 10, clearance_mm: 6)
    # the waist is 10 wide: its edge is 5 away; a lobe of 40 holds 40 − 2 × 6
    expect(there.largest_here).to eq 0
    width, at = there.largest_searched
    expect([width, at.x.abs, at.y]).to match [be_within(1e-3).of(28), be_within(1e-3).of(30), be_within(1e-3).of(0)]
    expect(dumbbell.inset(6).flatten(0.01).size).to eq 2
  end

  it "refuses outlines that cross themselves or have no area" do
    expect { shape("free-polygon", points: [[0, 0], [40, 40], [40, 0], [0, 40]]) }
      .to refuse_saying(/crosses itself/, at: :points)
    expect { shape("free-polygon", points: [[0, 0], [10, 10], [20, 20]]) }.to refuse_saying(/no area/, at: :points)
    expect { shape("free-polygon", points: [[0, 0], [1, 1]]) }.to refuse_saying(/three corners/, at: :points)
  end

  it "turns a bar along the longer arm of an outline that is not convex" do
    hook = shape("free-polygon", points: [[0, 0], [12, 0], [12, 60], [40, 60], [40, 72], [0, 72]])
    width, at, turn = room(hook, box_ink(10, 2), width_mm: 10).largest_at_best_angle
    # upright in the arm of 12 × 72, or a little aslant: never less than 12 ÷ 0.2
    expect(width).to be > 59
    expect([
      (turn - 90).abs,
      room(hook, box_ink(10, 2), width_mm: width * 0.99, x_mm: at.x, y_mm: at.y, turn_deg: turn).fits?
    ])
      .to match [be < 12, true]
  end

  describe "the best angle" do
    it "is the diagonal for a bar in a square, and never worse than upright" do
      square = shape("rectangle", width_mm: 50, height_mm: 50)
      width, _, turn = room(square, box_ink(10, 1), width_mm: 10).largest_at_best_angle
      # (w + w ÷ 10) ÷ √2 = 50
      expect(width).to be_within(0.01).of(50 * Math.sqrt(2) / 1.1)
      expect([45, 135].map { |a| (turn - a).abs }.min).to be < 0.5
    end
  end
end
