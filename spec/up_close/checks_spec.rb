# frozen_string_literal: true

require_relative "../shop_helper"
require_relative "../support/checked_artwork"
require_relative "../support/drawn_pictures"

RSpec.describe UpClose::Artwork::Checks do
  include CheckedArtwork

  it "goes through one lookup, which a record overrides" do
    expect(limits[:line_mm]).to eq 0.25
    expect(limits.source(:line_mm)).to match(/starting value/)
    recorded = limits(line_mm: [0.18, "your coupon of 3 May"])
    expect([recorded[:line_mm], recorded.source(:line_mm), recorded[:solid_mm]])
      .to eq [0.18, "your coupon of 3 May", 12.0]
  end

  it "counts as ink whatever is printed, of any colour: solids, gaps and coverage alike" do
    %w[#000000 #ffc0cb #9fd8d2].each do |colour|
      art =
        drawn(%(<rect width="20" height="5" fill="#{colour}"/><rect y="8" width="20" height="14" fill="#{colour}"/>))
      [art, as_pixels(art)].each do |one|
        told = checked(one, 20.0)
        expect(told[:largest_solid].value).to be_within(0.4).of(14), colour
        expect(told[:thinnest_gap].value).to be_within(0.05).of(3), colour
        expect(told[:coverage].value).to be_within(0.5).of(100 * 19 / 22.0), colour
      end
    end
    # lighter than a printer lays
    faint = drawn('<rect width="20" height="10"/><rect y="12" width="20" height="10" fill="#f8f8f8"/>')
    expect(checked(faint, 20.0)[:coverage].value).to be_within(0.5).of(100)
  end

  it "counts specks under (2 × limit)²" do
    art = drawn(
      '<rect x="1" y="1" width="10" height="10"/><circle cx="15" cy="5" r="0.2"/><circle cx="18" cy="5" r="0.4"/>'
    )
    # areas 0.126 and 0.503 mm² against 0.25
    expect(checked(art, width_of(art))[:specks]).to have_attributes(figure: "1", verdict: :watch)
    # a soft island of 0.25 mm, 0.06 mm² against 0.16: wider than the limit of 0.2, and the smallest disc just fits
    # into its soft edges
    island = survey(opened(DrawnPictures.faulty(114, :island).bytes), 60.0)
      .places.select { |place| place.lone && place.width_mm < 1 }
    expect(island).to match [have_attributes(width_mm: be_within(0.02).of(0.25), area_mm2: be < 0.16)]
  end

  it "minds white only where the piece is not as light, and offers white film only where it can be had" do
    ring = drawn('<rect width="20" height="20"/><rect x="5" y="5" width="10" height="10" fill="#fff"/>')
    seen = ->(hex, **about) { checked(ring, 20.0, surface: UpClose::Colour.hex(hex), **about)[:white] }
    expect(seen["#f7f5f0"]).to have_attributes(verdict: :fine, reason: /nearly white there/)
    expect(seen["#5b3a29"]).to have_attributes(verdict: :watch, remedy: /white film/)
    expect(seen["#5b3a29", white_film: false].remedy).to match(/\A(?!.*white film)/)
    photo = as_pixels(ring)
    expect(checked(photo, 20.0, surface: UpClose::Colour.hex("#f7f5f0"))[:white].verdict).to eq :fine
  end

  it "keeps under the size of the limit it names, and tells the other as a second figure" do
    art = png(1800, 600) { |image| image.draw_rect([0], 0, 0, 1800, 600, fill: true) }
    # 1800 ÷ 300 × 25.4 = 152.4; at 600, 76.2
    expect(checked(art, 177.8)[:resolution])
      .to have_attributes(reason: /Under 300/, remedy: /under 152.4 mm wide; line art is clean from 600, up to 76.2 mm/)
  end

  it "counts pixels an inch, and wants 600 for line art" do
    art = png(500, 250) { |image| image.draw_rect([0], 0, 0, 500, 250, fill: true) }
    expect(checked(art, 50.8)[:resolution]).to have_attributes(
      figure: "250",
      verdict: :watch,
      limit: 600,
      remedy: /under 42.3 mm wide; line art is clean from 600, up to 21.2 mm/,
      working: have_attributes(to_s: /500 ÷ \(50.8 ÷ 25.4\) = 250/)
    )
    expect(checked(art, 21.1)[:resolution].verdict).to eq :fine
    expect(checked(art, 101.6)[:resolution].verdict).to eq :stop
  end

  it "finds a ground that is nearly white, and none that is white, clear or far from it" do
    expect(checked(png(60, 60, ground: 236), 10.0)[:ground])
      .to have_attributes(verdict: :stop, figure: "#ececec", remedy: /Clear the ground/)
    expect([255, 180].map { |grey| checked(png(60, 60, ground: grey), 10.0)[:ground].verdict }).to eq %i[fine fine]
    expect(checked(drawn('<circle cx="9" cy="9" r="5"/>'), 10.0)[:ground].figure).to eq "clear"
  end

  it "measures coverage, the largest solid and mid-tones" do
    found = checked(drawn('<rect width="20" height="20" fill="none"/><circle cx="10" cy="10" r="8"/>'), 16.0)
    # π/4 of its box; a disc of 16
    expect(found[:coverage].value).to be_within(0.2).of(78.54)
    expect(found[:largest_solid]).to have_attributes(value: be_within(0.3).of(16), verdict: :watch, limit: 12.0)
    expect(found[:tones].value).to be < 1
    grey_art = png(120, 120) do |image|
      image.draw_rect([0], 0, 0, 120, 60, fill: true).draw_rect([128], 0, 60, 120, 60, fill: true)
    end
    grey = checked(grey_art, 20.0)
    # an even grey is a colour, which the printer makes dots of; on a resist it is a hole
    expect([grey[:tones].value, grey[:tones].verdict]).to eq [0.0, :fine]
    etched = checked(grey_art, 20.0, purpose: :resist)[:tones]
    expect(etched.value).to be_within(3).of(50)
  end

  it "counts opaque white only inside the outline, and as a block only where it reaches the border" do
    white_in = checked(
      drawn('<rect width="20" height="20"/><rect x="5" y="5" width="10" height="10" fill="#fff"/>'),
      20.0
    )
    expect(white_in[:white]).to have_attributes(value: be_within(0.5).of(25), verdict: :watch)
    block = png(100, 100) do |image|
      image.draw_rect([0], 0, 0, 100, 4, fill: true).draw_rect([0], 0, 96, 100, 4, fill: true)
    end
    expect(checked(block, 20.0, film: :white)[:hidden_rectangle])
      .to have_attributes(value: be_within(1).of(92), verdict: :watch)
  end

  it "minds small letters, and the border it is cut with" do
    told = checked(lettering("Ab"), 20.0, lettering: {cap_mm: 1.5, x_mm: 1.1, small: true}, border_mm: 0.5)
    expect(told[:letters]).to have_attributes(verdict: :watch, figure: "1.1 mm", remedy: /cap height of 1.64 mm/)
    expect(told[:edge_room].verdict).to eq :watch
  end
end
