# frozen_string_literal: true

require_relative "../support/checked_artwork"

RSpec.describe UpClose::Artwork::PredictedLook do
  include CheckedArtwork

  def look(colour, surface, film = :clear)
    art = drawn(%(<rect width="10" height="10" fill="#{colour}"/>))
    described_class.new(
      UpClose::Artwork::SizedRaster.new(art, width_mm: 10.0),
      surface: UpClose::Colour.hex(surface),
      film: film
    )
  end

  it "multiplies ink and surface in linear light" do
    # #808080 is 0.2159 in linear light; squared 0.0466, which is #3d
    expect(look("#808080", "#808080").predicted.getpoint(200, 200)).to eq [61, 61, 61]
    # on white film: 0.2159 × (0.85 + 0.15 × 0.2159) = 0.1905, which is #79
    expect(look("#808080", "#808080", :white).predicted.getpoint(200, 200)).to eq [121, 121, 121]
  end

  it "loses a pastel on walnut, keeps it on white film, and says so" do
    walnut = look("#f4d9a8", "#5b3a29")
    expect([walnut.lost, walnut.on(:white).lost]).to match [be > 0.95, be < 0.05]
    told = checked(
      drawn('<rect width="10" height="10" fill="#f4d9a8"/>'),
      10.0,
      surface: UpClose::Colour.hex("#5b3a29")
    )[:look]
    expect(told).to have_attributes(
      verdict: :stop,
      reason: /100 % of it cannot be seen.*White film keeps (99|100) %, with a white rim/,
      remedy: /white film/i
    )
  end

  # what a maker sees in the preview: navy and red sink into near-black, yellow goes brown
  def judged(colours, surface, film = :clear, **about)
    bars = colours.each_with_index
      .map { |colour, i| %(<rect x="#{4 * i}" width="4" height="10" fill="#{colour}"/>) }
      .join
    checked(drawn(bars), 4.0 * colours.size, surface: UpClose::Colour.hex(surface), film: film, **about)[:look]
  end

  it "judges whether it is seen and whether it keeps its colours, and names what suffers" do
    expect(judged(%w[#d0202a #ffffff #f6d51f #1b2a5c], "#151515"))
      .to have_attributes(verdict: :stop, reason: /cannot be seen on the piece/, value: be > 95)
    expect(judged(%w[#f4a9bb #1f8a8a], "#6a3a91"))
      .to have_attributes(verdict: :stop, reason: /cannot be seen on the piece \(pink, teal\)/)
    expect(judged(%w[#2a63c4 #111111 #111111], "#c9a646")).to have_attributes(
      verdict: :watch,
      reason: /3\d % of it changes colour: the blue turns (dark green|teal|green|olive|dark grey)/
    )
    expect(judged(%w[#000000], "#ecd9b0"))
      .to have_attributes(verdict: :fine, reason: /keeps its colours/, remedy: nil)
    expect(judged(%w[#000000], "#1e3b2c")).to have_attributes(verdict: :stop, value: 100)
    expect(judged(%w[#d0202a #f6d51f #1b2a5c], "#151515", :white).verdict).to eq :fine
    expect(judged(%w[#d0202a], "#151515", white_film: false).remedy)
      .to eq "Paint a light ground first, or choose water-slide on white film."
  end

  it "judges no colours where none are left on the piece" do
    told = checked(
      drawn('<rect width="10" height="10" fill="#f4d9a8"/>'),
      10.0,
      surface: UpClose::Colour.hex("#151515"),
      inked: false
    )
    expect(told.values_at(:look, :white)).to eq [nil, nil]
  end

  it "changes nothing on white" do
    expect(look("#336699", "#ffffff").difference).to be < 0.5
  end
end
