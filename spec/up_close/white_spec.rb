# frozen_string_literal: true

require_relative "../shop_helper"
require_relative "../support/drawn_pictures"

# White letters, printers having no white.
RSpec.describe UpClose::Artwork::Preparing::Field do
  let(:navy) { UpClose::Colour.hex("#1d2f4f") }

  def field(art, width_mm, surface: navy, **figures)
    step = {"key" => "field"}.merge(figures.transform_keys(&:to_s))
    UpClose::Artwork::Recipe.new([step]).call(art, per_mm: art.ink.box.width / width_mm, colour: surface)
  end

  # what an independent renderer shows of a place, 0..1 of the width and of the height
  def rendered(art, across, down)
    image = art.vector? ? UpClose::Formats::SVG::Raster.call(art, frame: art.ink.box, scale: 20.0) : art.image
    image.getpoint((across * (image.width - 1)).round, (down * (image.height - 1)).round).map(&:round)
  end

  it "leaves open what was ink, in lines and in pixels, with its margin all round and round corners" do
    # a frame of 80 × 40 with a hole, 40 mm wide: 2 units a mm; 3 mm round it is 46 × 26
    frame = svg('<path d="M10 10h80v40h-80zM30 20v20h40v-20z" fill-rule="evenodd"/>')
    drawn = field(opened(frame), 40.0).artwork
    expect([drawn.vector?, drawn.ink.box.width, drawn.ink.box.height])
      .to match [true, be_within(1e-3).of(92), be_within(1e-3).of(52)]
    picture = DrawnPictures.colours(480, 240, "<path d='M40 40h400v160h-400zM140 90v60h200v-60z' fill-rule='evenodd'/>")
    pixels = field(UpClose::Artwork::Picture.new(picture.pngsave_buffer), 40.0)
    expect(pixels.artwork.ink.box.width / pixels.ratio / 400 * 40).to be_within(0.05).of(46)
    navy_as_printed = described_class.printed(navy, navy).to_a
    [drawn, pixels.artwork].each do |art|
      # the margin, the ring that was ink, the hole, the corner beyond the round
      expect([[0.03, 0.5], [0.13, 0.5], [0.5, 0.5], [0.0, 0.0]].map { |at| rendered(art, *at) })
        .to eq [navy_as_printed, [255] * 3, navy_as_printed, [255] * 3]
    end
  end

  it "is printed so that it looks like the piece on white film: A (w + (1 − w) S) = S" do
    # S = 0.1 in each channel: A = 0.1 / (0.85 + 0.15 × 0.1) = 0.1156; sRGB 89.0 seen, 95.2 printed
    grey = UpClose::Colour.reflecting([0.1] * 3)
    expect(described_class.printed(grey, grey).to_a).to eq [95] * 3
    art = field(opened(svg('<rect width="30" height="9"/>')), 30.0).artwork
    palette = UpClose::Artwork::Palette.of(UpClose::Formats::SVG::Raster.call(art, frame: art.ink.box, scale: 5.0))
    on = UpClose::Artwork::ColoursOnPiece.new(palette, surface: navy, film: :white)
    expect([on.lost, on.changed]).to all be < 0.05
    # another colour, typed; and what film cannot look like is printed as light as can be
    red = field(opened(svg('<rect width="30" height="9"/>')), 30.0, colour: "#aa2211").artwork
    expect(red.shapes.first.fill.red).to be > 150
    expect(described_class.printed(UpClose::Colour::WHITE, UpClose::Colour::BLACK)).to eq UpClose::Colour::WHITE
  end

  it "refuses what is no colour, and says how one is written" do
    expect { field(opened(svg('<rect width="3" height="9"/>')), 3.0, round_mm: 900) }
      .to refuse_saying(/Round corners lies between 0 and 50 mm/)
    expect { UpClose::Artwork::Recipe.new([{"key" => "field", "colour" => "teal"}]) }.to refuse_saying(/#5b3a29/)
  end
end
