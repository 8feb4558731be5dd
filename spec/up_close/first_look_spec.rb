# frozen_string_literal: true

require_relative "../shop_helper"
require_relative "../support/checked_artwork"

RSpec.describe UpClose::Artwork::FirstLook do
  include CheckedArtwork

  # 2400 × 1800 pixels, 40 mm wide: a dark block of 1200 × 900 on a ground that is not quite white, its edges on pixels
  # of the picture alone
  let(:block) do
    png(2400, 1800, ground: 238) { |image| image.draw_rect([40], 603, 451, 1200, 900, fill: true) }
  end
  let(:about) { {width_mm: 40.0, limits: limits, surface: UpClose::Colour.hex("#5b3a29")} }

  def steps(*keys) = UpClose::Artwork::Recipe.new(keys.map { |key| {"key" => key} })

  def told(*keys, width_mm: 40.0)
    bench = {per_mm: 60.0, shape: nil, colour: nil, framed: false}
    described_class.new(few, recipe: steps(*keys), bench: bench, about: about.merge(width_mm: width_mm)).findings
      .to_h { |finding| [finding.key, finding] }
  end

  let(:few) { described_class.few(block) }

  it "tells areas and colours of few pixels as the whole look does, and nothing of how fine anything is" do
    # 2400 × 1800 ÷ 300,000 is 14.4: every fourth pixel across
    expect([few.shrunk, few.picture.image.size]).to eq [4, [600, 450]]
    expect(told.keys).to include(:ground, :coverage, :look)
    expect(told.keys & %i[thinnest_line thinnest_gap resolution specks detail]).to be_empty
    expect(told[:ground]).to have_attributes(verdict: :stop, figure: "#eeeeee")
    # cleared, the block alone is left, 1200 ÷ 60 = 20 mm wide: all of its box is inked
    cleared = told("clear-ground", width_mm: 20.0)
    expect([cleared[:ground].verdict, cleared[:coverage].value]).to match [:fine, be_within(1).of(100)]
    whole = UpClose::Artwork::CheckContext.new(artwork: block, **about)
    expect(told[:look].verdict).to eq UpClose::Artwork::Checks::Look.call(whole).verdict
  end

  it "is had of large pictures, and of no step that draws what few pixels would not hold" do
    fine = %w[pencil threshold ink-lines dot-screen outline thicken sharpen]
    told = fine + %w[crop flip levels invert clear-ground bend]
    expect(told.select { |key| steps(key).draws_fine? }).to eq fine
    small = [png(600, 400), drawn('<rect width="20" height="10"/>')]
    expect(small.map { |artwork| described_class.few(artwork) }).to eq [nil, nil]
  end
end
