# frozen_string_literal: true

require "zlib"

# Pictures as programs save them. PNGs are put together here byte by byte
# (ISO/IEC 15948), so that every kind of pixel is what its name says.
RSpec.describe UpClose::Artwork::Opening do
  adam7 = [[0, 0, 8, 8], [4, 0, 8, 8], [0, 4, 4, 8], [2, 0, 4, 4], [0, 2, 2, 4], [1, 0, 2, 2], [0, 1, 1, 2]]

  def chunk(name, body) = [body.bytesize].pack("N") + name.b + body + [Zlib.crc32(name.b + body)].pack("N")

  # @yield [Integer, Integer] → the samples of a pixel
  define_method(:png) do |width, height, depth, type, interlaced: false, extra: "".b, &pixel|
    lines = (interlaced ? adam7 : [[0, 0, 1, 1]]).flat_map do |x0, y0, dx, dy|
      (y0...height).step(dy).filter_map do |y|
        samples = (x0...width).step(dx).flat_map { |x| Array(pixel.call(x, y)) }
        "\0".b + [samples.map { |v| v.to_s(2).rjust(depth, "0") }.join].pack("B*") unless samples.empty?
      end
    end
    UpClose::Artwork::Picture::PNG + chunk(
      "IHDR",
      [width, height, depth, type, 0, 0, interlaced ? 1 : 0].pack("NNC5")
    ) + extra + chunk(
      "IDAT",
      Zlib.deflate(lines.join)
    ) + chunk(
      "IEND",
      "".b
    )
  end

  # a plate at 5, 3 of 10 × 6 pixels on a ground of 40 × 30
  def plate?(x, y) = x.between?(5, 14) && y.between?(3, 8)

  def ink_of(bytes) = opened(bytes).ink.box.to_a

  [1, 2, 4, 8, 16].each do |depth|
    it "reads grey of #{depth} bit, straight and interlaced" do
      white = 2**depth - 1
      [false, true].each do |interlaced|
        expect(ink_of(png(40, 30, depth, 0, interlaced: interlaced) { |x, y| plate?(x, y) ? 0 : white }))
          .to eq [5, 3, 10, 6]
      end
    end
  end

  it "reads palettes with and without clear entries, colour, and alpha, of 8 and 16 bit" do
    palette = chunk("PLTE", [255, 255, 255, 10, 60, 120].pack("C*"))
    expect(ink_of(png(40, 30, 1, 3, extra: palette) { |x, y| plate?(x, y) ? 1 : 0 })).to eq [5, 3, 10, 6]
    clear = chunk("PLTE", [0, 0, 0, 10, 60, 120].pack("C*")) + chunk("tRNS", [0, 255].pack("C*"))
    expect(ink_of(png(40, 30, 8, 3, extra: clear, interlaced: true) { |x, y| plate?(x, y) ? 1 : 0 }))
      .to eq [5, 3, 10, 6]
    [8, 16].each do |depth|
      full = 2**depth - 1
      expect(ink_of(png(40, 30, depth, 2) { |x, y| plate?(x, y) ? [full, 0, 0] : [full] * 3 })).to eq [5, 3, 10, 6]
      expect(ink_of(png(40, 30, depth, 4) { |x, y| [0, plate?(x, y) ? full : 0] })).to eq [5, 3, 10, 6]
      expect(ink_of(png(40, 30, depth, 6, interlaced: true) { |x, y| [0, 0, full, plate?(x, y) ? full : 0] }))
        .to eq [5, 3, 10, 6]
    end
  end

  it "keeps the colours of 16 bit and of palettes" do
    deep = opened(png(40, 30, 16, 2) { |x, y| plate?(x, y) ? [0xCCCC, 0x3333, 0x0000] : [0xFFFF] * 3 })
    listed = opened(
      png(40, 30, 8, 3, extra: chunk("PLTE", [255, 255, 255, 0xCC, 0x33, 0].pack("C*"))) { |x, y| plate?(x, y) ? 1 : 0 }
    )
    expect([deep, listed].map { |art| art.image.getpoint(8, 5).first(3) })
      .to all(match([be_within(1).of(0xCC), be_within(1).of(0x33), be_within(1).of(0)]))
  end

  # where the plate comes to lie when the picture is 40 × 30 as stored (EXIF 2.3, tag 274)
  {
    1 => [5, 3, 10, 6],
    2 => [25, 3, 10, 6],
    3 => [25, 21, 10, 6],
    4 => [5, 21, 10, 6],
    5 => [3, 5, 6, 10],
    6 => [21, 5, 6, 10],
    7 => [21, 25, 6, 10],
    8 => [3, 25, 6, 10]
  }.each do |turn, wanted|
    it "takes up a JPEG as it was held: turn #{turn}" do
      image = Vips::Image.black(40, 30).linear(1, 255).cast(:uchar).draw_rect(0, 5, 3, 10, 6, fill: true)
      bytes = image.mutate { |m| m.set_type!(GObject::GINT_TYPE, "orientation", turn) }.jpegsave_buffer(Q: 100)
      expect(ink_of(bytes)).to match(wanted.map { |v| be_within(1).of(v) })
    end
  end

  it "reads a JPEG of four inks as what they print" do
    inks = Vips::Image.black(40, 30, bands: 4)
      .cast(:uchar)
      .copy(interpretation: :cmyk)
      .draw_rect([0, 255, 255, 0], 8, 8, 16, 8, fill: true)
    art = opened(inks.jpegsave_buffer(Q: 100))
    expect(art.ink.box.to_a).to match([8, 8, 16, 8].map { |v| be_within(1).of(v) })
    red, green, = art.image.getpoint(16, 12)
    expect(red - green).to be > 120
  end
end
