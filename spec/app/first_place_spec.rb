# frozen_string_literal: true

require_relative "../shop_helper"

RSpec.describe Actions::FirstPlace, :shop do
  def begun(lettering: nil, **piece)
    mark = mark_with_artwork
    mark.piece.update!(piece)
    words = {"kind" => "lettering", "text" => lettering, "font" => "bebas-neue"}
    file = {"kind" => "file", "file" => upload(svg('<rect width="60" height="20"/>'), "band.svg")}
    send_form "/marks/#{mark.id}/artwork", lettering ? words : file
    Mark.find(mark.id)
  end

  let(:jug) { {shape: "cylinder", measures: {diameter_mm: 90.0, height_mm: 120.0, film_mm: 0.0}} }

  it "begins words at a third of the piece, not as large as fits" do
    expect(begun(lettering: "PELLOW").width_mm).to be_within(0.1).of(20)
    expect(begun(lettering: "PELLOW NESS LIGHT", **jug).width_mm).to be_within(0.2).of(Math::PI * 90 / 3 * 0.75)
  end

  it "begins on a jug within one glance, and below the band that lips touch" do
    mark = begun(**jug)
    # a quarter of the way round
    expect(mark.width_mm).to be_within(0.1).of((Math::PI * 90 / 4).floor(1))
    # 23.5 high in a wall of 40: in the middle its upper edge lies 8.2 below the rim, where lips touch 12
    cup = jug.merge(measures: {diameter_mm: 90.0, height_mm: 40.0, film_mm: 0.0})
    upper = ->(at) { at.y_mm - at.height_mm / 2 + 20 }
    expect([begun(**cup), begun(**cup, uses: %w[food])].map(&upper))
      .to match [be_within(0.1).of(8.2), be_within(0.01).of(12)]
  end
end
