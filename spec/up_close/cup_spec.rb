# frozen_string_literal: true

RSpec.describe UpClose::Surfaces::Cup do
  # area of an outline by its own points
  def area(path, tolerance = 0.0005)
    path.flatten(tolerance).sum { |points, _| UpClose::Geometry::Ring.new(points).area }
  end

  let(:mug) { shape("cup", top_mm: 82, foot_mm: 60, slant_mm: 95) }

  it "unrolls by hand's figures, and keeps the cone's area" do
    # R = 95 × 82 ÷ 22; inner R − 95; 180 × 82 ÷ R
    expect(mug.figures.values_at(:outer_radius_mm, :inner_radius_mm, :angle_deg).map { |v| v.round(4) })
      .to eq [354.0909, 259.0909, 41.6842]
    expect(mug.unrolled.area).to be_within(1e-6 * 21_190).of(Math::PI * (82 + 60) / 2 * 95)
    expect(area(mug.path)).to be_within(0.5).of(mug.unrolled.area)
    expect(mug.once_round_at(mug.unrolled.at(mug.outer, 0))).to be_within(1e-9).of(Math::PI * 82)
    expect(mug.once_round_at(mug.unrolled.at(mug.inner, 0))).to be_within(1e-9).of(Math::PI * 60)
  end

  it "agrees with a cone rolled out numerically, to 0.01 mm" do
    # walk the side in small steps, laying each ring's length on its arc
    [0.25, 0.5, 0.9].each do |along|
      radius = 41 - 11 * along
      arc = 2000.times.sum do |i|
        [i, i + 1].map { |k| 2 * Math::PI * k / 2000 }.then do |a, b|
          Math.hypot(radius * (Math.cos(b) - Math.cos(a)), radius * (Math.sin(b) - Math.sin(a)))
        end
      end
      expect((mug.outer - 95 * along) * mug.unrolled.angle).to be_within(0.01).of(arc)
    end
  end

  it "goes there and back between the front and the unrolled shape" do
    [[5, 10], [-20, -30], [0, 0]].each do |x, y|
      seen, visible = mug.front(point(x, y))
      expect(visible).to be true
      expect(mug.behind(seen).distance(point(x, y))).to be < 1e-9
    end
  end

  it "stands on its head as well, and refuses what is no cone" do
    head = shape("cup", top_mm: 60, foot_mm: 82, slant_mm: 95)
    expect(head.figures).to eq mug.figures
    expect(head.unrolled.centre.y).to eq(-mug.unrolled.centre.y)
    expect { shape("cup", top_mm: 82, foot_mm: 82, slant_mm: 95) }
      .to refuse_saying(/that is a cylinder/, at: :foot_mm)
    expect { shape("cup", top_mm: 82, foot_mm: 20, slant_mm: 30) }.to refuse_saying(/too short/, at: :slant_mm)
  end

  it "measures distances inside exactly, the inner arc included" do
    sector = mug.unrolled
    expect(sector.inside_distance(sector.at(sector.inner + 7, 0.1))).to be_within(1e-9).of(7)
    expect(sector.inside_distance(sector.at(sector.outer + 3, 0))).to be_within(1e-9).of(-3)
    # a bar across the inner arc's crown: its middle decides, not its ends
    bar = UpClose::Placing::PlacedInk.new(
      box_ink(80, 2),
      placed(width_mm: 80, y_mm: sector.centre.y - sector.inner - 11)
    )
    expect(mug.clearance_of(bar)).to be_within(1e-9).of(10)
  end
end
