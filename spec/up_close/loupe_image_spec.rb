# frozen_string_literal: true

require_relative "../support/checked_artwork"

RSpec.describe UpClose::Artwork::LoupeImage do
  include CheckedArtwork

  def impression(body, surface = "#ffffff")
    art = drawn(body)
    described_class.new(UpClose::Artwork::CheckContext.new(
      artwork: art,
      width_mm: width_of(art),
      limits: limits,
      surface: UpClose::Colour.hex(surface)
    ), printer: "laser")
  end

  it "keeps a bold line, fades one too thin to carry, and shows the surface" do
    made = impression('<rect width="20" height="1"/><rect y="4" width="20" height="0.12"/>', "#c9a646")
    rows = [0.5, 4.06, 2.5].map { |y| made.image.crop(60, (y * made.per_mm).round - 1, 300, 3).avg }
    expect(rows[0]).to be < 12
    expect(rows[1]).to be > rows[0] + 60
    expect(made.image.getpoint(100, (2.5 * made.per_mm).round)).to eq [201, 166, 70]
  end

  it "turns tones into dots of the same average" do
    made = impression('<rect width="20" height="1"/><rect y="2" width="20" height="10" fill="#808080"/>')
    patch = made.image.crop(100, (4 * made.per_mm).round, 240, 120)
    expect([patch.min, patch.max]).to match [be < 40, be > 215]
    expect(patch.avg).to be_within(25).of(128)
  end
end
