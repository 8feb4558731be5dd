# frozen_string_literal: true

RSpec.describe UpClose::Geometry do
  alg = UpClose::Geometry::Algorithms

  it "chains transforms in the order they happen" do
    move, turn = described_class::Transform.move(10, 0), described_class::Transform.turn(90)
    expect(move.then(turn).apply(point(1, 0)).to_a.map { |v| v.round(9) }).to eq [0, 11]
    expect(turn.then(move).apply(point(1, 0)).to_a.map { |v| v.round(9) }).to eq [10, 1]
  end

  it "flattens a curve no further from it than asked" do
    circle = described_class::Shapes.ellipse(0, 0, 50, 50)
    points = circle.flatten(0.01).flat_map(&:first)
    middles = points.each_cons(2).map { |p, q| ((p + q) * 0.5).length }
    expect(middles.min).to be > 50 - 0.01 - 50 * 0.0003
  end

  it "finds a curve's extremes exactly" do
    # P(t) = 3(1−t)²t·(0,4) + 3(1−t)t²·(3,4) + t³·(3,0): y is greatest at t = ½: 6·½·½·4/… = 3
    path = described_class::Path.new([[:move, point(0, 0)], [:curve, point(0, 4), point(3, 4), point(3, 0)]])
    expect(path.box).to eq box(0, 0, 3, 3)
  end

  it "knows inside from outside level with a corner too, as exact fractions do" do
    random = Random.new(3)
    60.times do
      corners = Array.new(9) do |i|
        way = described_class::Transform.turn(i * 40).apply(point(random.rand(5.0..9.0), 0))
        point(way.x + random.rand, way.y + random.rand)
      end
      ring = described_class::Ring.new(corners)
      corners.product([-3.0, -1.1, 0.3, 2.7]).each do |corner, x|
        crossed = ring.edges.count do |p, q|
          next if (p.y > corner.y) == (q.y > corner.y)
          x.to_r < (q.x.to_r - p.x.to_r) * (corner.y.to_r - p.y.to_r) / (q.y.to_r - p.y.to_r) + p.x.to_r
        end
        at = point(x, corner.y)
        expect([ring.contains?(at), ring.inside_distance(at) > 0]).to eq [crossed.odd?] * 2
      end
    end
  end

  it "encloses points in the smallest circle" do
    centre, radius = alg::EnclosingCircle.call([[0, 0], [6, 0], [3, 3], [3, 1]].map { |x, y| point(x, y) })
    expect([centre.x, centre.y, radius]).to match [be_within(1e-9).of(3), be_within(1e-9).of(0), be_within(1e-9).of(3)]
  end

  it "keeps only the corners of a hull" do
    points = [[0, 0], [2, 0], [4, 0], [4, 4], [0, 4], [2, 2], [1, 3]].map { |x, y| point(x, y) }
    expect(alg::ConvexHull.call(points).map(&:to_a)).to contain_exactly([0, 0], [4, 0], [4, 4], [0, 4])
  end

  it "reaches as far as stroke, joins and caps do" do
    reach = ->(points, closed: false, **style) {
      described_class::Box
        .around(alg::StrokeReach.new(width: 2, cap: :butt, join: :miter, miter: 4, **style).call([[points, closed]]))
    }
    line = [point(0, 0), point(10, 0)]
    expect(reach.call(line)).to eq box(0, -1, 10, 2)
    expect(reach.call(line, cap: :square)).to eq box(-1, -1, 12, 2)
    corner = [point(0, 10), point(0, 0), point(10, 0)]
    expect(reach.call(corner)).to eq box(-1, -1, 11, 11)
    # a 20° tip: 1 ÷ sin 10° = 5.76 half widths, beyond the limit of 4 it is cut off
    tip = [point(10 * Math.cos(0.349065850), 10 * Math.sin(0.349065850)), point(0, 0), point(10, 0)]
    expect(reach.call(tip).x).to be > -1.01
    expect(reach.call(tip, miter: 6).x).to be_within(0.01).of(-5.6713)
  end

  describe alg::LargestCopy do
    def largest(shape, outline, clearance)
      described_class
        .new(support: shape.method(:support), outline: outline, clearance: clearance, directions: shape.edge_normals)
        .call
    end

    it "agrees with the closed forms" do
      half = box(-1, -0.5, 2, 1).corners
      # (40 − 4) ÷ 2
      expect(largest(shape("rectangle", width_mm: 40.0, height_mm: 30.0), half, 2).first).to be_within(1e-6).of(18)
      # √(w² + h²) ≤ D − 2c: 138 ÷ √5
      expect(largest(shape("disc", diameter_mm: 150.0), half, 6).first).to be_within(1e-3).of(138 / Math.sqrt(5))
    end

    it "moves a lopsided outline to where it can grow most" do
      triangle = [point(-1, 0), point(1, 0), point(0, 1)]
      scale, move = largest(shape("rectangle", width_mm: 100.0, height_mm: 20.0), triangle, 0)
      expect(scale).to be_within(1e-6).of(20)
      expect(move.y).to be_within(1e-6).of(-10)
      expect(largest(shape("rectangle", width_mm: 3.0, height_mm: 3.0), triangle, 2).first).to eq 0
    end
  end
end
