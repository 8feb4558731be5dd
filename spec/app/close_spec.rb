# frozen_string_literal: true

require_relative "../shop_helper"
require_relative "../support/drawn_pictures"

RSpec.describe "measuring, looking and preparing", :shop do
  def piece_form(**fields) = Shop::PLATE.merge(fields.transform_keys(&:to_s))

  def new_piece(**fields)
    send_form "/jobs", "title" => "Fair" unless Job.any?
    send_form "/jobs/#{Job.last.id}/pieces", piece_form(**fields)
  end

  it "looks at a mark once, keeps the worst of it for the row, and looks again when it changes" do
    mark = mark_with_artwork
    get "/marks/#{mark.id}/artwork"
    expect(page_words).to match(/Checking it at its final size/)
    get "/marks/#{mark.id}/checks"
    told = JSON.parse(last_response.body)
    expect([told.dig("row", "artwork", "figure"), mark.reload.checked["verdict"]]).to match [/\Aline over/, "fine"]
    get "/marks/#{mark.id}/artwork"
    expect(page_words).to match(/Thinnest line/).and not_include("Checking at it")
    send_form "/marks/#{mark.id}/place", "width" => "20"
    get "/marks/#{mark.id}/artwork"
    expect(page_words).to match(/Checking it/)
  end

  it "shows it as drawn, on clear and on white film, and for the loupe; nothing without artwork" do
    mark = mark_with_artwork
    sizes = %w[look.png?film=wanted look.png?film=clear look.png?film=white impression.png].map do |file|
      get("/marks/#{mark.id}/#{file}").then { Vips::Image.new_from_buffer(last_response.body, "") }
    end
    expect(sizes.map { |image| image.getpoint(0, 0).first(3) }.first(3))
      .to eq [[255, 255, 255], [236, 217, 176], [252, 250, 245]]
    get "/marks/#{mark.id}/look.png?film=gold"
    expect(last_response.status).to eq 404
    new_piece
    %w[checks look.png?film=clear impression.png front.png].each do |file|
      expect(get("/marks/#{Mark.last.id}/#{file}").status).to eq 404
    end
  end

  it "offers what can be done with a white logo, each way with one press and the file not chosen again" do
    mark = mark_with_artwork
    white = upload(svg('<rect width="40" height="20" fill="#fff"/>'), "ghost.svg")
    answer = send_form "/marks/#{mark.id}/artwork", "kind" => "file", "file" => white
    expect(answer.status).to eq 422
    expect(page_words).to match(/“ghost” is all white.*a printer has no white ink.*Open letters in a field.*A stencil/)
      .and match(/White transfer paper, traced.*White film, cut by hand.*Invert it/)
    original = answer.body[/name="original" value="(\h{64})"/, 1]
    done =
      ->(way) {
        send_form("/marks/#{mark.id}/artwork/white", "original" => original, "name" => "ghost", "way" => way).then do
          mark.reload
        end
      }
    expect(done["invert"])
      .to have_attributes(recipe: [], method_key: nil, artwork: have_attributes(name: "ghost", original: original))
    traced = {method_key: "tracing", picked: {"colour" => "white"}, stock: "letter-paper"}
    expect(done["trace"]).to have_attributes(traced)
    cut = done["cut-round"]
    expect(cut).to have_attributes(method_key: "water-slide", stock: "white-film")
    # 0.3 mm outside the 40 × 20 it was
    expect(cut.design.ink.box.width / cut.design.ratio * cut.design.mm_per_unit).to be_within(1e-6).of(cut.width_mm)
    %w[artwork method place sheet pack.pdf].each do |page|
      expect(get("/marks/#{mark.id}/#{page}").status).to eq(200), page
    end
    expect(get("/artworks/#{cut.artwork_id}/original").body).to include "#fff"
    expect(send_form("/marks/#{mark.id}/artwork/white", "original" => "../../etc", "way" => "trace").status).to eq 404
  end

  it "keeps the width that was asked for when a ground goes that was taken for ink, and when it comes back" do
    mark = mark_with_artwork("width_mm" => "160", "height_mm" => "120")
    logo = DrawnPictures.colours(600, 400, "<rect width='600' height='400' fill='#dcd6c8'/><rect x='150' y='100' " \
      "width='300' height='150' fill='#101820'/>")
    send_form "/marks/#{mark.id}/artwork", "kind" => "file", "file" => upload(logo.pngsave_buffer, "logo.png")
    send_form "/marks/#{mark.id}/place", "width" => "80"
    size = -> { Mark.find(mark.id).then { |m| [m.width_mm, m.height_mm] } }
    expect(size.call).to match [80.0, be_within(0.1).of(80 * 400 / 600.0)]
    send_form "/marks/#{mark.id}/recipe", "act" => "add", "add" => "clear-ground"
    expect(size.call).to match [80.0, be_within(0.1).of(80 * 150 / 300.0)]
    # measured as it is printed
    design = Mark.find(mark.id).design
    expect(design.ink.box.width / design.ratio * design.mm_per_unit).to be_within(1e-6).of(80)
    send_form "/marks/#{mark.id}/recipe", "act" => "undo"
    expect(size.call).to match [80.0, be_within(0.1).of(80 * 400 / 600.0)]
  end

  it "prepares by recipe, keeps scale and what was typed, and prints what was prepared" do
    mark = ready_mark
    was = mark.width_mm
    answer = send_form "/marks/#{mark.id}/recipe", "act" => "add", "add" => "thicken"
    expect([answer.status, mark.reload.width_mm]).to match [303, be_within(1e-6).of(was + 0.1)]
    expect(mark.pack.ink_box(mark.pack.cells.first).width).to be_within(1e-6).of(was + 0.1)
    refused = send_form "/marks/#{mark.id}/recipe",
      "act" => "keep", "steps" => {"0" => {"key" => "thicken", "on" => "1", "by_mm" => "77"}}
    expect([refused.status, refused.body]).to match [422, /value="77"/]
    send_form "/marks/#{mark.id}/recipe",
      "act" => "drop:0", "steps" => {"0" => {"key" => "thicken", "on" => "1", "by_mm" => "0.05"}}
    expect(mark.reload.width_mm).to be_within(1e-6).of(was)
    send_form "/marks/#{mark.id}/recipe", "act" => "undo"
    expect(mark.reload.recipe.first).to include("key" => "thicken", "by_mm" => 0.05)
  end

  it "keeps places to keep off, and takes an outline from a DXF with its holes" do
    new_piece("keep" => [
      {"kind" => "disc", "x" => "-10", "y" => "5", "width" => "1/4\"", "height" => "", "words" => "screw"},
      {"kind" => "disc", "x" => "", "y" => "", "width" => ""}
    ])
    expect(Piece.last.keep_outs)
      .to eq [{"kind" => "disc", "x" => -10.0, "y" => 5.0, "width" => 6.35, "height" => 6.35, "words" => "screw"}]
    refused = new_piece("keep" => [{"kind" => "disc", "x" => "1", "width" => "big"}])
    expect([refused.status, refused.body]).to match [422, /Keep-out 1: .*is not a length we can read/]
    outline = UpClose::Formats::DXF::Writer.call({"A" => [
      shape("rounded-rectangle", width_mm: 90, height_mm: 50, corner_mm: 8).path,
      UpClose::Geometry::Shapes.ellipse(20, 0, 3, 3)
    ]})
    new_piece(
      "shape" => "free-polygon",
      "points" => "",
      "outline_as" => "piece",
      "outline_file" => upload(outline, "plate.dxf")
    )
    expect(Piece.last.to_core.box).to have_attributes(width: be_within(0.05).of(90), height: be_within(0.05).of(50))
    expect(Piece.last.keep_outs.first).to include("kind" => "disc", "x" => be_within(0.05).of(20))
    get "/pieces/#{Piece.last.id}/outline.dxf"
    expect(UpClose::Formats::DXF::Reader.new(last_response.body).rings.first.box.width).to be_within(0.05).of(90)
  end

  {
    {"shape" => "free-polygon", "points" => "0,0\n40,40\n40,0\n0,40"} => /crosses itself/,
    {"shape" => "free-polygon", "points" => "0,0\n40"} => /Line 2 does not contain two lengths/,
    {"shape" => "cup", "top_mm" => "80", "foot_mm" => "80", "slant_mm" => "90"} => /that is a cylinder/,
    {"shape" => "loft", "stations" => "0, 5\n40, 60\n20, 50"} => /20 comes after 40/,
    {"shape" => "dome", "ball_mm" => "40", "cap_mm" => "60"} => /wider than the ball/
  }.each do |fields, words|
    it "tells at its field, and keeps, #{fields["shape"]} #{fields.values.last.inspect}" do
      answer = new_piece(**fields)
      expect([answer.status, page_words]).to match [422, words]
      expect(answer.body).to include(Rack::Utils.escape_html(fields.values.last))
    end
  end

  describe "a photo" do
    let(:piece) { mark_with_artwork.piece }
    let(:photo) do
      Vips::Image.black(400, 300).linear(1, 200).cast(:uchar).draw_rect([0], 100, 100, 200, 50, fill: true)
    end

    def marked(**places)
      JSON.generate({
        reference: [[100, 200], [300, 200]],
        corners: [[100, 100], [300, 100], [300, 150], [100, 150]],
        lines: [[[100, 100], [300, 100]]],
        trace: []
      }.merge(places))
    end

    before { send_form "/pieces/#{piece.id}/photo", "photo" => upload(photo.jpegsave_buffer, "bench.jpg") }

    it "is read by a reference, with its ±, and kept" do
      answer = JSON.parse(
        send_form("/pieces/#{piece.id}/photo/marked", "mode" => "reference", "length" => "50", "marked" => marked).body
      )
      # 200 px are 50 mm; ± 50 × 2 ÷ 200 + 2 × 0.25
      expect(answer["said"]).to match(/50\.0 mm ± 1\.0/)
      expect(piece.reload.photo).to include("length_mm" => 50.0, "mode" => "reference")
    end

    it "gives its outline to the piece, and refuses one with no corners" do
      send_form "/pieces/#{piece.id}/photo/outline",
        "mode" => "corners",
        "rect_width" => "80",
        "rect_height" => "20",
        "marked" => marked(trace: [[100, 100], [300, 100], [300, 150]])
      expect(piece.reload.to_core.box).to have_attributes(width: be_within(1e-6).of(80), height: be_within(1e-6).of(20))
      expect(get("/pieces/#{piece.id}/straightened.png").status).to eq 200
      expect(send_form(
        "/pieces/#{piece.id}/photo/outline",
        "mode" => "corners",
        "rect_width" => "80",
        "rect_height" => "20",
        "marked" => marked
      ).body)
        .to match(/three corners/)
    end

    it "says what is wrong with corners, references, files and lengths" do
      ask =
        ->(fields) {
          JSON.parse(send_form("/pieces/#{piece.id}/photo/marked", {"marked" => marked}.merge(fields)).body)["errors"]
            .values
            .first
        }
      expect(
        ask["mode" => "corners", "rect_width" => "8", "rect_height" => "2", "marked" => marked(
          corners: [[100, 100], [300, 150], [300, 100], [100, 150]]
        )]
      )
        .to match(/crossed/)
      expect(ask["mode" => "reference", "length" => "50", "marked" => marked(reference: [[9, 9], [9, 9]])])
        .to match(/too short/)
      expect(ask["mode" => "reference", "length" => "zero"]).to match(/is not a length we can read/)
      expect(ask["mode" => "reference", "length" => "50", "marked" => "nonsense"]).to match(/did not come through/)
      expect(send_form("/pieces/#{piece.id}/photo", "photo" => upload("dear all", "a.jpg")).body)
        .to match(/cannot read this kind of file/)
    end
  end

  it "sets a number range, one mark each, as wide as the widest" do
    new_piece("width_mm" => "200", "height_mm" => "100")
    mark = Mark.last
    send_form "/marks/#{mark.id}/artwork",
      "kind" => "lettering",
      "font" => "overpass-bold",
      "cap_height" => "5",
      "text" => "",
      "set" => "Tender 8…12",
      "side" => "straight"
    mark.reload
    expect([mark.artwork.members.size, mark.copies_wanted]).to eq [5, 5]
    wide = ->(text) {
      UpClose::Artwork::Lettering.new(Shelves::FontShelf.fetch("overpass-bold"), text).drawing.ink.box.width * 5
    }
    expect(mark.width_mm).to be_within(0.01).of(%w[8 9 10 11 12].map { |n| wide["Tender #{n}"] }.max)
    send_form "/marks/#{mark.id}/method", "method_key" => "water-slide", "printer" => "laser"
    paths = mark.reload.pack.pages.first.items.grep(UpClose::Printing::Items::Mark).map do |item|
      item.artwork.drawing.shapes.first.path.commands.size
    end
    expect(paths.uniq.size).to be > 2
    get "/marks/#{mark.id}/record?piece=2"
    expect(page_words).to match(/Piece 2 ?: Tender 9/)
  end

  it "takes a set from a table, and says which letters the font lacks" do
    new_piece
    lettering =
      {"kind" => "lettering", "font" => "overpass-bold", "cap_height" => "5", "text" => "", "side" => "straight"}
    answer = send_form "/marks/#{Mark.last.id}/artwork",
      lettering.merge("set_file" => upload("\xEF\xBB\xBFname;berth\r\n\"Mary; Ann\";4\r\n名;5\r\n", "crew.csv"))
    # shown before it is kept
    expect([answer.status, answer.body, Artwork.count]).to match [200, /2 read from crew.csv.*>Mary; Ann\n名</m, 0]
    answer = send_form "/marks/#{Mark.last.id}/artwork", lettering.merge("set" => "Mary; Ann\n名")
    expect([answer.status, page_words]).to match [422, /Overpass Bold has no “名”/]
    send_form "/marks/#{Mark.last.id}/artwork",
      "kind" => "lettering", "font" => "overpass-bold", "text" => "ARC", "side" => "outside", "radius" => "30"
    expect(page_words).to match(/Give the cap height too, so that the arc has a size/)
  end
end
