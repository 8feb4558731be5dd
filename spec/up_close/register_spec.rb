# frozen_string_literal: true

RSpec.describe UpClose::Register do
  let(:cup) { UpClose::Surfaces.build("cup", {top_mm: 84.0, foot_mm: 66.0, slant_mm: 95.0}) }
  let(:tube) { UpClose::Surfaces.build("cylinder", {diameter_mm: 80.0, height_mm: 90.0, film_mm: 0.0}) }

  def wall(shape) = UpClose::Register::Wall.new(shape)

  def length(points) = points.each_cons(2).sum { |a, b| a.distance(b) }

  describe UpClose::Register::Wall do
    it "knows its girth, and the arc that a height lies on laid flat" do
      # R = 84 × 95 ÷ 18 = 443.33; 40 below the rim the cup is 84 − 18 × 40 ÷ 95 = 76.42 across
      expect(wall(cup).girth(40)).to be_within(1e-9).of(Math::PI * (84 - 18 * 40 / 95.0))
      expect(wall(cup).arc_radius(40)).to be_within(1e-9).of(84 * 95 / 18.0 - 40)
      expect([wall(tube).girth(10), wall(tube).arc_radius(10)]).to eq [Math::PI * 80, nil]
    end

    it "finds a place again that it laid flat, whichever end is wider" do
      wider = UpClose::Surfaces.build("cup", {top_mm: 66.0, foot_mm: 84.0, slant_mm: 95.0})
      [cup, wider, tube].each do |shape|
        [[0.1, 12.0], [0.5, 40.0], [0.8, 80.0]].each do |turn, down|
          expect(wall(shape).place(wall(shape).flat(turn, down)))
            .to match [be_within(1e-9).of(turn - 0.5), be_within(1e-9).of(down)]
        end
        expect(wall(shape).flat(0.5, 5).y).to be < wall(shape).flat(0.5, 80).y
      end
    end
  end

  describe UpClose::Register::Strap do
    def strap(shape, handle: 0.25, down: 40.0, high: 20.0, film: [0.1, 46.0, 54.0])
      half, top, foot = film
      described_class.new(
        wall(shape), down_mm: down, high_mm: high, handle: handle,
        corners: [[-half, top], [half, top], [half, foot], [-half, foot]]
      )
    end

    it "is as long as the girth at both its edges, and an overlap more" do
      made = strap(cup)
      points = made.layers["CUT"].first.flatten(0.001).first.first
      upper, lower = points.partition { |p| (p.distance(cup.unrolled.centre) - (84 * 95 / 18.0 - 40)).abs < 0.01 }
      expect(length(upper)).to be_within(0.01).of(made.upper + 10)
      expect(length(lower)).to be_within(0.01).of(made.lower * (1 + 10 / made.upper))
      # the drawing's own box, by trigonometry: its ends lean by half the sector's angle
      half = Math::PI * 42 / (84 * 95 / 18.0)
      expect(made.box.x).to be_within(0.001).of(-(84 * 95 / 18.0 - 40) * Math.sin(half))
      expect(strap(tube).box.to_a).to match [be_within(1e-9).of(-40 * Math::PI), -5.0,
        be_within(1e-9).of(80 * Math::PI + 10), 20.0]
    end

    it "begins at the handle: a mark on the front, the handle a quarter to its right, lies at three quarters" do
      expect(strap(cup).corners.map(&:first)).to match [0.65, 0.85, 0.85, 0.65].map { |v| be_within(1e-9).of(v) }
      expect(strap(cup, handle: 0.5).corners.first.first).to be_within(1e-9).of(0.4)
      expect { strap(cup, handle: 0.0) }.to raise_error(UpClose::Errors::BadShape, /ends would meet where the film/)
      expect { strap(cup, down: 80.0) }.to raise_error(UpClose::Errors::BadShape, /80 to 100 mm below the rim/)
    end

    it "cuts a window where enough of it stays round that, and marks the corners alone where not" do
      expect(strap(cup).layers["CUT"].size).to eq 2
      tall = strap(cup, film: [0.1, 41.0, 59.0])
      expect([tall.window?, tall.layers["CUT"].size]).to eq [false, 1]
      expect(tall.labels.map(&:words)).to include("1", "2", "3", "4", "handle", "opposite the handle")
      expect(tall.labels.map(&:words)).not_to include("a quarter before")
    end
  end

  describe UpClose::Register::CutOver do
    def cut_over(shape, half, wall: false)
      film = [[-half, -half], [half, -half], [half, half], [-half, half]].map { |x, y| UpClose::Geometry::Point[x, y] }
      described_class.new(shape, film: film, wall: wall)
    end

    let(:disc) { UpClose::Surfaces.build("disc", {diameter_mm: 60.0}) }

    it "is the piece less the window, with four tabs to fold over its edge" do
      # π 30² − 20², and 4 tabs as far as 36, each less what the disc covers of its strip: ∫ √(30² − x²) from −6 to 6
      strip = 6 * Math.sqrt(30**2 - 6**2) + 30**2 * Math.asin(6 / 30.0)
      expect(cut_over(disc, 10).sheet.area).to be_within(0.2).of(Math::PI * 900 - 400 + 4 * (12 * 36 - strip))
      expect(cut_over(disc, 10).layers["SCORE"].map { |path| path.box.to_a.last(2).max }).to all be_within(1e-6).of(12)
    end

    it "lies loosely inside a wall, and refuses where nothing would hold it" do
      inside = cut_over(disc, 10, wall: true)
      expect(inside.box.width).to be_within(0.01).of(59.6)
      expect(inside.layers["SCORE"]).to be_empty
      expect(inside.narrowest_mm).to be_within(0.01).of(30 - Math.hypot(10, 10))
      wide = cut_over(disc, 21.0)
      expect([wide.whole?, wide.findings(UpClose::Measure::LengthWriter.new("mm")).first.verdict]).to eq [false, :stop]
    end
  end
end
