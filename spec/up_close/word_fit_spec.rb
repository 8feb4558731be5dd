# frozen_string_literal: true

RSpec.describe UpClose::Artwork::WordFit do
  let(:face) { Shelves::FontShelf.fetch("dancing-script-bold") }
  let(:per_mm) { 10.0 }

  def pose(**fields) = UpClose::Artwork::WordPose.from_h(fields)

  def outline(text = "Wrenfold") = UpClose::Artwork::WordOutline.new(face, text)

  # the word as a camera would see it: dark on wood, a little soft, a little noisy; 90 × 40 mm about the origin
  def photo(true_pose, text: "Wrenfold", dark: 60, light: 190)
    path = outline(text).path(true_pose)
    drawing = UpClose::Artwork::Drawing.new([
      UpClose::Graphics::Painted.new(path: path, fill: UpClose::Colour::BLACK, even_odd: false)
    ])
    frame = box(-45, -20, 90, 40)
    image = UpClose::Formats::SVG::Raster.call(drawing, frame: frame, scale: per_mm)[0]
    noise = Vips::Image.gaussnoise(image.width, image.height, sigma: 8, mean: 0, seed: 7)
    seen = image.gaussblur(1.2) * ((light - dark) / 255.0) + dark + noise
    UpClose::Artwork::WordEdges.new(
      seen.rint.cast(:uchar), per_mm: per_mm, corner: UpClose::Geometry::Point[-45, -20]
    )
  end

  it "finds height, width, turn, slant and spacing again from a rough guess" do
    wanted = pose(x_mm: 1.5, y_mm: 3.0, cap_mm: 9.0, stretch: 1.06, turn_deg: 2.5, slant_deg: 4.0, spacing: 0.04)
    found = described_class.new(outline, photo(wanted)).call(pose(x_mm: 0, y_mm: 2, cap_mm: 8.4))
    expect([found.left_mm, found.over?]).to match [be < 0.1, true]
    expect(found.pose).to have_attributes(
      x_mm: be_within(0.15).of(1.5), y_mm: be_within(0.1).of(3), cap_mm: be_within(0.1).of(9),
      turn_deg: be_within(0.3).of(2.5)
    )
    # width over all, which stretch and spacing make between them
    wide = ->(at) { outline.points(at).map(&:x).minmax.then { |a, b| b - a } }
    expect(wide.call(found.pose)).to be_within(0.2).of(wide.call(wanted))
  end

  it "follows light letters on dark ground, and an arc where one is looked for" do
    wanted = pose(x_mm: 0, y_mm: 2, cap_mm: 8.0, bend: 0.06)
    light = photo(wanted, dark: 200, light: 40)
    found = described_class.new(outline, light, bent: true).call(pose(x_mm: 0, y_mm: 1, cap_mm: 7.6))
    expect(found.left_mm).to be < 0.15
    expect(found.pose.bend).to be_within(0.006).of(0.06)
  end

  it "does not shrink to nothing over what is no word" do
    wanted = pose(x_mm: 0, y_mm: 4, cap_mm: 14.0)
    found = described_class.new(outline("Tern"), photo(wanted, text: "BELL")).call(pose(x_mm: 25, y_mm: 15, cap_mm: 4))
    expect([found.over?, found.pose.cap_mm]).to match [false, be >= 0.6 * 4]
  end

  it "sets letters as they were found: the drawing lies where the fit says, within hundredths" do
    at = pose(x_mm: 2, y_mm: -1, cap_mm: 7, stretch: 1.1, turn_deg: 8, slant_deg: 10, spacing: 0.05, bend: 0.05)
    drawing = UpClose::Artwork::Lettering.new(face, "Wren", setting: at.setting).drawing
    fitted = UpClose::Geometry::Box.around(UpClose::Artwork::WordOutline.new(face, "Wren").points(at))
    map = UpClose::Geometry::Transform.scale(7)
    # the setting stands on an arc about the origin: its line's middle is on top
    down = UpClose::Geometry::Transform.move(0, 1 / 0.05).then(map)
      .then(UpClose::Geometry::Transform.turn(8)).then(UpClose::Geometry::Transform.move(2, -1))
    corners = drawing.shapes.flat_map { |shape| shape.path.transform(down).flatten(0.01).flat_map(&:first) }
    set = UpClose::Geometry::Box.around(corners)
    expect(set.to_a).to match(fitted.to_a.map { |value| be_within(0.12).of(value) })
  end

  it "says when nothing stands out" do
    expect {
      UpClose::Artwork::WordEdges.new(Vips::Image.black(80, 40), per_mm: 10.0, corner: UpClose::Geometry::Point[0, 0])
    }.to raise_error(UpClose::Errors::BadArtwork, /No letters can be found/)
  end

  describe UpClose::Artwork::WordPose do
    let(:pose) { described_class.from_h(x_mm: 10, y_mm: 5, cap_mm: 4, turn_deg: 10, slant_deg: 5, bend: 0.05) }

    it "turns and sizes all of it about the other end when one is drawn somewhere" do
      drawn = pose.drawn("right", UpClose::Geometry::Point[40, 20], 6.0)
      was, now = [pose, drawn].map { |one| one.handles(6.0) }
      expect(now["left"].to_a).to match(was["left"].to_a.map { |mm| be_within(1e-9).of(mm) })
      expect(now["right"].to_a).to match [be_within(1e-9).of(40), be_within(1e-9).of(20)]
      times = (now["right"] - now["left"]).length / (was["right"] - was["left"]).length
      expect([drawn.cap_mm, drawn.stretch]).to match [be_within(1e-9).of(4 * times), 1.0]
    end

    it "becomes higher by its top, its ends where they were, and never shrinks to nothing" do
      straight = pose.with(bend: 0.0, turn_deg: 0.0)
      higher = straight.drawn("top", UpClose::Geometry::Point[12, -3], 6.0)
      # from 5 up to −3
      expect([higher.cap_mm, higher.stretch]).to eq [8.0, 0.5]
      expect(higher.handles(6.0)["left"]).to eq straight.handles(6.0)["left"]
      expect(straight.drawn("top", UpClose::Geometry::Point[12, 9], 6.0).cap_mm).to eq 0.2
    end
  end
end
