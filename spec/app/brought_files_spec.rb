# frozen_string_literal: true

require_relative "../shop_helper"

# Files as makers bring them, through the upload page.
RSpec.describe "a file that a maker brings", :shop do
  let(:mark) { mark_with_artwork }

  # a form byte by byte, as a browser sends it
  def send_raw(path, parts)
    lines = parts.map { |head, body| "--XX\r\nContent-Disposition: form-data; #{head}\r\n\r\n#{body}\r\n".b }
    body = lines.join + "--XX--\r\n"
    post path, body, "CONTENT_TYPE" => "multipart/form-data; boundary=XX", "CONTENT_LENGTH" => body.bytesize.to_s
  end

  def bring(bytes, name, **more)
    send_form "/marks/#{mark.id}/artwork",
      "kind" => "file", "file" => upload(bytes, name), **more.transform_keys(&:to_s)
    Artwork.last
  end

  names = {
    "Müller.svg" => "Müller",
    "fox🦊.svg" => "fox🦊",
    "שלום.svg" => "שלום",
    "a\\b\\c.svg" => "c",
    "../../etc/pass.svg" => "pass",
    "nul\0x.svg" => "nulx",
    "bad\xFF.svg" => "bad\uFFFD",
    ".svg" => ".svg"
  }

  it "is named by what it is called, in any letters, and comes back with its name" do
    mark
    names.each do |file, name|
      send_raw "/marks/#{mark.id}/artwork", {
        'name="authenticity_token"' => @token,
        'name="kind"' => "file",
        'name="source"' => "M\xFCller",
        %(name="file"; filename="#{file}") => svg('<rect width="40" height="20"/>')
      }
      expect([last_response.status, Artwork.last.name, Artwork.last.source]).to eq [303, name, "M\uFFFDller"]
      get "/artworks/#{Artwork.last.id}/original"
      sent = last_response.headers["content-disposition"][/filename\*=UTF-8''(.*)\z/, 1]
      expect(CGI.unescape(sent)).to eq((name == ".svg") ? ".svg" : "#{name}.svg")
      expect(last_response.body).to eq svg('<rect width="40" height="20"/>')
    end
  end

  it "is asked for by addresses and titles of any bytes without a mistake of ours" do
    mark
    addresses = [
      "/jobs/%ff",
      "/marks/%ff/place",
      "/jobs/%00",
      "/%ff",
      "/methods/%ff%fe",
      "/runs/1/photos/%ff",
      "/marks/1/look.png?film=%ff",
      "/marks/99999999999999999999/place"
    ]
    expect(addresses.map { |path| get(path).status }).to all eq 404
    send_form "/jobs", "title" => "M\xFCller\0"
    expect([last_response.status, Job.last.title]).to eq [303, "M\uFFFDller"]
  end

  letterings = {
    {"text" => "\u00A0\u200B\u3000"} => /There is no text yet/,
    {"text" => "Wren", "spacing" => "-19"} => /letters lie on each other/,
    {"text" => "Wren", "spacing" => "200"} => /the word cannot be read/,
    {"text" => "Wren", "outline" => "20"} => /thicker than the letters/,
    {"text" => "Wren", "side" => "outside", "radius" => "1"} => /radius larger than the letters/,
    {"text" => "a\u0001b"} => /has no “U\+0001”/
  }

  it "or words, set as nobody can, are refused at their field in a sentence" do
    letterings.each do |fields, words|
      send_form "/marks/#{mark.id}/artwork",
        {"kind" => "lettering", "font" => "overpass-bold", "cap_height" => "5"}.merge(fields)
      expect([last_response.status, page_words]).to match [422, /■ [^■]*#{words.source}/]
    end
    send_form "/marks/#{mark.id}/artwork",
      "kind" => "lettering", "font" => "overpass-bold", "text" => "", "set_file" => upload("", "a.csv")
    expect([last_response.status, page_words]).to match [422, /This table is empty/]
    # a line of a million figures is no range, and no length, and is told so at once
    send_form "/marks/#{mark.id}/artwork",
      "kind" => "lettering",
      "font" => "overpass-bold",
      "cap_height" => "1" * 1_000_000,
      "text" => "",
      "set" => "1" * 1_000_000
    expect([last_response.status, page_words]).to match [422, /is not a length we can read/]
    send_form "/marks/#{mark.id}/artwork",
      "kind" => "lettering", "font" => "overpass-bold", "text" => "", "set" => "1" * 1_000_000
    expect([last_response.status, page_words]).to match [422, /more than 200 letters/]
    # digits as East Asian keyboards type them
    send_form "/marks/#{mark.id}/artwork",
      "kind" => "lettering", "font" => "overpass-bold", "cap_height" => "２．５", "text" => "HEH"
    expect(mark.reload.height_mm).to be_within(1e-6).of(2.5)
  end

  it "is used as far as it goes with one press, when its data ends early" do
    noise = Vips::Image.gaussnoise(300, 300).cast(:uchar).copy(interpretation: :"b-w").pngsave_buffer
    send_form "/marks/#{mark.id}/artwork", "kind" => "file", "file" => upload(noise[0, noise.bytesize / 2], "half.png")
    expect([last_response.status, page_words]).to match [422, /Part of it is missing: \d+ %.*Use what is there/]
    original = last_response.body[/name="original" value="(\h{64})"/, 1]
    send_form "/marks/#{mark.id}/artwork/again",
      "original" => original, "as" => "part", "name" => "half", "file_name" => "half.png"
    expect(Artwork.last)
      .to have_attributes(name: "half", facts: include("take_part" => true, "file_name" => "half.png"))
    expect(get("/marks/#{mark.id}/ink.png").status).to eq 200
  end

  it "says what was cut away beyond its page, and takes it all with one press, and back" do
    bring(
      '<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 100 50"><rect x="10" y="10" width="20" height="20"/>' \
      '<rect x="200" width="20" height="20"/></svg>',
      "far.svg"
    )
    expect(get("/marks/#{mark.id}/artwork").body).to include("cut away", "Use all of it")
    widths = %w[all page].map do |as|
      send_form "/marks/#{mark.id}/artwork/again", "original" => Artwork.last.original, "as" => as, "name" => "far"
      Artwork.last.ink_core.box.width.round
    end
    expect(widths).to eq [210, 20]
    expect(send_form("/marks/#{mark.id}/artwork/again", "original" => "0" * 64, "as" => "odd").status).to eq 404
  end

  it "or an outline, is asked what it leaves open, with both answers shown, and not chosen again" do
    send_form "/jobs", "title" => "Fair"
    square = ->(from, side) { dxf_square(from, side) }
    drawing = "0\nSECTION\n2\nENTITIES\n#{square[0, 4]}#{square[1, 2]}0\nENDSEC\n0\nEOF\n"
    piece = {
      "name" => "plate",
      "shape" => "free-polygon",
      "points" => "",
      "material" => "wood",
      "finish" => "sanded",
      "colour" => "#ecd9b0",
      "count" => "1"
    }
    answer = send_form "/jobs/#{Job.last.id}/pieces", piece.merge("outline_file" => upload(drawing, "plate.dxf"))
    expect([answer.status, page_words])
      .to match [422, /does not say its unit.*a millimetre: 4.0 × 4.0.*an inch: 101.6 × 101.6.*only a frame/]
    kept = answer.body[/name="outline_kept" value="(\h{64})"/, 1]
    answer = send_form "/jobs/#{Job.last.id}/pieces",
      piece.merge("outline_kept" => kept, "outline_unit" => "in", "outline_as" => "frame")
    expect(answer.status).to eq(303), page_words
    expect(Piece.last.to_core.box.width).to be_within(1e-6).of(50.8)
  end

  # the tables of a TTF, each packed by itself (W3C, WOFF File Format 1.0)
  def woff(ttf)
    count = ttf.unpack1("@4n")
    entries = Array.new(count) { |i| ttf.unpack("@#{12 + 16 * i}a4N3") }
    at = 44 + 20 * count
    tables = entries.map do |tag, sum, from, length|
      [tag, sum, length, Zlib.deflate(ttf.byteslice(from, length)).then { |packed|
        (packed.bytesize < length) ? packed : ttf.byteslice(from, length)
      }]
    end
    body = +"".b
    directory = tables.map do |tag, sum, length, packed|
      [tag, at + body.bytesize, packed.bytesize, length, sum].pack("a4N4").tap do
        body << packed << "\0" * (-packed.bytesize % 4)
      end
    end
    ["wOFF", ttf.byteslice(0, 4), 44 + 20 * count + body.bytesize, count]
      .pack("a4a4Nn")
      .ljust(44, "\0") + directory.join + body
  end

  it "or a font of the maker's own, is kept with its licence, used and measured like one that ships" do
    mark
    ttf = File.binread(Shelves::FontShelf.path("roboto-slab-bold"))
    {
      "slab.ttf" => ttf,
      "slab.woff" => woff(ttf),
      "bebas.otf" => File.binread(Shelves::FontShelf.path("bebas-neue"))
    }.each do |name, bytes|
      send_form "/fonts",
        "font_file" => upload(bytes, name), "licence" => "SIL OFL 1.1", "name" => name, "mark" => mark.id.to_s
      expect(last_response.status).to eq(303), page_words
      own, shipped = [
        Shelves::OwnFonts.key_of(Digest::SHA256.hexdigest(bytes)),
        name.start_with?("bebas") ? "bebas-neue" : "roboto-slab-bold"
      ].map do |key|
        Shelves::FontShelf.fetch(key)
      end
      expect([own.cap_height, own.x_height, own.line_height])
        .to eq [shipped.cap_height, shipped.x_height, shipped.line_height]
      drawn = [own, shipped].map { |face| UpClose::Artwork::Lettering.new(face, "AVENÉ").drawing.ink.box.to_a }
      expect(drawn.first).to eq drawn.last
    end
    key = Shelves::OwnFonts.key_of(Digest::SHA256.hexdigest(ttf))
    send_form "/marks/#{mark.id}/artwork", "kind" => "lettering", "font" => key, "text" => "Heron", "cap_height" => "4"
    expect(mark.reload.artwork).to have_attributes(font: key, kind: "lettering")
    expect(get("/marks/#{mark.id}/ink.svg").body).to include "<path"
    expect(get("/fonts").body).to include("SIL OFL 1.1", "slab.ttf")
    send_form "/fonts", "font_file" => upload(ttf, "slab.ttf"), "licence" => ""
    expect([last_response.status, page_words]).to match [422, /the licence under which/]
    {
      ttf[0, 9000] => /incomplete/,
      "wOF2" + "x" * 90 => /WOFF2/,
      "hello" => /no font/,
      ttf.dup.tap { |b| b[200, 4000] = "\xFF".b * 4000 } => /incomplete|no letters/
    }.each do |bytes, words|
      send_form "/fonts", "font_file" => upload(bytes, "bad.ttf"), "licence" => "mine"
      expect([last_response.status, page_words]).to match [422, words]
    end
  end

  it "says its own size, and goes back to it with one press" do
    bring(
      '<svg xmlns="http://www.w3.org/2000/svg" width="42mm" height="20mm" viewBox="0 0 42 20"><rect width="42" ' \
      'height="18.5"/></svg>',
      "true.svg"
    )
    expect(mark.reload.width_mm).to be_within(1e-6).of(42)
    send_form "/marks/#{mark.id}/place", "width" => "30"
    body = get("/marks/#{mark.id}/artwork").body
    expect(body).to include("As drawn it is 42.0 × 18.5", "Use its own size")
    send_form "/marks/#{mark.id}/place", "width" => body[/name="width" value="([^"]+)"/, 1]
    expect(mark.reload.width_mm).to be_within(1e-6).of(42)
    bring(
      '<svg xmlns="http://www.w3.org/2000/svg" width="90mm" height="20mm" viewBox="0 0 90 20"><rect width="90" ' \
      'height="18.5"/></svg>',
      "wide.svg"
    )
    expect(get("/marks/#{mark.id}/artwork").body).to include("As drawn it is 90.0 × 18.5", "larger than the piece")
      .and(satisfy { |page| !page.include?("Use its own size") })
  end

  it "that an earlier version kept, is opened once more, keeps all that it held, and its marks their widths" do
    drawn =
      '<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 100 50"><rect x="10" y="10" width="20" height="20"/>' \
      '<rect x="200" width="20" height="20" fill-opacity="0.5"/><text x="1" y="9">W</text></svg>'
    bring(drawn, "old.svg")
    width = mark.reload.width_mm
    # as it stood: its page as a picture of 4800 pixels, all of it, the motif small in it
    box = {"box" => [0, 0, 4800, 457], "hull" => [[0, 0], [4800, 0], [4800, 457]], "centroid" => [2400, 228]}
    Artwork.last.update_columns(ink: box, facts: {"notes" => ["old"], "take_all" => true, "open_again" => true})
    expect([Actions::OpenAgain.all, Actions::OpenAgain.all]).to eq [1, 0]
    expect(Artwork.last.facts).to include("take_all" => true, "notes" => include(/is printed as a picture/))
    # 1 … 220 of 100 across
    expect(Artwork.last.ink_core.aspect).to be_within(0.01).of(30 / 219.0)
    expect(mark.reload.width_mm).to eq width
  end
end
