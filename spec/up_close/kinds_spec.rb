# frozen_string_literal: true

require_relative "../support/drawn_pictures"

# Pictures as makers bring them, told apart and checked as what they are.
RSpec.describe UpClose::Artwork::Kind do
  include CheckedArtwork

  def opened_picture(drawn) = UpClose::Artwork::Opening.call(drawn.bytes)

  def told(drawn) = described_class.of(opened_picture(drawn))

  def looked(drawn, width_mm, **about)
    method = UpClose::Methods.fetch("water-slide")
    UpClose::Artwork::CheckContext.new(
      artwork: opened_picture(drawn), width_mm: width_mm, printer: :inkjet,
      limits: UpClose::Methods::Limits.for(method: method, printer: :inkjet), **about
    )
  end

  def findings(subject) = UpClose::Artwork::Checks.findings(subject).to_h { |finding| [finding.key, finding] }

  # kinds of pictures by what is true of them, and how each is drawn of a seed
  drawings = {
    "scene" => ->(seed) { DrawnPictures.photograph(seed) },
    "scan" => ->(seed) { DrawnPictures.scan(seed) },
    "newspaper's dots" => ->(seed) { DrawnPictures.halftone(seed) },
    "label with a photograph" => ->(seed) { DrawnPictures.label(seed) }
  }
  %i[none jpeg resaved blur].each do |damage|
    drawings["line work, #{damage}"] = ->(seed) { DrawnPictures.line_work(seed, damage: damage) }
    drawings["logo, #{damage}"] = ->(seed) { DrawnPictures.logo(seed, damage: damage) }
  end
  drawings.each do |name, draw|
    it "tells what a #{name} is" do
      drawn = draw.call(1)
      expect(told(drawn).key).to eq drawn.facts[:kind]
    end

    it "tells it of twenty: #{name}", :slow do
      wrong = (2..21).reject { |seed| draw.call(seed).then { |drawn| told(drawn).key == drawn.facts[:kind] } }
      expect(wrong).to be_empty
    end
  end

  it "tells the kind of a drawing from its paints, and takes its maker's word for any" do
    one = drawn('<path d="M2 2h9" fill="none" stroke="#123"/>')
    two = drawn('<rect width="9" height="9" fill="#123"/><circle r="3"/>')
    expect([one, two].map { |art| described_class.of(art).key }).to eq %i[lines flat]
    expect(described_class.of(one, "photograph")).to have_attributes(key: :photograph, words: "photograph", palest: nil)
    expect { described_class.of(one, "oil") }.to raise_error ArgumentError
  end

  it "finds even tone, grain and a sky for what they are, and a picture of one colour for no photograph" do
    y = Vips::Image.xyz(900, 700)[1]
    grain = Vips::Image.gaussnoise(900, 700, mean: 0, sigma: 6, seed: 1)
    sky, soft, even = (y * 0.2 + 110 + grain), y * 0.12 + 160, Vips::Image.black(60, 60)
    made = [sky, soft, even, Vips::Image.black(1, 1)].map { |image| UpClose::Artwork::Picture.made(image) }
    expect(made.map { |art| described_class.of(art).key }).to eq %i[photograph photograph lines lines]
  end

  it "judges a photograph by its detail, not by lines that it has not, and stops nothing of it" do
    of = findings(looked(DrawnPictures.photograph(5), 40.0))
    expect(of.keys & %i[thinnest_line thinnest_gap specks]).to be_empty
    expect(of.values.select(&:stop?).map(&:title)).to be_empty
    # what is coarse goes through a coarse sieve: the finer its own detail is printed, the more is lost
    lost = [50.0, 10.0].map { |wide| findings(looked(DrawnPictures.photograph(5), wide))[:detail].value }
    expect(lost.last).to be > 1.3 * lost.first
    as_lines = findings(looked(DrawnPictures.photograph(5), 10.0, kind: :lines))
    expect(as_lines).to include(:thinnest_line)
  end

  it "measures lines within 0.04 mm and boxes within a pixel, however often it was saved", :aggregate_failures do
    {none: 3, jpeg: 2, resaved: 3, blur: 2}.each do |damage, seed|
      drawn = DrawnPictures.line_work(seed, damage: damage)
      subject = looked(drawn, 60.0)
      box = subject.artwork.ink.box.width
      expect([damage, box]).to match [damage, be_within((damage == :resaved) ? 2.5 : 1.0).of(drawn.facts[:box_px])]
      expect(subject.finest_mm).to be_within(0.04).of(60.0 * drawn.facts[:line_px] / drawn.facts[:box_px])
      expect(findings(subject).values.select(&:stop?).map(&:key)).to be_empty
    end
  end

  it "keeps a pale line beside black ink, and measures it, though the picture was packed" do
    pale = "<rect x='50' y='50' width='500' height='80'/><g fill='#c2c2c2'>" \
      "<rect x='70' y='138' width='300' height='4'/><rect x='70' y='150' width='12' height='12'/></g>"
    picture = DrawnPictures.colours(600, 220, pale)
    [picture.pngsave_buffer, picture.jpegsave_buffer(Q: 70)].each do |bytes|
      subject = looked(DrawnPictures::Drawn.new(bytes, "pale", {}), 100.0)
      expect(subject.artwork.ink.box.to_a.zip([50, 50, 500, 112]).map { |a, b| (a - b).abs }.max).to be <= 1
      expect(subject.finest_mm).to be_within(0.1).of(100 * 4 / 500.0)
    end
  end

  it "looks for the lines of a label beside its photograph alone" do
    drawn = DrawnPictures.label(3)
    subject = looked(drawn, 60.0)
    expect(subject.finest_mm).to be_within(0.05).of(60.0 * 6 / 780)
    expect(findings(subject)).to include(:thinnest_line, :thinnest_gap, :detail)
    expect(subject.thin_ink.below).to be_empty
  end

  it "takes grey paper with grain and folds for paper, and the drawing's width for the width" do
    drawn = DrawnPictures.scan(4)
    subject = looked(drawn, 50.0)
    expect(findings(subject)[:ground]).to have_attributes(verdict: :stop, reason: /looks like paper/)
    expect(subject.artwork.ink.box.width).to be_within(4).of(drawn.facts[:box_px])
    cream = "<rect width='300' height='300' fill='#d8cfa8'/><circle cx='150' cy='150' r='90'/>"
    plain = DrawnPictures.colours(300, 300, cream)
    meant = DrawnPictures::Drawn.new(plain.pngsave_buffer, "plain.png", {})
    expect(findings(looked(meant, 50.0))[:ground]).to have_attributes(verdict: :fine, reason: /taken as meant/)
  end

  it "takes a notch that closes at its tip for no gap, and a slot and two bodies apart for gaps" do
    touching = drawn('<circle cx="7" cy="12" r="5"/><circle cx="16.98" cy="12" r="5"/>')
    apart = drawn('<circle cx="6.95" cy="12" r="5"/><circle cx="17.05" cy="12" r="5"/>')
    slot = drawn('<path d="M2 2H22V22H2ZM2 11.9V12.1H15V11.9Z" fill-rule="evenodd"/>')
    below = [touching, apart, slot].map { |art| survey(art, width_of(art), ground: true, limit_mm: 0.3).below }
    expect(below.map(&:any?)).to eq [false, true, true]
    expect([apart, slot].zip([0.1, 0.2]).map { |art, wide|
      (survey(art, width_of(art), ground: true, limit_mm: 0.3).thinnest - wide).abs < 0.03
    }).to eq [true, true]
  end

  it "holds a resist to one thing only: covered or bare" do
    drawn = DrawnPictures.photograph(2)
    resist = UpClose::Methods::Limits.for(
      method: UpClose::Methods.fetch("heat-resist"), printer: :laser, purpose: UpClose::Purposes.fetch("resist")
    )
    about = {purpose: :resist, printer: :laser, limits: resist}
    subject = UpClose::Artwork::CheckContext.new(artwork: opened_picture(drawn), width_mm: 60.0, **about)
    expect(findings(subject)[:tones]).to have_attributes(verdict: :stop, reason: /covers or does not/)
    expect(findings(looked(drawn, 60.0))[:tones]).to have_attributes(verdict: :fine)
  end
end
