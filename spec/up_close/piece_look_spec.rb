# frozen_string_literal: true

RSpec.describe UpClose::Artwork::PieceGround do
  # 240 × 160 of two paints, a light wood over a dark pour, lit from the left: what the camera would show
  let(:wood) { UpClose::Colour.hex("#d8b982") }
  let(:pour) { UpClose::Colour.hex("#20303a") }

  def lit(strength: 0.5, exposure: 0.8)
    xyz = Vips::Image.xyz(240, 160)
    parts = (xyz[1] < 100)
    ground = parts.ifthenelse(Vips::Image.black(240, 160, bands: 3) + wood.reflectance,
      Vips::Image.black(240, 160, bands: 3) + pour.reflectance)
    light = (xyz[0] / 240.0 - 0.5) * -strength + 1
    (ground * light * exposure).cast(:float)
  end

  def photo(linear) = linear.copy(interpretation: :scrgb).colourspace(:srgb)

  def at(image, x, y) = image.getpoint(x, y)

  it "takes out light that falls off, and does not take a dark pour for shade" do
    even = described_class.new(photo(lit), typed: wood)
    seen = even.reflectance
    [[20, 40], [120, 40], [220, 40]].each do |x, y|
      expect(at(seen, x, y)).to match(wood.reflectance.map { |v| be_within(0.03).of(v) })
    end
    [[20, 140], [220, 140]].each do |x, y|
      expect(at(seen, x, y)).to match(pour.reflectance.map { |v| be_within(0.01).of(v) })
    end
    # from 1.25 to 0.75
    expect(even.falloff).to be_within(0.05).of(0.4)
    expect(even.finding).to have_attributes(verdict: :fine, figure: /± 1\d %/)
  end

  it "scales by white paper in the picture where there is some, whatever was typed" do
    paper = Vips::Image.black(40, 30, bands: 3) + [0.85] * 3
    with_paper = lit(strength: 0.0, exposure: 1.0).insert(paper, 190, 10) * 0.6
    ground = described_class.new(photo(with_paper), typed: UpClose::Colour::WHITE, white: box(195, 14, 28, 20))
    expect(at(ground.reflectance, 60, 40)).to match(wood.reflectance.map { |v| be_within(0.03).of(v) })
    expect(ground.uncertainty).to be < 0.1
    expect(described_class.new(photo(lit(strength: 1.6)), typed: wood).finding.verdict).to be :watch
  end
end

RSpec.describe UpClose::Artwork::PieceLook do
  def flat(*channels, width: 200, height: 100) = (Vips::Image.black(width, height, bands: 3) + channels).cast(:float)

  # black ink on the left quarter, blue on the right one
  let(:ink) do
    x = Vips::Image.xyz(200, 100)[0]
    (x < 50).ifthenelse(flat(0.02, 0.02, 0.02), (x >= 150).ifthenelse(flat(0.05, 0.1, 0.5), flat(1, 1, 1)))
  end

  it "lays ink as a filter, and white film under it" do
    look = described_class.new(flat(0.6, 0.4, 0.2), per_mm: 10.0)
    expect(look.with(ink).ground.getpoint(20, 50)).to match([0.012, 0.008, 0.004].map { |v| be_within(1e-4).of(v) })
    film = (Vips::Image.black(200, 100) + 1.0).cast(:float)
    white = look.with(ink, film: film)
    # w + (1 − w) S = 0.85 + 0.15 × 0.2, and blue of it
    expect(white.ground.getpoint(180, 50)[2]).to be_within(1e-4).of(0.88 * 0.5)
    expect(look.contrast).to be_nil
  end

  it "rings what is hard to read, and tells by how much" do
    # a light ground beside a dark pour
    x = Vips::Image.xyz(200, 100)[0]
    ground = (x < 100).ifthenelse(flat(0.6, 0.5, 0.4), flat(0.03, 0.03, 0.04))
    look = described_class.new(ground, per_mm: 10.0).with(ink)
    hard = look.hard_to_read
    expect(hard.size).to eq 1
    expect([hard.first.box.x, hard.first.box.right]).to match [be_between(13, 15), be_within(0.3).of(20)]
    # luminances: ground 0.0307, blue on it 0.00391: (0.0307 + 0.05) ÷ (0.00391 + 0.05)
    expect(hard.first.ratio).to be_within(0.02).of((0.0307 + 0.05) / (0.00391 + 0.05))
    film = (Vips::Image.black(200, 100) + 1.0).cast(:float)
    expect(described_class.new(ground, per_mm: 10.0).with(ink, film: film).hard_to_read).to be_empty
  end
end
