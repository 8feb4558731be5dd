# frozen_string_literal: true

RSpec.describe UpClose::Covering do
  def shape(key, **measures) = UpClose::Surfaces.build(key, measures)

  let(:writer) { UpClose::Measure::LengthWriter.new("mm") }
  let(:disc) { shape("disc", diameter_mm: 30.0) }
  # one unit a tenth of a millimetre: 40 × 30 mm, dark but for a light stripe down its middle
  let(:photo) do
    stripe = Vips::Image.black(400, 300).draw_rect(255, 190, 0, 20, 300, fill: true)
    UpClose::Artwork::Picture.made((stripe > 0).ifthenelse(200, 60))
  end

  def cover(**fields) = UpClose::Covering::Cover.new(**fields)

  def prepared(artwork, shape, per_mm: 10.0, **figures)
    step = {"key" => "cover", "on" => true, **figures.transform_keys(&:to_s)}
    UpClose::Artwork::Recipe.new([step]).call(artwork, per_mm: per_mm, shape: shape).artwork
  end

  describe UpClose::Covering::Cover do
    it "is the piece grown by the bleed, or shrunk by the margin" do
      expect(cover.region(disc).area).to be_within(0.15).of(Math::PI * 16.5**2)
      expect(cover(edge_mm: -1.0).region(disc).area).to be_within(0.15).of(Math::PI * 14**2)
      plate = shape("rectangle", width_mm: 40.0, height_mm: 20.0)
      # Steiner: area + perimeter × d + π d²
      expect(cover(edge_mm: 2.0).region(plate).area).to be_within(0.03).of(800 + 120 * 2 + Math::PI * 4)
      expect(cover(edge_mm: -2.0).region(plate).area).to be_within(1e-6).of(36 * 16)
      expect(cover.region(shape("ring", outer_mm: 60.0, hole_mm: 20.0)).area)
        .to be_within(0.3).of(Math::PI * (31.5**2 - 8.5**2))
      expect { cover(edge_mm: -15.0).region(disc) }
        .to raise_error(UpClose::Errors::BadShape, /Nothing of the piece is left/)
    end

    it "goes once round a wall exactly, with a bleed at rim and foot alone, or one end over the other" do
      tube = shape("cylinder", diameter_mm: 80.0, height_mm: 90.0, film_mm: 0.05)
      around = Math::PI * 80.05
      expect(cover.region(tube).box.to_a).to match [-around / 2, -46.5, around, 93.0].map { |v| be_within(1e-6).of(v) }
      over = cover(seam: "overlap", overlap_mm: 3.0)
      expect(over.region(tube).box.width).to be_within(1e-6).of(around + 3)
      cup = shape("cup", top_mm: 84.0, foot_mm: 66.0, slant_mm: 95.0)
      # a sector between the radii 443.33 + 1.5 and 348.33 − 1.5
      radius, angle = 84 * 95 / 18.0, 2 * Math::PI * 42 / (84 * 95 / 18.0)
      expect(cover.region(cup).area).to be_within(1).of(angle / 2 * ((radius + 1.5)**2 - (radius - 96.5)**2))
    end

    it "finds the least width of a picture that leaves nothing bare, at any place and turn" do
      # 33 across wants 33 high: 44 wide of 4 : 3
      expect(cover.least_picture_mm(cover.region(disc), 0.75)).to be_within(0.01).of(44)
      moved = cover(x_mm: 2.0, y_mm: -1.0)
      expect(moved.least_picture_mm(moved.region(disc), 0.75)).to be_within(0.01).of(2 * 17.5 / 0.75)
      square = shape("rectangle", width_mm: 20.0, height_mm: 20.0)
      turned = cover(edge_mm: 0.0, turn_deg: 45.0)
      expect(turned.least_picture_mm(turned.region(square), 1.0)).to be_within(1e-6).of(20 * Math.sqrt(2))
    end

    it "is the same again from what is kept of it" do
      kept = cover(edge_mm: -0.8, picture_mm: 40.0, x_mm: 1.5, turn_deg: 12.0, seam: "overlap")
      expect(UpClose::Covering::Cover.from_h(JSON.parse(kept.to_h.to_json)).to_h).to eq kept.to_h
    end
  end

  describe UpClose::Covering::CoverFindings do
    def told(cover, on = disc) = described_class.new(cover, on, 0.75, writer).findings.to_h { |f| [f.key, f] }

    it "tells what the picture leaves empty, where, and how wide it would have to be" do
      expect(told(cover(picture_mm: 44.0))[:empty].verdict).to be :fine
      found = told(cover(picture_mm: 40.0))[:empty]
      # two segments of the circle of 16.5 beyond 15: r² acos(d/r) − d √(r² − d²) each
      segment = 16.5**2 * Math.acos(15 / 16.5) - 15 * Math.sqrt(16.5**2 - 15**2)
      expect(found.value).to be_within(0.05).of(2 * segment)
      expect(found.reason).to eq "Bare at the top and at the foot."
      expect(found.remedy).to start_with("44.0 mm wide covers all of it")
    end

    it "says how it ends, and how a wrap meets" do
      expect(told(cover(picture_mm: 50.0, edge_mm: 0.2))[:cover].verdict).to be :watch
      tube = shape("cylinder", diameter_mm: 80.0, height_mm: 90.0, film_mm: 0.0)
      expect(told(cover(picture_mm: 300.0), tube)[:seam].figure).to eq "butt"
      expect(told(cover(picture_mm: 300.0, seam: "overlap"), tube)[:seam].figure).to eq "2.0 mm over"
    end
  end

  describe UpClose::Artwork::Preparing::Cover do
    it "cuts a picture to the outline, its middle where it was moved to, its ink the whole of that" do
      made = prepared(photo, disc, x_mm: 3.0, y_mm: 0.0)
      expect([made.ink.box.width, made.ink.box.height]).to all be_within(1).of(330)
      grey = made.image[0]
      # the stripe stood in the picture's middle, and lies 3 mm right of the disc's now
      row = grey.crop(0, 165, grey.width, 1).to_a.flatten
      light = row.each_index.select { |x| row[x].between?(180, 230) }
      expect(light.sum / light.size.to_f + 0.5).to be_within(0.6).of(165 + 30)
      # the corners are gone, and what was left of the picture too
      expect([grey.getpoint(2, 2), grey.getpoint(327, 2)]).to all eq [255]
      expect(grey.getpoint(165, 20).first).to be_within(3).of(60)
    end

    it "keeps lines as lines, seen inside the outline alone, in pixels as in print" do
      drawing = opened(svg('<rect width="40" height="20"/>'))
      made = prepared(drawing, disc, per_mm: 0.8, turn_deg: 90.0, x_mm: 0.0)
      expect([made.vector?, made.ink.box.width]).to match [true, be_within(0.01).of(26.4)]
      seen = UpClose::Formats::SVG::Raster.call(made, frame: made.ink.box, scale: 20.0)[0] < 128
      # 20 units of height stand upright now: the band |x| < 10 of the disc of 13.2
      band = 2 * (10 * Math.sqrt(13.2**2 - 10**2) + 13.2**2 * Math.asin(10 / 13.2))
      expect(seen.avg / 255 * seen.width * seen.height / 400).to be_within(band * 0.002).of(band)
      pdf = UpClose::Formats::PDF::Writer.new([page_of(made)], fonts: Shelves::PrintTypes.paths, title: "c").call
      printed = FoundMarks.pages(pdf, "pdf").first < 128
      expect(printed.avg / 255 * printed.width * printed.height / FoundMarks::PER_MM**2)
        .to be_within(2).of(band / 0.64)
    end

    # its ink 33 mm wide, on a page of its own
    def page_of(drawing)
      box = UpClose::Geometry::Box.new(x: 20, y: 20, width: 33, height: 33)
      UpClose::Printing::Page.new(
        paper: UpClose::Printing::Paper.fetch("a5"),
        items: [UpClose::Printing::Items::Mark.new(artwork: drawing, ink: drawing.ink, box: box, mirrored: false)]
      )
    end
  end
