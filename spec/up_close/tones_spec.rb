# frozen_string_literal: true

RSpec.describe UpClose::Artwork::Preparing do
  # a grey ramp of 256 columns from dark to light, as a dull photo has it
  def ramp(dark, light)
    picture(Vips::Image.xyz(256, 40)[0] * ((light - dark) / 255.0) + dark)
  end

  def picture(image) = UpClose::Artwork::Picture.made(image.rint.cast(:uchar))

  def done(key, art, **figures)
    step = {"key" => key, "on" => true}.merge(figures.transform_keys(&:to_s))
    UpClose::Artwork::Recipe.new([step]).call(art, per_mm: 10.0).artwork.image
  end

  def tone(image, column) = image.getpoint(column, 20).first

  it "stretches a dull photo from full ink to bare, and moves what lies between lighter or darker" do
    dull = ramp(70, 190)
    made = done("levels", dull)
    expect([tone(made, 0), tone(made, 255)]).to match [be < 3, be > 252]
    expect(tone(made, 128)).to be_within(2).of(128)
    # half of full ink, squared: lighter 50 doubles the power
    expect(tone(done("levels", dull, lighter: 50), 128)).to be_within(2).of(255 * (1 - 0.25))
    expect(tone(done("levels", dull, lighter: -50), 128)).to be_within(2).of(255 * (1 - Math.sqrt(0.5)))
    # by hand: 20 % and 80 % of white are 51 and 204
    hand = done("levels", ramp(0, 254), darkest: 20, lightest: 80)
    expect(tone(hand, 128)).to be_within(2).of(255 * (127.5 - 51) / 153)
  end

  it "moves tones apart from the picture's own middle, and nearer" do
    art = ramp(60, 180)
    expect(tone(done("contrast", art, more: 50), 64)).to be_within(2).of(120 - 30 * Math.tan(Math::PI * 3 / 8))
    expect(tone(done("contrast", art, more: -50), 0)).to be_within(2).of(120 - 60 * Math.tan(Math::PI / 8))
    expect(done("contrast", art, more: -100).then { |image| image.max - image.min }).to be <= 1
  end

  it "sharpens an edge on both sides, and leaves even ground alone" do
    edge = picture((Vips::Image.xyz(200, 40)[0] >= 100).ifthenelse(180, 80))
    made = done("sharpen", edge, over_mm: 0.3, by: 100)
    expect([tone(made, 20), tone(made, 180)]).to eq [80, 180]
    expect([tone(made, 98), tone(made, 101)]).to match [be < 60, be > 200]
  end

  # a face, a dark night, a pale fog, a fine weave: what makers bring
  photos = {
    "a soft ball" => ->(x, y) { (((x - 150)**2 + (y - 100)**2)**0.5 < 80).ifthenelse(150, 210) + (x * 0.05) },
    "a night" => ->(x, y) { ((x % 60) < 3).ifthenelse(60, 18) + (y * 0.03) },
    "a fog" => ->(x, _) { ((x % 100) < 50).ifthenelse(228, 236) },
    "a weave" => ->(x, y) { ((x % 7) < 3).ifthenelse(120, 180) - ((y % 9) < 4).ifthenelse(30, 0) }
  }
  photos.each do |name, paint|
    it "makes neither a blank nor a black sheet of #{name} at first, and follows the slider" do
      xy = Vips::Image.xyz(300, 200)
      art = picture(paint.call(xy[0], xy[1]))
      inked = ->(key, **figures) { 1 - done(key, art, **figures).avg / 255 }
      expect(inked.call("pencil")).to be_between(0.004, 0.5)
      expect(inked.call("ink-lines")).to be_between(0.004, 0.5)
      expect(inked.call("pencil", lighter: 60)).to be < inked.call("pencil")
      expect(inked.call("pencil", lighter: -60)).to be > inked.call("pencil")
    end
  end
end
