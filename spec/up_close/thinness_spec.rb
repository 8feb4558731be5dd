# frozen_string_literal: true

require "vips"

RSpec.describe UpClose::Artwork::Thinness do
  # a mask from rows of # and .
  def mask(*rows) = [rows.map { |row| row.tr("#.", "\xFF\0".b) }.join.b, rows.first.length, rows.size]

  def image(width, height) = yield((Vips::Image.black(width, height) + 0).cast(:uchar))

  describe UpClose::Artwork::Thinness::Regions do
    it "joins runs that touch, corners included, and tells parts apart" do
      parts = described_class.new(*mask(
        "##....#",
        "..#...#",
        "..#....",
        ".......",
        "####..#"
      )).parts
      expect(parts.map(&:area)).to eq [4, 4, 2, 1]
      first = parts.find { |p| p.top.zero? && p.left.zero? }
      expect([first.left, first.right, first.top, first.bottom, first.width, first.height]).to eq [0, 3, 0, 3, 3, 3]
    end

    it "joins two arms that meet only further down, and keeps neighbours at a row's end apart" do
      expect(described_class.new(*mask("#..#", "#..#", "####")).parts.map(&:area)).to eq [8]
      # the last pixel of a row and the first of the next lie side by side in memory, not on the picture
      expect(described_class.new(*mask("...#", "#...")).parts.size).to eq 2
    end

    it "leaves out what is smaller than asked, and gives up on more runs than it may hold" do
      expect(described_class.new(*mask("#.##", "....", "####")).parts(least: 2).map(&:area)).to eq [4, 2]
      stub_const("UpClose::Artwork::Thinness::Regions::MOST_RUNS", 3)
      expect { described_class.new(*mask("#.#.#.#.#")).parts }.to raise_error(UpClose::Artwork::Thinness::TooMuch)
    end
  end

  describe UpClose::Artwork::Thinness::Contact do
    # touches of the thin part (drawn #) with the body (drawn B)
    def contact(*rows)
      part = UpClose::Artwork::Thinness::Regions.new(*mask(*rows.map { |r| r.tr("B", ".") })).parts.first
      described_class.new(*mask(*rows.map { |r| r.tr("#", ".").tr("B", "#") })).of(part)
    end

    it "counts none, one and several touches, and how far a stub reaches" do
      expect(contact(".....", ".###.", ".....")).to eq [0, 0.0]
      touches, reach = contact("BB.......", "BB######.", "BB.......")
      expect([touches, reach]).to eq [1, 6.0]
      expect(contact("BB.......BB", "BB#######BB", "BB.......BB").first).to eq 2
    end

    it "takes touches two pixels apart for one, as along a stair" do
      expect(contact("BBBBBBBB", "##.##.##", "........").first).to eq 1
    end
  end

  describe UpClose::Artwork::Thinness::Caliper do
    def caliper(picture, longest: 30) = described_class.new(picture, longest: longest)

    it "measures a hard line across, wherever in it one asks" do
      line = caliper(image(60, 40) { |i| i.draw_rect([255], 0, 10, 60, 7, fill: true) })
      [10, 13, 16].each { |y| expect(line.width(line.chord(30, y))).to be_within(0.01).of(7) }
    end

    it "counts soft edges by their tone" do
      soft = image(60, 40) do |i|
        i.draw_rect([255], 0, 10, 60, 5, fill: true).draw_rect([102], 0, 15, 60, 1, fill: true)
      end
      # five full rows and one of 102 ÷ 255
      expect(caliper(soft).width(caliper(soft).chord(30, 12))).to be_within(0.01).of(5.4)
    end

    it "is nil off the line, and where it is wider than looked for" do
      wide = caliper(image(80, 80) { |i| i.draw_rect([255], 0, 10, 80, 60, fill: true) })
      expect([wide.chord(40, 40), wide.chord(40, 3), wide.chord(-20, 40)]).to eq [nil, nil, nil]
    end

    it "does not add a neighbour's ink" do
      two = image(60, 40) do |i|
        i.draw_rect([255], 0, 10, 60, 4, fill: true).draw_rect([255], 0, 16, 60, 4, fill: true)
      end
      expect(caliper(two).width(caliper(two).chord(30, 11))).to be_within(0.01).of(4)
    end
  end

  describe UpClose::Artwork::Thinness::Survey do
    def survey(svg_body, width_mm, **how)
      art =
        opened(
          [
            %(<svg xmlns="http://www.w3.org/2000/svg" width="#{width_mm}mm" height="24mm" viewBox="0 0 #{width_mm} ),
            %(24">#{svg_body}</svg>)
          ].join
        )
      described_class.new(
        UpClose::Artwork::SizedRaster.new(art, width_mm: art.ink.box.width * art.mm_per_unit),
        limit_mm: 0.2,
        **how
      )
    end

    it "weighs by length: a short hairline in much bold line is a place to look at, not the figure" do
      bold = (0..9).map { |i| %(<rect x="0" y="#{i * 2}" width="120" height="0.6"/>) }.join
      found = survey("#{bold}<rect x=\"0\" y=\"21\" width=\"3\" height=\"0.12\"/>", 120)
      expect(found.thinnest).to be_within(0.03).of(0.6)
      expect(found.below.map { |p| p.width_mm.round(2) }).to eq [0.12]
    end

    it "says so when nothing thin was found as far as it looked" do
      found = survey('<rect width="24" height="24"/>', 24)
      expect([found.thinnest, found.below]).to eq [nil, []]
      expect(found.widest_looked).to be > 3
    end

    it "finds the counter of a letter closing up, as a gap" do
      found = survey('<path fill-rule="evenodd" d="M0 0h20v20h-20z M9.93 5h0.14v8h-0.14z"/>', 24, ground: true)
      expect(found.below.map { |p| p.width_mm.round(2) }).to eq [0.14]
    end
  end

  describe UpClose::Geometry::Algorithms::DistanceField do
    it "agrees with trying every clear pixel, beyond the picture included" do
      width, height = 13, 9
      shaken = Random.new(5)
      bytes = Array.new(width * height) { (shaken.rand < 0.8) ? 255 : 0 }.pack("C*")
      clear = (-1..height).flat_map { |y| (-1..width).map { |x| [x, y] } }.reject do |x, y|
        x.between?(0, width - 1) && y.between?(0, height - 1) && bytes.getbyte(y * width + x) == 255
      end
      truth = Array.new(width * height) { |i| clear.map { |x, y| (x - i % width)**2 + (y - i / width)**2 }.min }
      expect(described_class.call(bytes, width, height)).to eq truth
    end
  end
end

RSpec.describe UpClose::Geometry::Ring do
  def ring(*points) = UpClose::Geometry::Ring.new(points.map { |x, y| point(x, y) })

  let(:ell) { ring([0, 0], [4, 0], [4, 2], [2, 2], [2, 4], [0, 4]) }

  it "knows its area, round, middle and box, whichever way it runs" do
    expect([ell.area, ell.perimeter]).to eq [12, 16]
    # two boxes: 8 at (2, 1), 4 at (1, 3)
    expect(ell.centroid.to_a).to match [be_within(1e-12).of(20 / 12.0), be_within(1e-12).of(20 / 12.0)]
    back = described_class.new(ell.points.reverse)
    expect([back.signed_area, back.area, back.centroid.distance(ell.centroid)]).to match [-12, 12, be < 1e-12]
  end

  it "tells inside from outside with its distance, in the notch as well" do
    expect([[1, 1], [3, 3], [2.5, 2.5], [-1, 2], [1, 3.5]].map { |p| ell.inside_distance(point(*p)) })
      .to match [1, -1, be_within(1e-12).of(-0.5), -1, 0.5].map { |v| v.is_a?(Numeric) ? be_within(1e-12).of(v) : v }
    shaken = Random.new(2)
    200.times do
      p = point(shaken.rand(-2.0..6.0), shaken.rand(-2.0..6.0))
      expect(ell.inside_distance(p).positive?).to eq ell.contains?(p)
      expect(ell.inside_distance(p).abs)
        .to be_within(1e-9).of(ell.edges.map { |a, b| UpClose::Geometry::Segment.distance(p, a, b) }.min)
    end
  end

  it "finds where a ray leaves, and which stretches cross" do
    expect([[1, 0], [0, 1], [-1, 0]].map { |x, y| ell.exit_distance(point(1, 1), point(x, y)) }).to eq [3, 3, 1]
    expect([ell.crossing, ring([0, 0], [4, 4], [4, 0], [0, 4]).crossing]).to match [nil, [1, 3]]
  end

  it "drops doubled corners, and measures room for a hull" do
    expect(ring([0, 0], [0, 0], [5, 0], [5, 5], [0, 0]).points.size).to eq 3
    expect(ell.room_for(box(0.5, 0.5, 1, 3).corners)).to be_within(1e-12).of(0.5)
    expect(ell.room_for(box(1, 1, 2, 2).corners)).to be < 0
  end

  it "shrinks a region, in parts where its waist is too narrow, round an inner corner by its arc" do
    region = ->(points) { UpClose::Geometry::Region.polygon(points) }
    expect(region[[[0, 0], [10, 0], [10, 10], [0, 10]]].shrunk(2).area).to be_within(1e-9).of(36)
    expect(region[[[0, 0], [10, 0], [10, 10], [0, 10]]].shrunk(6)).to be_empty
    # an L of 4 × 4 less 2 × 2, moved in by 0.5: 3 × 1 + 1 × 2, less the corner of a square over a quarter circle
    expect(region[ell.points.map(&:to_a)].shrunk(0.5).area).to be_within(1e-4).of(3 + 2 + (1 - Math::PI / 4) * 0.25)
    waist = [
      [0, 0], [10, 0], [10, 4], [20, 4], [20, 0], [30, 0], [30, 10], [20, 10], [20, 6], [10, 6], [10, 10], [0, 10]
    ]
    # 7 × 7 each, and into the mouth of the waist: 2 × ∫₀¹ (1.5 − √(1.5² − u²)) du = 0.24
    expect(region[waist].shrunk(1.5).parts.map(&:area)).to match [be_within(1e-3).of(49.24), be_within(1e-3).of(49.24)]
  end

  describe UpClose::Geometry::Homography do
    it "carries four places to four others, and back; three in line have none" do
      from, to = [[0, 0], [10, 0], [10, 10], [0, 10]], [[3, 1], [14, 2], [12, 15], [1, 9]]
      map = described_class.between(from.map { |p| point(*p) }, to.map { |p| point(*p) })
      from.zip(to).each { |p, q| expect(map.apply(point(*p)).distance(point(*q))).to be < 1e-9 }
      expect(map.inverse.apply(map.apply(point(3, 7))).distance(point(3, 7))).to be < 1e-9
      # straight lines stay straight
      a, b, c = [0.1, 0.5, 0.9].map { |t| map.apply(point(10 * t, 2 + 5 * t)) }
      expect((b - a).unit.cross((c - a).unit)).to be_within(1e-9).of(0)
    end
  end
end
