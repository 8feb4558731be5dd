# frozen_string_literal: true

require "open3"

# Every class of file against a renderer that is not ours: librsvg as it draws the whole page, and poppler.
RSpec.describe "a file of every class", :measured do
  # the ink of a page that was drawn by another
  def inked(page)
    page = page.flatten(background: [255] * (page.bands - 1)) if page.has_alpha?
    page = page.colourspace(:srgb)
    page.crop(*page.find_trim(background: [255] * 3, threshold: 6))
  end

  # the ink as Up Close prints it, in as many pixels
  def ours(artwork, width, height)
    drawn = artwork.vector? ? UpClose::Formats::SVG::Raster.call(
      artwork,
      frame: artwork.ink.box,
      scale: width / artwork.ink.box.width
    ) : Vips::Image.new_from_buffer(artwork.print_png, "")
    drawn.colourspace(:srgb).thumbnail_image(width, height: height, size: :force)
  end

  # share of pixels that differ by more than a tenth
  def differing(artwork, page)
    wanted = inked(page)
    expect(artwork.ink.aspect).to be_within(0.01).of(wanted.height / wanted.width.to_f)
    off = (ours(artwork, wanted.width, wanted.height).cast(:float) - wanted.cast(:float)).abs.bandmean
    (off > 25).avg / 255
  end

  Brought::DRAWINGS.each do |name, (kind, svg)|
    it "is read right: #{name}" do
      artwork = UpClose::Artwork::Opening.call(svg, px: 1200)
      expect(artwork.kind).to eq kind
      plain = svg.sub(/<!DOCTYPE.*?\]>/m, "").gsub("&ns_svg;", "http://www.w3.org/2000/svg").gsub("&orange;", "#ff8800")
      expect(differing(artwork, Vips::Image.svgload_buffer(plain, scale: 8))).to be < 0.02
    end
  end

  Brought::PAGES.each do |name, (kind, operators, how)|
    it "is read right, of PDF: #{name}" do
      bytes = raw_pdf(operators, **how)
      artwork = UpClose::Artwork::Opening.call(bytes, px: 1200)
      expect(artwork.kind).to eq kind
      Dir.mktmpdir do |dir|
        File.binwrite("#{dir}/a.pdf", bytes)
        Open3.capture2e("pdftocairo", "-cropbox", "-r", "288", "-png", "-singlefile", "#{dir}/a.pdf", "#{dir}/a")
        page = Vips::Image.new_from_file("#{dir}/a.png").copy_memory
        expect(differing(artwork, page)).to be < 0.02
        expect(artwork.ink.box.width * artwork.mm_per_unit).to be_within(0.05).of(inked(page).width / 288.0 * 25.4)
      end
    end
  end

  it "is as large as its page's own unit makes it" do
    once, twice = ["", "/UserUnit 2"].map do |unit|
      opened(raw_pdf("20 20 60 40 re f", page: "/MediaBox [0 0 200 100] #{unit}")).then do |a|
        a.ink.box.width * a.mm_per_unit
      end
    end
    expect([once, twice]).to match [be_within(1e-6).of(60 * 25.4 / 72), be_within(1e-6).of(120 * 25.4 / 72)]
  end

  it "tells what was cut away, and takes it all when asked" do
    svg = Brought::DRAWINGS.fetch("shapes far beyond the view box").last
    expect(opened(svg).notes).to include UpClose::Formats::SVG::Reader::CUT_AWAY
    all = UpClose::Artwork::Opening.call(svg, take_all: true)
    # 10 … 900 of 100 across 200 px
    expect([all.notes, all.ink.box.width]).to eq [[], 1780]
  end

  it "is rendered by its ink, as fine as its size wants, up to forty million pixels" do
    svg = Brought::DRAWINGS.fetch("a gradient on a small part of a large page").last
    expect(opened(svg).ink.box.width).to be_within(160).of(4800)
    # 1200 an inch of 120 mm is 5669, in steps of 600
    expect(UpClose::Artwork::RenderedDrawing.pixels_for(120)).to eq 6000
    expect(UpClose::Artwork::Opening.call(svg, px: 30_000).image.then { |image| image.width * image.height })
      .to be_within(400_000).of(40_000_000)
  end

  it "draws a blur in one square of the renderer, in its true place and colours, and says that it is softer" do
    blur = '<filter id="b"><feGaussianBlur stdDeviation="3"/></filter>'
    art = opened(%(<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 200 100">#{blur}) +
      %(<rect x="14" y="14" width="170" height="70" filter="url(#b)" opacity=".6"/>) +
      %(<rect x="10" y="10" width="170" height="70" fill="#a02020"/></svg>))
    expect(art.notes).to include UpClose::Formats::SVG::Reader::SOFT
    expect([art.ink.box.width, art.image.getpoint(1000, 1000)]).to match [be_within(150).of(4680), [160, 32, 32]]
    # a shadow of 0.6 is under a twentieth of full ink 1.38 standard deviations beyond 184: the ink is 178.1 wide
    red = (art.image[0] - art.image[1] > 100).ifthenelse(255, 0).cast(:uchar).find_trim(background: [0])
    expect(red[2] / art.ink.box.width).to be_within(0.004).of(170 / 178.1)
  end

  it "is read of small letters too, as fine as the renderer bears, and says whose fonts they are in" do
    letters = opened(
      %(<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 24 24"><text x="2" y="12" font-size="8">Hi</text></svg>)
    )
    expect(letters.ink.box.width).to be > 300
    expect(letters.notes.join).to match(/this computer's fonts/)
  end

  it "has the pixels of its picture upright, whichever way the camera lay" do
    lying = (Vips::Image.black(200, 150) + 255)
      .draw_rect([0], 10, 10, 30, 20, fill: true)
      .cast(:uchar)
      .copy(interpretation: :"b-w")
      .colourspace(:srgb)
    boxes = (1..8).map do |turn|
      opened(lying.mutate { |m| m.set_type!(GObject::GINT_TYPE, "orientation", turn) }.jpegsave_buffer(Q: 95))
        .ink
        .box
        .to_a
        .map(&:to_i)
    end
    expect(boxes)
      .to eq [
        [10, 10, 30, 20],
        [160, 10, 30, 20],
        [160, 120, 30, 20],
        [10, 120, 30, 20],
        [10, 10, 20, 30],
        [120, 10, 20, 30],
        [120, 160, 20, 30],
        [10, 160, 20, 30]
      ]
  end

  it "is read by its first bytes, in each format that has a loader of its own, and in no other" do
    picture = (Vips::Image.black(60, 40) + 255)
      .draw_rect([0], 10, 10, 30, 20, fill: true)
      .cast(:uchar)
      .copy(interpretation: :"b-w")
      .colourspace(:srgb)
    found = %w[png jpg webp tif gif heic].to_h do |format|
      [format, opened(picture.write_to_buffer(".#{format}")).ink.box.to_a.map { |v| v.round(-1) }]
    end
    expect(found.values.uniq).to eq [[10, 10, 30, 20]]
    %w[ppm jp2].each do |format|
      expect { opened(picture.write_to_buffer(".#{format}")) }
        .to refuse_saying(/cannot read this kind of file/, at: :file)
    end
    expect { opened("BM".b + "\0" * 60) }.to refuse_saying(/cannot read this kind of file/, at: :file)
  end

  it "is taken out of a smaller wrapping, and no further than a drawing may be large" do
    plain = Brought::DRAWINGS.fetch("an important rule").last
    expect(opened(Zlib.gzip(plain)).ink.box.to_a).to eq opened(plain).ink.box.to_a
    expect { opened(Zlib.gzip("<svg>" + " " * 50_000_000)) }.to refuse_saying(/larger than 8 MB/, at: :file)
    expect { opened(Zlib.gzip(plain)[0, 60]) }.to refuse_saying(/incomplete/, at: :file)
  end

  it "has the size that its file says, unless that is what programs write by themselves" do
    dots = ->(across, down = across) {
      opened((Vips::Image.black(600, 300) + 0)
        .cast(:uchar)
        .copy(interpretation: :"b-w", xres: across / 25.4, yres: down / 25.4)
        .pngsave_buffer)
    }
    sizes = [300, 72, 96, 1200].map do |dpi|
      dots[dpi].then { |a| a.mm_per_unit && (a.ink.box.width * a.mm_per_unit).round(2) }
    end
    expect(sizes).to eq [50.8, nil, nil, 12.7]
    # 600 ÷ 300 and 300 ÷ 100 inches: 2 × 3
    oblong = dots[300, 100]
    expect(oblong.ink.box.then { |box| [box.width * oblong.mm_per_unit, box.height * oblong.mm_per_unit] })
      .to match [be_within(0.1).of(50.8), be_within(0.1).of(76.2)]
  end

  it "is used as far as it goes when its data ends early, once that is asked for" do
    noise = Vips::Image.gaussnoise(300, 300).cast(:uchar).copy(interpretation: :"b-w").pngsave_buffer
    half = noise[0, noise.bytesize / 2]
    expect { opened(half) }.to raise_error(UpClose::Errors::PartMissing, /Part of it is missing: [4-6]\d %/)
    part = UpClose::Artwork::Opening.call(half, take_part: true)
    expect([part.image.height, part.notes.join]).to match [300, /at its foot is left white/]
    expect(part.image.crop(0, 200, 300, 100).min).to eq 255
  end
end
