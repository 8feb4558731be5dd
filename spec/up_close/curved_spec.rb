# frozen_string_literal: true

require_relative "../shop_helper"
require "open3"

RSpec.describe "shapes that are not plain" do
  include UpClose

  # area of an outline by its own points
  def area(path, tolerance = 0.0005)
    path.flatten(tolerance).sum { |points, _| UpClose::Geometry::Ring.new(points).area }
  end

  describe UpClose::Surfaces::Cup do
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

  describe UpClose::Surfaces::Cylinder do
    let(:tube) { shape("cylinder", diameter_mm: 82, height_mm: 95, film_mm: 0.1) }

    it "is π (d + t) once round, and says how far a mark goes" do
      expect(tube.figures[:width_mm]).to be_within(1e-9).of(Math::PI * 82.1)
      told = tube.findings(UpClose::Placing::PlacedInk.new(box_ink(40, 10), placed(width_mm: 40)), writer).first
      # 360 × 40 ÷ 257.925
      expect(told).to have_attributes(figure: "55.8°", verdict: :fine)
      wide = tube.findings(UpClose::Placing::PlacedInk.new(box_ink(250, 10), placed(width_mm: 250)), writer)
      expect(wide.map(&:key)).to eq %i[round seam]
      expect(wide.last.value).to be_within(1e-6).of(Math::PI * 82.1 - 250)
    end

    it "narrows by the cosine towards the sides" do
      at, seen = tube.front(point(tube.once_round / 6, 0))
      expect([at.x, seen]).to match [be_within(1e-9).of(41 * Math.sin(Math::PI / 3)), true]
      expect(tube.front(point(tube.once_round * 0.3, 0)).last).to be false
    end
  end

  describe UpClose::Surfaces::Dome do
    let(:ball) { shape("dome", ball_mm: 60, cap_mm: 40) }

    it "strains as the closed form, its small-angle rule and a count of rings say" do
      # 1 − sin(1/3) ÷ (1/3)
      expect(ball.strain(10)).to be_within(1e-9).of(1 - 3 * Math.sin(1 / 3.0))
      expect(ball.strain(3)).to be_within(1e-5).of((3 / 30.0)**2 / 6)
      flat, over = [->(t) { t }, ->(t) { 30 * Math.sin(t / 30.0) }].map { |rim| 2 * Math::PI * rim[10.0] }
      expect(ball.strain(10)).to be_within(1e-9).of(1 - over / flat)
    end

    it "gives the largest flat mark a ≈ ρ√(6ε), and gores that together cover the cap" do
      expect(ball.largest_flat(0.01)).to be_within(0.02).of(30 * Math.sqrt(0.06))
      expect(ball.strain(ball.largest_flat(0.035))).to be_within(1e-9).of(0.035)
      [5, 8].each { |n| expect(n * ball.gore(n).area).to be_within(0.3).of(ball.figures[:area_mm2]) }
      expect(ball.gores(0.035)).to eq 5 # π × 20 ÷ 13.82
    end
  end

  it "sees a mark off the pole of a ball as it lies there, from its own middle" do
    ball = shape("dome", ball_mm: 60, cap_mm: 60)
    at = point(30 * Math::PI / 4, 0) # 45° from the pole
    up = 30 * Math.sqrt(0.5)
    expect([point(up, 0), point(0, 0)].map { |seen| ball.on_mark(seen, at).x.round(9) })
      .to eq [0.0, (-30 * Math::PI / 4).round(9)]
    # from (√½, 0, √½) to (0, √½, √½) is 60°, setting out along (−1, √2) ÷ √3
    expect(ball.on_mark(point(0, up), at).distance(point(-1, Math.sqrt(2)) * (30 * Math::PI / 3 / Math.sqrt(3))))
      .to be < 1e-9
    expect(ball.on_mark(point(20, 5), point(0, 0)).distance(ball.behind(point(20, 5)))).to be < 1e-9
    expect(ball.on_mark(point(31, 0), at)).to be_nil
  end

  # 1 − sin x ÷ x = 0.035 at x = 0.46071: on a ball of 60, 13.82 mm from the middle to the corners of a square
  it "offers the largest square that softened film lays on a ball" do
    ball = shape("dome", ball_mm: 60, cap_mm: 60)
    at = UpClose::Placing::Placement.new(width_mm: 40, x_mm: 0, y_mm: 0)
    eased = UpClose::Placing::EasedPlace.new(shape: ball, ink: box_ink(10, 10), placement: at).call
    expect(eased.width_mm).to eq 19.5 # 13.82 × √2 = 19.54, to the tenth below
  end

  describe UpClose::Surfaces::Loft do
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

  describe UpClose::Surfaces::FreePolygon do
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
  end

  it "keeps ink off screws and knots, and grows a mark only up to them" do
    plate = UpClose::Surfaces.build("rectangle", {width_mm: 100, height_mm: 60}, keep_outs: [
      UpClose::Surfaces::KeepOut.new(kind: "disc", x: 0, y: 20, width: 8),
      UpClose::Surfaces::KeepOut.new(kind: "box", x: -40, y: 0, width: 10, height: 10)
    ])
    here = room(plate, box_ink(40, 10), width_mm: 40)
    # the screw's rim at 16, the ink's foot at 5; the box at −35, the ink's side at −20
    expect(here.clearance).to be_within(1e-9).of(11)
    expect(here.largest_here).to be_within(0.01).of(70) # 2 × 35, then 17.5 high, 8.75 from the middle
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

  it "unrolls on the command line, as JSON and as files" do
    out, err, status = Open3.capture3(
      File.expand_path("../../bin/up-close", __dir__),
      "unroll",
      "--cup",
      "82,60,95",
      "--out",
      "#{HOME}/mug.svg"
    )
    told = JSON.parse(out)
    expect([status.exitstatus, err, told["angle_deg"].round(4), told["cover"]["width_mm"].round(2)])
      .to eq [0, "", 41.6842, 254.97]
    expect(File.read("#{HOME}/mug.svg")).to match(/width="25\d\.\d+mm"/)
    _, err, status = Open3.capture3(File.expand_path("../../bin/up-close", __dir__), "unroll", "--cup", "82,82,95")
    expect([status.exitstatus, err]).to match [1, /\ABoth ends are 82 mm: that is a cylinder/]
  end
end
