# frozen_string_literal: true

RSpec.describe UpClose::Cutting do
  def art(body) = opened(svg(body))

  def asked(art, width_mm, around: 0.5, radius: 0.5, blade: 4.0, corner: 0.0)
    UpClose::Cutting::Asked.new(
      ink: art.ink, width_mm: width_mm, around_mm: around, least_radius_mm: radius, blade_mm: blade,
      corner_mm: corner, region: -> { UpClose::Cutting::InkRegions.inked(art, width_mm: width_mm) }
    )
  end

  def cut(line, *ask, **more) = UpClose::Cutting::Lines.fetch(line).new(asked(*ask, **more)).call

  # about the middle, as a cut lies
  def ink_of(art, width_mm)
    UpClose::Cutting::InkRegions.inked(art, width_mm: width_mm)
      .mapped_all(UpClose::Geometry::Transform.move(-width_mm / 2.0, -width_mm * art.ink.aspect / 2))
  end

  describe UpClose::Cutting::Lines::Ink do
    let(:wedge) { art('<polygon points="0,0 40,0 0,30"/>') }

    it "runs so far out from the ink all round: area + perimeter × d + π × d² (Steiner)" do
      expect(cut("ink", wedge, 40.0, around: 3.0).region.area).to be_within(0.05).of(600 + 120 * 3 + Math::PI * 9)
      [0.5, 1.0, 3.0].each do |around|
        line = cut("ink", wedge, 40.0, around: around).region
        points = line.rings.first.map { |x, y| UpClose::Geometry::Point[x, y] }
        expect(points.map { |p| ink_of(wedge, 40.0).distance_from(p) }).to all be_within(0.01).of(around)
      end
    end

    it "is never nearer than asked where it rounds a sharp corner, and leaves none sharper than the radius" do
      region = cut("ink", wedge, 40.0, around: 0.5, radius: 1.5).region
      expect(region.shape.boundary.distance(ink_of(wedge, 40.0).shape)).to be >= 0.5 - 0.004
      # the sharpest corner's bisector points outwards along (1.8, −0.6); there the line is a circle of 1.5 that passes
      # 0.5 outside the corner, so its middle lies 1.0 inside
      way = UpClose::Geometry::Point[1.8, -0.6].unit
      middle = UpClose::Geometry::Point[20, -15] - way
      tip = region.rings.first.map { |x, y| UpClose::Geometry::Point[x, y] - middle }.select { |p| p.dot(way) > 0.3 }
      expect(tip.size).to be > 15
      expect(tip.map(&:length)).to all be_within(0.02).of(1.5)
    end

    it "fills a notch that no knife follows, and keeps one that it does" do
      comb = art('<path d="M0 0H40V20H23V5H22V20H12V5H6V20H0Z"/>')
      region = cut("ink", comb, 40.0, around: 0.2, radius: 0.5).region
      inside = ->(x, y) { region.contains?(UpClose::Geometry::Point[x - 20, y - 10]) }
      # 1 wide less 2 × 0.2 is narrower than 2 × 0.5; 6 wide is not
      expect([inside.call(22.5, 15), inside.call(9, 15)]).to eq [true, false]
    end

    it "cuts out a hole that a blade gets into, and says which it closes" do
      plate = art('<path fill-rule="evenodd" d="M0 0H60V40H0ZM10 10H14V13H10ZM30 10H50V30H30Z"/>')
      line = cut("ink", plate, 60.0)
      expect([line.holes.size, line.closed]).to eq [1, 1]
      # 20 less 2 × 0.5 either way, its corners rounded inwards at 0.5
      expect(UpClose::Geometry::Region.polygon(line.holes.first).area)
        .to be_within(0.02).of(19**2 - (4 - Math::PI) * 0.25)
      expect(cut("ink", plate, 60.0, blade: 1.0).holes.size).to eq 2
    end

    it "holds parts together over the shortest gaps, as one piece" do
      dots = art('<circle cx="5" cy="5" r="5"/><circle cx="18" cy="5" r="5"/><circle cx="18" cy="35" r="5"/>')
      line = cut("ink", dots, 23.0)
      expect([line.joined, line.region.parts.size]).to eq [3, 1]
      # centres 30 apart, less both radii and both borders
      expect(line.bridged_mm).to be_within(0.01).of(30 - 10 - 1)
      # between the near two a disc of 1 + 1 rolls along both: the neck is 2 (√(7.5² − 6.5²) − 2) high
      band = ->(x, y, w, h) { line.region & UpClose::Geometry::Region.box(box(x, y, w, h)) }
      expect(band.call(-0.01, -20, 0.02, 10).box.height).to be_within(0.02).of(2 * (Math.sqrt(7.5**2 - 6.5**2) - 2))
      # between the far two runs a strip as wide as film holds
      expect(band.call(0, -0.1, 12, 0.2).box.width).to be_within(0.02).of(2.0)
    end

    it "follows a picture's pixels to half of one" do
      dark = Vips::Image.black(400, 300).draw_circle(255, 200, 150, 100, fill: true)
      disc = UpClose::Artwork::Picture.made(dark.invert)
      region = cut("ink", disc, 40.0, around: 1.0).region
      reach = region.rings.first.map { |x, y| Math.hypot(x, y) }
      expect(reach.minmax).to all be_within(0.2).of(21.05)
      expect(region.area).to be_within(8).of(Math::PI * 21**2)
    end

    it "is the other way round for a mark that prints turned, and turning twice is none" do
      line = cut("ink", wedge, 40.0)
      expect(line.mirrored.region.contains?(UpClose::Geometry::Point[19, -14])).to be true
      expect(line.mirrored.mirrored).to eq line
    end
  end

  describe UpClose::Cutting::PaperOnPiece do
    let(:rose) { art('<rect width="50" height="30"/>') }

    def paper(line, wall: true, width: 100.0, around: 5.0, diameter: 130.0, **more)
      described_class.new(
        shape: UpClose::Surfaces.build("disc", {diameter_mm: diameter}), wall: wall,
        cut: cut(line, rose, width, around: around, **more), asked: asked(rose, width, around: around, **more),
        placement: UpClose::Placing::Placement.new(width_mm: width),
        writer: UpClose::Measure::LengthWriter.new("mm")
      )
    end

    # box 110 × 70: its corners lie √(55² + 35²) = 65.19 out, the wall at 65
    it "stops where a corner would stand up against a recess's wall, and says how much to cut off" do
      found = paper("box").finding
      expect([found.verdict, found.value]).to match [:stop, be_within(0.001).of(65 - Math.hypot(55, 35))]
      corner = paper("box").corner_mm
      # the cut's own two corners then reach 64.7
      expect(Math.hypot(55, 35 - corner)).to be_within(0.001).of(64.7)
      expect(found.remedy).to eq "Cut its corners off at 45°, 1.0 mm each."
      expect(paper("cut-corners", corner: corner).finding.verdict).to eq :fine
    end

    it "offers less border, where cut corners do not help; over an edge it only tells" do
      expect(paper("box", diameter: 121.0).finding.remedy).to eq "Keep 1.3 mm round the ink instead of 5.0 mm."
      expect(paper("box", diameter: 90.0).finding.remedy).to eq "Make the mark smaller, or move it."
      over = paper("box", wall: false, diameter: 120.0).finding
      expect([over.verdict, over.value]).to match [:note, be_within(0.001).of(Math.hypot(55, 35) - 60)]
    end
  end
end
