# frozen_string_literal: true

require "zlib"

RSpec.describe UpClose::Artwork do
  describe "the ink of a drawing" do
    # what lies beyond the page counts as well
    def ink_box(body, **root) = UpClose::Artwork::Opening.call(svg(body, **root), take_all: true).ink.box

    def close_to(*values) = match(values.map { |v| be_within(0.001).of(v) })

    it "takes strokes, joins and every basic shape into its box" do
      expect(ink_box('<rect x="10" y="10" width="40" height="20" fill="none" stroke="#000" stroke-width="2"/>').to_a)
        .to close_to(9, 9, 42, 22)
      expect(
        ink_box('<circle cx="20" cy="20" r="5"/><line x1="0" y1="20" x2="40" y2="20" stroke="red" stroke-width="4"/>')
          .to_a
      )
        .to close_to(0, 15, 40, 10)
      expect(ink_box('<polygon points="0,0 10,0 5,8"/><ellipse cx="30" cy="10" rx="8" ry="4"/>').to_a)
        .to close_to(0, 0, 38, 14)
      # a half circle of radius 10: the arc reaches y = −10 between its ends
      expect(ink_box('<path d="M0 0a10 10 0 0 1 20 0z"/>').to_a).to close_to(0, -10, 20, 10)
      # relative, smooth and shorthand commands come to the same place as the long ones
      expect(ink_box('<path d="m1 1h9v4l-9 0zM20 0q5 10 10 0t10 0"/>').to_a)
        .to match(ink_box('<path d="M1,1L10,1L10,5L1,5Z M20,0Q25,10 30,0Q35,-10 40,0"/>').to_a.map { |v|
          be_within(0.001).of(v)
        })
    end

    it "follows groups, transforms, use, symbols and simple style rules" do
      expect(ink_box('<g transform="translate(10 5) scale(2)"><rect width="5" height="5"/></g>').to_a)
        .to close_to(10, 5, 10, 10)
      expect(ink_box('<g transform="rotate(90 10 10)"><rect x="10" y="10" width="8" height="2"/></g>').to_a)
        .to close_to(8, 10, 2, 8)
      expect(ink_box('<defs><rect id="r" width="4" height="4"/></defs><use href="#r" x="20" y="1"/>').to_a)
        .to close_to(20, 1, 4, 4)
      expect(
        ink_box(
          '<style>.gone{display:none} #keep,rect.keep{fill:black}</style><rect class="gone" width="90" height="9"/>' \
          '<rect class="keep" x="3" width="4" height="4"/>'
        )
          .to_a
      )
        .to close_to(3, 0, 4, 4)
    end

    it "makes ink of white that lies on clear, as lines and as pixels, and says when there is none to be made" do
      lines = svg('<rect x="10" y="5" width="40" height="20" fill="#fff"/>')
      pixels = Vips::Image.black(60, 30, bands: 4)
        .mutate { |m| m.draw_rect!([255, 255, 255, 255], 10, 5, 40, 20, fill: true) }
        .cast(:uchar)
        .copy(interpretation: :srgb)
        .pngsave_buffer
      [lines, pixels].each do |bytes|
        expect { opened(bytes) }.to raise_error(UpClose::Errors::NoInk) { |error|
          expect([error.white, error.message]).to match [true, /has no white ink/]
        }
        made = UpClose::Artwork::Opening.call(bytes, white_as_ink: true)
        expect(made.ink.box.to_a).to eq [10, 5, 40, 20]
      end
      blank = (Vips::Image.black(9, 9) + 255).cast(:uchar).pngsave_buffer
      expect { opened(blank) }.to raise_error(UpClose::Errors::NoInk) { |error| expect(error.white).to be false }
    end

    it "knows that a printer has no white: white is no ink, and hides what it covers" do
      covered =
        '<rect width="100" height="50" fill="#fff"/><rect x="10" y="10" width="40" height="20"/><rect x="40" y="0" ' \
        'width="60" height="50" fill="white"/>'
      expect(ink_box(covered).to_a).to match [10, 10, 30, 20].map { |v| be_within(0.02).of(v) }
    end

    it "keeps a file's own true size" do
      drawing = opened(svg('<rect width="38" height="5"/>', width: "100mm", height: "50mm"))
      expect(drawing.ink.box.width * drawing.mm_per_unit).to be_within(1e-6).of(38)
    end

    it "finds the middle by weight" do
      ink = opened(svg('<rect width="10" height="10"/><rect x="10" y="0" width="20" height="2"/>')).ink
      expect(ink.centroid.x).to be_within(0.05).of((100 * 5 + 40 * 20) / 140.0)
      expect(ink.centroid.y).to be_within(0.05).of((100 * 5 + 40 * 1) / 140.0)
    end

    it "prints as a picture, and says so, what lines cannot hold" do
      picture =
        opened(
          svg(
            '<defs><linearGradient id="g"><stop stop-color="red"/></linearGradient></defs><rect width="50" ' \
            'height="40" fill="url(#g)"/>'
          )
        )
      expect(picture).to be_a(described_class::Picture)
      expect(picture.notes.first).to match(/gradients.*is printed as a picture/)
      expect(picture.ink.aspect).to be_within(0.001).of(0.8)
    end
  end

  describe "the ink of a picture" do
    it "runs along pixel edges" do
      image = Vips::Image.black(60, 40, bands: 3)
        .linear(1, 255)
        .cast(:uchar)
        .draw_rect([10, 20, 30], 7, 5, 20, 11, fill: true)
      ink = opened(image.pngsave_buffer).ink
      expect(ink.box).to eq box(7, 5, 20, 11)
      expect(ink.hull.map(&:to_a)).to contain_exactly([7, 5], [27, 5], [27, 16], [7, 16])
      expect(ink.centroid).to eq point(17, 10.5)
    end

    it "reads grey, 16 bit, clear grounds, CMYK and turned pictures" do
      square = Vips::Image.black(30, 30).linear(1, 255).cast(:uchar).draw_rect(0, 10, 5, 10, 20, fill: true)
      clear = Vips::Image.black(30, 30, bands: 3)
        .cast(:uchar)
        .copy(interpretation: :srgb)
        .bandjoin(square.linear(-1, 255).cast(:uchar))
      sixteen = square.colourspace(:grey16)
      jpeg = square.copy.mutate { |m| m.set_type!(GObject::GINT_TYPE, "orientation", 6) }.jpegsave_buffer(Q: 100)
      boxes = [
        square.pngsave_buffer,
        clear.pngsave_buffer,
        sixteen.pngsave_buffer,
        square.colourspace(:srgb).jpegsave_buffer(Q: 100)
      ].map do |bytes|
        opened(bytes).ink.box.to_a
      end
      expect(boxes).to all(match([10, 5, 10, 20].map { |v| be_within(1).of(v) }))
      expect(opened(jpeg).ink.box.to_a).to match([5, 10, 20, 10].map { |v| be_within(1).of(v) })
    end
  end

  describe "lettering" do
    Shelves::FontShelf.names.each_key do |key|
      it "stands on its cap height: #{key}" do
        ink = lettering("H", key).ink
        expect(ink.box.y).to be_within(1e-6).of(-1)
        # script stems end below the line
        expect(ink.box.bottom).to be_within(key.include?("script") ? 0.13 : 0.02).of(0)
      end
    end

    it "is as wide as its letters, and centres its lines" do
      one, two = lettering("HH").ink.box, lettering("HH\nH").ink
      expect(two.box.width).to be_within(1e-6).of(one.width)
      expect(two.hull.map(&:x).minmax.sum.abs).to be < 0.05
      expect(lettering("H H").ink.box.width).to be > one.width
    end

    it "refuses letters the font lacks, by name, and too many" do
      expect { lettering("Пелоу") }.to refuse_saying(/Atkinson Hyperlegible has no “П”/, at: :text)
      expect { lettering("  ") }.to refuse_saying(/There is no text yet/, at: :text)
      expect { lettering("a" * 201) }.to refuse_saying(/more than 200 letters/, at: :text)
      expect { face("comic") }.to refuse_saying(/No font called/, at: :font)
    end
  end

  describe "what cannot be opened" do
    def png_heading(width, height)
      chunk = "IHDR".b + [width, height, 1, 0, 0, 0, 0].pack("NNC5")
      data = "IDAT".b + Zlib.deflate("\0" * 30_000)
      [
        UpClose::Artwork::Picture::PNG,
        [13].pack("N"),
        chunk,
        [Zlib.crc32(chunk)].pack("N"),
        [data.bytesize - 4].pack("N"),
        data,
        [Zlib.crc32(data)].pack("N")
      ]
        .join
        .b
    end

    it "refuses a small file that unfolds to 60,000 × 60,000 pixels, without unfolding it" do
      expect(UpClose::Graphics::Pixels).not_to receive(:held)
      expect { opened(png_heading(60_000, 60_000)) }.to refuse_saying(/60000 × 60000 pixels/, at: :file)
    end

    whole = Vips::Image.gaussnoise(200, 200).cast(:uchar).pngsave_buffer
    {
      "nothing" => ["", /empty/],
      "words called a picture" => ["Dear all, the tide is out.", /cannot read this kind of file/],
      "half a picture" => [whole[0, whole.bytesize / 2], /Part of it is missing: [456]\d %/],
      "a picture's first bytes" => [whole[0, 60], /incomplete/],
      "41 MB" => ["\x89PNG\r\n\x1A\n".b + "0" * (41 * 1024 * 1024), /larger than 40 MB/],
      "a white picture" => [Vips::Image.black(9, 9).linear(1, 255).cast(:uchar).pngsave_buffer, /no ink/]
    }.each do |name, (bytes, words)|
      it("refuses #{name}") { expect { opened(bytes) }.to refuse_saying(words, at: :file) }
    end

    sentences = {
      "script.svg" => /contains a script/,
      "event.svg" => /event attribute/,
      "external-image.svg" => /another file/,
      "external-use.svg" => /another file/,
      "external-style.svg" => /another file/,
      "entities.svg" => /multiply without end/,
      "cut-short.svg" => /incomplete/,
      "empty.svg" => /no ink/,
      "endless-use.svg" => /without end/
    }
    Dir[File.expand_path("../fixtures/broken/*", __dir__)].sort.each do |path|
      it("refuses #{File.basename(path)}") do
        expect { opened(File.binread(path)) }.to refuse_saying(sentences.fetch(File.basename(path)), at: :file)
      end
    end

    it "opens a drawing with no size of its own, and says what that means" do
      drawing = opened('<svg xmlns="http://www.w3.org/2000/svg"><rect width="20" height="10"/></svg>')
      expect(drawing.ink.aspect).to eq 0.5
      expect(drawing.notes.first).to match(/no size of its own/)
    end
  end
end
