# frozen_string_literal: true

require "shop_helper"

RSpec.describe UpClose::Outcomes::Outcome do
  # a ring of 24 mm across, 2 mm of line, and a bar of 12 × 5 mm in it
  let(:artwork) do
    UpClose::Artwork::Opening.call(
      '<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 24 24"><circle cx="12" cy="12" r="11" fill="none" ' \
      'stroke="#000" stroke-width="2"/><rect x="6" y="9.5" width="12" height="5"/><path d="M7 17h8" stroke="#000" ' \
      'stroke-width="0.5"/></svg>'
    )
  end
  let(:aslant) { [[0.2, 0.06], [0.83, 0.09], [0.8, 0.95], [0.17, 0.9]] }
  # 2π × 11 × 2 + 60 + 4 mm²
  let(:printed_mm2) { 44 * Math::PI + 64 }

  # @param without [String] SVG of what did not come over, mm
  def photo(without: "", shift_mm: 0.0, **leaves)
    per_mm = Devices::Simulated::LeftBehind::PER_MM
    raster = UpClose::Artwork::SizedRaster.new(artwork, width_mm: 24.0, per_mm: per_mm)
    hole = Vips::Image.svgload_buffer(
      %(<svg xmlns="http://www.w3.org/2000/svg" width="#{raster.image.width}" height="#{raster.image.height}"><g ) +
      %(transform="translate(16 16) scale(#{per_mm})" fill="#fff">#{without}</g></svg>)
    )
    worn = raster.image.colourspace(:srgb).composite2(hole, :over).extract_band(0, n: 3)
    left = Devices::Simulated::LeftBehind.new(missing: 0.0, shift_mm: shift_mm, **leaves)
    flat = left.of_artwork(worn.embed(40, 40, worn.width + 80, worn.height + 80, extend: :white))
    camera = Devices::Simulated::Camera.new(sensor: [1600, 1200], aslant: aslant)
    Vips::Image.new_from_buffer(camera.photograph(flat, ground: left.ground), "")
  end

  def outcome(image, **more) = described_class.new(image, artwork, width_mm: 24.0, **more)

  it "finds nothing where all came over, aslant and under an uneven lamp" do
    found = outcome(photo)
    expect(found.likeness).to be > 0.95
    expect(found.seen).to match(
      missing_share: be < 0.005, spots: be <= 1, largest_mm: be < 0.4, shift_mm: 0.0, haze: be < 0.1,
      tint: be_within(1).of(0)
    )
    expect(found.faults).to eq []
  end

  it "measures what is missing: how much, how large, where" do
    # two discs of 3 and 2 mm out of the bar and the ring's right side
    found = outcome(photo(without: '<circle cx="10" cy="12" r="1.5"/><circle cx="23" cy="12" r="1"/>'))
    wanted = (1.5**2 + 1) * Math::PI / printed_mm2
    expect(found.seen[:missing_share]).to be_within(0.012).of(wanted)
    expect(found.seen[:spots]).to eq 2
    expect(found.seen[:largest_mm]).to be_within(0.3).of(3)
    expect(found.spots.map { |spot| [spot.x, spot.y] })
      .to match [[be_within(0.02).of(10 / 24.0), be_within(0.02).of(0.5)], [be > 0.93, be_within(0.02).of(0.5)]]
    expect(found.faults).to eq ["missing-spots"]
    # the lower line, half of it: only thin parts
    thin = outcome(photo(without: '<rect x="6" y="16" width="7" height="2"/>'))
    expect(thin.places).to include(:thin_lines, :one_side)
    # the same by corners that were tapped
    tapped = outcome(photo(without: '<circle cx="10" cy="12" r="1.5"/>'), corners: found.corners)
    expect(tapped.seen[:missing_share]).to be_within(0.012).of(1.5**2 * Math::PI / printed_mm2)
  end

  it "tells a double print from a haze, and how far it slid" do
    # 0.6 mm across and a third of that down
    double = outcome(photo(shift_mm: 0.6))
    expect(double.seen[:shift_mm]).to be_within(0.2).of(0.6 * Math.sqrt(10) / 3)
    expect(double.faults).to include "smeared"
    hazy = outcome(photo(haze: 0.4))
    expect(hazy.seen).to include(haze: be > 0.3, shift_mm: 0.0)
    expect(hazy.faults).to eq ["haze"]
    expect(JSON.parse(JSON.generate(hazy.to_h))["faults"]).to eq ["haze"]
  end

  it "refuses a photo of something else" do
    stripes = Vips::Image.black(900, 700).draw_rect(230, 0, 0, 900, 700, fill: true)
      .draw_rect(30, 100, 100, 90, 520, fill: true).draw_rect(30, 500, 300, 300, 30, fill: true)
    expect { outcome(stripes.copy(interpretation: :"b-w")) }
      .to raise_error(UpClose::Errors::BadShape, /not show this mark|No mark/)
    blank = (Vips::Image.black(600, 400) + 200).cast(:uchar).copy(interpretation: :"b-w")
    expect { outcome(blank) }.to raise_error(UpClose::Errors::BadShape)
  end
end
