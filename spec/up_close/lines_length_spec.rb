# frozen_string_literal: true

require_relative "../support/checked_artwork"

RSpec.describe UpClose::Artwork::Lines do
  include CheckedArtwork

  def way(body)
    drawn(body).then do |art|
      described_class.new(UpClose::Artwork::SizedRaster.new(art, width_mm: width_of(art))).length_mm
    end
  end

  it "goes once along a thin line and all round what is wide, within six in a hundred" do
    expect(way('<rect width="20" height="0.6"/><rect y="10" width="20" height="0.6"/>')).to be_within(1.2).of(40)
    expect(way('<line x1="1" y1="1" x2="19" y2="12" stroke="#000" stroke-width="0.8"/>'))
      .to be_within(1.2).of(Math.hypot(18, 11))
    expect(way('<circle cx="12" cy="12" r="9" fill="none" stroke="#000" stroke-width="0.7"/>'))
      .to be_within(1.2).of(2 * Math::PI * 9)
    expect(way('<rect width="20" height="12"/>')).to be_within(3.9).of(64)
    expect(way('<circle cx="12" cy="12" r="8"/>')).to be_within(1.0).of(2 * Math::PI * 8)
  end
end