end

RSpec.describe UpClose::Geometry::Algorithms::MonotoneCurve do
  it "runs through its points, rises only where they do, and is a line where they are" do
    points = [[0, 6], [12, 34], [30, 58], [50, 66], [70, 54], [86, 28], [95, 12]]
    curve = described_class.new(points)
    expect(points.map { |x, _| curve.at(x) }).to match(points.map { |_, y| be_within(1e-9).of(y) })
    # up to 66 at 50 and down again, nowhere beyond
    values = (0..950).map { |i| curve.at(i / 10.0) }
    expect([values.max, values.first(500).each_cons(2).all? { |a, b| b >= a - 1e-9 }]).to eq [66, true]
    expect(values.drop(500).each_cons(2)).to all(satisfy { |a, b| b <= a + 1e-9 })
    # the slope is the derivative
    expect((1..94).map { |x| (curve.at(x + 1e-5) - curve.at(x - 1e-5)) / 2e-5 - curve.slope(x) })
      .to all be_within(1e-4).of(0)
    expect(described_class.new([[0, 10], [5, 20], [9, 28]]).at(7)).to be_within(1e-9).of(24)
  end
end

RSpec.describe UpClose::Covering::Pins do
  def pin(u, v, x, y) = described_class::Pin.new(UpClose::Geometry::Point[u, v], UpClose::Geometry::Point[x, y])

  let(:cover) { UpClose::Covering::Cover.new(picture_mm: 80.0, x_mm: 3.0, turn_deg: 0.0) }

  it "moves a picture by one pin, and sizes and turns it by two" do
    one = described_class.new([pin(-0.25, 0.1, -10, 4)]).call(cover)
    # the place lay at 3 − 20, 8
    expect(one).to have_attributes(x_mm: be_within(1e-9).of(10), y_mm: be_within(1e-9).of(-4), picture_mm: 80.0)
    # half as wide apart as 40 mm asks: twice; and a quarter turn
    two = described_class.new([pin(-0.25, 0, 0, -20), pin(0.25, 0, 0, 20)]).call(cover)
    expect([two.picture_mm, two.turn_deg, two.x_mm]).to match [80, 90, 0].map { |value| be_within(1e-9).of(value) }
    expect(described_class.new([pin(-0.25, 0, 0, -20), pin(0.25, 0, 0, 20)]).misses(two)).to all be < 1e-9
  end

  it "misses three that no similarity holds by as little as may be, and finds a place of the picture again" do
    pins = described_class.new([pin(-0.25, 0, -20, 0), pin(0.25, 0, 20, 0), pin(0, 0.1, 0, 11)])
    held = pins.call(cover)
    sum = ->(at) { pins.misses(at).sum { |mm| mm**2 } }
    moved = {x_mm: 0.1, y_mm: -0.1, picture_mm: 0.8, turn_deg: 0.5}
    near = moved.map { |name, by| held.with(name => held.public_send(name) + by) }
    expect(near.map(&sum)).to all be > sum.call(held)
    turned = cover.with(turn_deg: 30.0)
    on = described_class.on_picture(turned, UpClose::Geometry::Point[12, 7])
    expect(described_class.new([described_class::Pin.new(on, UpClose::Geometry::Point[12, 7])]).misses(turned))
      .to all be < 1e-9
  end
end
