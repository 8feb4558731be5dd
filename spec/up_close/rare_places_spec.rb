# frozen_string_literal: true

# Shapes and circles where they are seldom tried: against what is worked out another way.
RSpec.describe "geometry seldom tried" do
  describe UpClose::Geometry::Algorithms::EnclosingCircle do
    # every circle across two of the points or through three of them that holds all; the smallest
    def tried(points)
      pairs = points.combination(2).map { |p, q| described_class.across(p, q) }
      threes = points.combination(3).map { |p, q, r| described_class.through(p, q, r) }
      (pairs + threes).select { |centre, radius| points.all? { |p| centre.distance(p) <= radius + 1e-7 } }
        .min_by(&:last)
    end

    it "goes through the corners of a triangle that is nowhere obtuse, and across the longest side of one that is" do
      centre, radius = described_class.call([point(0, 0), point(6, 0), point(3, 4)])
      # 6 × 5 × 5 ÷ (4 × 12) = 3.125
      expect([centre.x, centre.y, radius]).to match [3.0, 0.875, 3.125].map { |v| be_within(1e-9).of(v) }
      expect(described_class.call([point(0, 0), point(10, 0), point(5, 1)]).last).to be_within(1e-9).of(5)
    end

    it "is as small as any circle that holds all, whatever their order" do
      random = Random.new(7)
      40.times do
        points = Array.new(random.rand(3..9)) { point(random.rand(-20.0..20), random.rand(-20.0..20)) }
        radii = Array.new(3) { described_class.call(points.shuffle(random: random)).last }
        expect(radii).to all be_within(1e-6).of(tried(points).last)
      end
    end

    it "takes points in a line, and the same point twice" do
      expect(described_class.call([point(0, 0), point(4, 0), point(9, 0), point(4, 0)]).last).to be_within(1e-9).of(4.5)
      expect(described_class.call([point(2, 2)] * 3)).to eq [point(2, 2), 0.0]
    end
  end

  describe UpClose::Surfaces::KeepOut do
    let(:box) { described_class.new(kind: "box", x: 10, y: 0, width: 8, height: 4) }

    it "tells how far a point lies from a box: beside it, off a corner, on it, and within" do
      distances = [point(20, 0), point(17, 6), point(14, 1), point(10, 0), point(10, 1.5)]
        .map { |place| box.outside_distance(place) }
      expect(distances).to match [6, 5, 0, -2, -0.5].map { |mm| be_within(1e-9).of(mm) }
    end

    it "grows all round, a disc across by twice as much, and is mirrored on the other flank" do
      expect(box.grown(1.5).box.to_a).to eq [4.5, -3.5, 11, 7]
      disc = described_class.new(kind: "disc", x: 3, y: 1, width: 5, words: "screw")
      expect(disc.grown(1).width).to eq 7
      expect([disc.mirrored.centre, disc.mirrored.mirrored.to_h]).to eq [point(-3, 1), disc.to_h]
      expect(disc.outside_distance(point(3, 5))).to be_within(1e-9).of(1.5)
    end
  end

  describe UpClose::Surfaces::Feature do
    def feature(kind) = described_class.new(kind: kind, x_mm: 12, y_mm: -3, size_mm: 6)

    it "draws each as long as it is said to be, about its place" do
      sizes = described_class::KINDS.keys.to_h { |kind| [kind, feature(kind).path.box] }
      expect(sizes.transform_values { |box| [box.width, box.height].map { |v| v.round(3) } }).to include(
        "eye" => [6, 6], "line" => [6, 0], "fin" => [3.6, 4.8]
      )
      expect(sizes["gill"].height).to be_within(1e-6).of(6)
      expect(sizes.except("gill").values.map(&:centre)).to all eq point(12, -3)
    end

    it "comes back from what is kept, and from the other flank" do
      eye = feature("eye")
      expect(described_class.from_h(eye.to_h.transform_keys(&:to_s))).to eq eye
      expect([eye.mirrored.at, eye.mirrored.mirrored, eye.title]).to eq [point(-12, -3), eye, "eye"]
    end
  end

  describe UpClose::Surfaces::Loft do
    let(:plug) { shape("loft", stations: [[0, 0], [20, 60], [50, 80], [95, 10]]) }

    it "goes there and back between the side it is seen from and the unrolled panel" do
      [[-20, 3], [0, -12], [10, 18]].each do |x, y|
        seen, visible = plug.front(point(x, y))
        expect(visible).to be true
        expect(plug.behind(seen).distance(point(x, y))).to be < 1e-9
      end
      expect(plug.behind(point(0, 40))).to be_nil
      expect(plug.front(point(0, 25)).last).to be false
    end

    {
      [[0, 10]] => /two stations or more/,
      Array.new(UpClose::Surfaces::Loft::MOST_STATIONS + 1) { |i| [i, 10] } => /is the most/,
      [[0, "wide"], [9, 4]] => /do not read as two lengths/, [[5, 10], [5, 20]] => /comes after/,
      [[0, 0], [5, 0], [9, 0]] => /girth at 5 is nothing/, [[0, -4], [9, 5]] => /cannot be below 0/,
      [[0, 4], [2500, 5]] => /over 2 m/, [[0, 0], [9, 0]] => /All girths are 0/
    }.each do |stations, reason|
      it("refuses #{stations.first(3)}: #{reason.source}") do
        expect { shape("loft", stations: stations) }.to refuse_saying(reason, at: :stations)
      end
    end
  end

  describe UpClose::Surfaces::FreePolygon do
    {
      Array.new(6000) { |i| [Math.cos(i), Math.sin(i)] } => /is the most/,
      [[0, 0], ["wide", 3], [9, 9]] => /do not read as two lengths/, [[0, 0], [3000, 0], [0, 900]] => /over 2 m/
    }.each do |points, reason|
      it("refuses an outline where #{reason.source}") do
        expect { shape("free-polygon", points: points) }.to refuse_saying(reason, at: :points)
      end
    end
  end

  describe UpClose::Measure::Pairs do
    it "passes over the heading of a table, and counts its lines from the first figures" do
      table = [["along", "girth"], ["0", "12"], ["1.5 cm", "40"]]
      expect(described_class.from_rows(table)).to eq [[0.0, 12.0], [15.0, 40.0]]
      expect(described_class.from_rows([["0", "12"], ["5", "20"]])).to eq [[0.0, 12.0], [5.0, 20.0]]
      expect { described_class.from_rows([["0", "12"], ["5", "wide"]]) }.to refuse_saying(/\ALine 2: /, at: :points)
      expect { described_class.from_rows([["0", "12"], ["5"]]) }
        .to refuse_saying(/Line 2 does not contain two lengths/, at: :points)
    end

    it "refuses a table with nothing in it" do
      expect { described_class.from_rows([]) }.to refuse_saying(/no lengths/, at: :points)
      expect { described_class.from_rows([["0", nil]]) }.to refuse_saying(/Line 1 does not contain/, at: :points)
    end
  end

  describe UpClose::Cutting::Lines::RoundCorners do
    it "takes four quarter circles off a box: its area less (4 − π) r²" do
      art = opened(svg('<rect width="40" height="20"/>'))
      [1.0, 3.0].each do |corner|
        asked = UpClose::Cutting::Asked.new(
          ink: art.ink, width_mm: 40, around_mm: 2.0, least_radius_mm: 0.5, blade_mm: 4.0, corner_mm: corner,
          region: -> { raise "not asked" }
        )
        cut = described_class.new(asked).call.region
        expect(cut.area).to be_within(0.02).of(44 * 24 - (4 - Math::PI) * corner**2)
        expect(cut.box.to_a).to match [-22, -12, 44, 24].map { |mm| be_within(1e-6).of(mm) }
      end
    end
  end
end
