# frozen_string_literal: true

require_relative "../shop_helper"

RSpec.describe "the sheet drawer", :shop do
  def put_in(**fields)
    send_form "/drawer",
      {"stock" => "label-backing", "printer" => "inkjet", "size" => "a4", "used" => "0, 0, 210, 200"}
        .merge(fields.transform_keys(&:to_s))
    StockSheet.last
  end

  let(:mark) { ready_mark }

  def lay(copies: 2, leftovers: "1")
    send_form("/marks/#{mark.id}/sheet", "copies" => copies.to_s, "paper" => "a4", "leftovers" => leftovers)
  end

  def printed = send_form("/marks/#{mark.id}/printed")

  it "keeps a sheet with what is gone from it, in any unit, and draws it to scale" do
    Preference.put("unit", "in")
    sheet = put_in(size: "own", width_mm: "8 1/2", height_mm: "5.5", used: "0, 0, 8.5, 1\n 7 1/2; 1; 1; 2")
    expect(sheet)
      .to have_attributes(name: "backing 1", width_mm: be_within(1e-9).of(215.9), height_mm: be_within(1e-9).of(139.7))
    expect(sheet.rings.last.first).to eq [190.5, 25.4]
    expect(sheet.free_room.area_mm2).to be_within(1e-6).of(215.9 * 139.7 - 215.9 * 25.4 - 25.4 * 50.8)
    get "/drawer"
    expect(last_response.body).to match(/viewBox="-1 -1 217.9 141.7"/).and match(/190.5,25.4 215.9,25.4/)
    expect(put_in(used: "").name).to eq "backing 2"
  end

  {
    {"used" => "0, 0, 210"} => /Line 1 does not hold four lengths/,
    {"used" => "0, 0, 210, 10\n0, 0, wide, 9"} => /Line 2: .*is not a length we can read/,
    {"used" => "0, 0, 0, 9"} => /wider and higher than nothing/,
    {"size" => "own", "width_mm" => "", "height_mm" => "90"} => /length/,
    {"stock" => "resist-film"} => /Heat resist film is for laser/,
    {"stock" => "vellum"} => /Choose one of these/
  }.each do |fields, words|
    it "says what is wrong at its field, and keeps what was typed: #{fields}" do
      answer = send_form(
        "/drawer",
        {"stock" => "label-backing", "printer" => "inkjet", "size" => "a4", "used" => "1, 2, 3, 4"}.merge(fields)
      )
      expect([answer.status, page_words, StockSheet.count]).to match [422, words, 0]
      expect(answer.body).to include(Rack::Utils.escape_html((fields["used"] || "1, 2, 3, 4").lines.last.strip))
    end
  end

  it "takes a sheet in from a scan: its sides, and what is gone" do
    # 120 × 80 mm at 150 dpi, a corner of 50 × 30 cut out of it, on a dark ground
    scan = Vips::Image.black(900, 650)
      .linear(1, 40)
      .cast(:uchar)
      .draw_rect([240], 90, 90, 709, 472, fill: true)
      .draw_rect([40], 90, 90, 295, 177, fill: true)
    put_in(scan: upload(scan.pngsave_buffer, "film.png"), dpi: "150", used: "rubbish")
    sheet = StockSheet.last
    expect(sheet).to have_attributes(width_mm: be_within(0.2).of(120), height_mm: be_within(0.2).of(80))
    expect([sheet.rings.size, sheet.free_room.area_mm2]).to match [1, be_within(40).of(120 * 80 - 1500)]
    answer = send_form(
      "/drawer",
      "stock" => "label-backing",
      "printer" => "inkjet",
      "scan" => upload("meow", "cat.png"),
      "dpi" => "300"
    )
    expect([answer.status, page_words]).to match [422, /cannot be read as a picture/]
  end

  it "lays copies on what is left first, and then on fresh sheets, none on what is gone" do
    sheet = put_in
    expect(lay(copies: 18).status).to eq 303
    layout = mark.reload.layout
    expect([layout.leftovers.map { |s| s.sheet_id }, layout.copies]).to eq [[sheet.id], 18]
    # each is 30 × 15 with its border of 3, 21 high: its middle never above 200 + 3 + 10.5
    expect(layout.leftovers.first.places.map { |p| p.y }.min).to be >= 200 + 3 + 10.5 - 1e-6
    expect(layout.fresh.sum { |s| s.places.size }).to eq 18 - layout.leftovers.first.places.size
    get "/marks/#{mark.id}/sheet"
    expect(page_words).to match(/#{layout.leftovers.first.places.size} of 18 copies go on leftover sheets/)
    %w[pack.pdf proof.pdf sheets/1.svg sheets/1.png?dpi=150].each do |file|
      expect(get("/marks/#{mark.id}/#{file}").status).to eq 200
    end
  end

  it "writes what a print took to the sheets, once, and puts fresh ones in the drawer, their heading gone too" do
    put_in
    lay(copies: 18)
    taken = mark.reload.layout.leftovers.first.places.size
    2.times { expect(printed.status).to eq 303 }
    expect(StockSheet.order(:id).map { |s| s.used.count { |a| a.layout_id } }).to eq [taken, 18 - taken + 1]
    expect(StockSheet.last).to have_attributes(name: "backing 2", printer: "inkjet", stock: "label-backing")
    # what is next laid there keeps off it
    other = ready_mark
    send_form "/marks/#{other.id}/sheet", "copies" => "2", "paper" => "a4", "leftovers" => "1"
    gone = StockSheet.all.flat_map { |s| s.rings.map { |r| [s.id, UpClose::Geometry::Region.polygon(r)] } }
    other.reload.layout.to_core.zip(other.layout.sheets).each do |laid, s|
      laid.places.each do |place|
        line = UpClose::Geometry::Region.polygon(place.line(other.cut_outline).map(&:to_a))
        expect(gone.select { |id, _| id == s.sheet_id }.map { |_, region| region.distance(line) }.min)
          .to be >= 3 - 1e-6
      end
    end
  end

  it "marks sheets printed in rows just the same" do
    lay(copies: 3, leftovers: "")
    printed
    expect(StockSheet.last.used.map { |a| a.words }).to eq ["heading", *[mark.title] * 3]
    ring = StockSheet.last.rings.last
    expect([ring.map(&:first).minmax.reduce(:-).abs, ring.map(&:last).minmax.reduce(:-).abs])
      .to match [be_within(0.01).of(36), be_within(0.01).of(21)]
  end

  it "gives the lines to cut along, each copy by its number, where the copies lie" do
    put_in
    lay(copies: 3)
    outlines =
      -> {
        get("/marks/#{mark.id}/cut/1.dxf").then do |r|
          UpClose::Formats::DXF::Reader.new(r.body).rings.map { |ring| ring.box.centre }
        end
      }
    # a DXF's y runs upwards, and is brought down again as it is read
    places = mark.reload.layout.sheets.first.places.map { |p| [p.x.round(2), p.y.round(2)] }
    expect(outlines.call.drop(1).map { |p| [p.x.round(2), p.y.round(2)] }).to match_array places
    svg = get("/marks/#{mark.id}/cut/1.svg").body
    expect(svg.scan(/<g id="copy (\d)"/).flatten).to match_array %w[1 2 3]
    expect(%w[cut/2.svg cut/1.png].map { |path| get("/marks/#{mark.id}/#{path}").status }).to eq [404, 404]
    lay(copies: 2, leftovers: "")
    expect(outlines.call.size).to eq 3
  end

  it "tells the second of two who laid out the same sheet, and writes nothing of hers" do
    sheet = put_in
    other = ready_mark
    [mark, other].each { |m| send_form "/marks/#{m.id}/sheet", "copies" => "1", "paper" => "a4", "leftovers" => "1" }
    printed
    before = sheet.reload.used
    answer = send_form "/marks/#{other.id}/printed"
    expect([answer.status, page_words])
      .to match [422, /backing 1 has changed since the layout was made. Lay out again/]
    expect(sheet.reload.used).to eq before
    expect(other.reload.layout.state).to eq "laid"
  end

  it "says so when the sheet it was laid on has gone with another's print taken back" do
    lay(copies: 1, leftovers: "")
    printed
    other = ready_mark
    send_form "/marks/#{other.id}/sheet", "copies" => "1", "paper" => "a4", "leftovers" => "1"
    expect(other.reload.layout.leftovers.size).to eq 1
    send_form "/marks/#{mark.id}/printed/back", "outcome" => "free"
    answer = send_form "/marks/#{other.id}/printed"
    expect([answer.status, page_words])
      .to match [422, /A sheet that is no longer there has changed since the layout was made. Lay out again/]
    expect([StockSheet.count, other.reload.layout.state]).to eq [0, "laid"]
  end

  it "writes all of a print or nothing, whatever stops it" do
    sheet = put_in
    lay(copies: 18)
    allow(Actions::PrintSheets).to receive(:fresh).and_raise(Errno::ENOSPC)
    expect { Actions::PrintSheets.call(mark.reload, Time.now) }.to raise_error(Errno::ENOSPC)
    expect([sheet.reload.used.size, StockSheet.count, mark.reload.layout.state]).to eq [1, 1, "laid"]
  end

  it "takes a print back: spoilt, or as if it had not been" do
    sheet = put_in
    lay(copies: 18)
    printed
    send_form "/marks/#{mark.id}/printed/back", "outcome" => "free"
    expect([StockSheet.count, sheet.reload.used.size, mark.reload.layout]).to eq [1, 1, nil]
    lay(copies: 18)
    printed
    send_form "/marks/#{mark.id}/printed/back", "outcome" => "spoilt"
    expect(StockSheet.pluck(:state).uniq).to eq ["spoilt"]
    get "/drawer"
    expect(page_words).to match(/The drawer is empty.*Used up or spoilt/)
    send_form "/drawer/#{sheet.id}/back"
    expect(StockSheet.here.to_a).to eq [sheet]
  end

  it "leaves a sheet in the drawer that was there before, blank as it was" do
    sheet = StockSheet.create!(
      name: "backing 9",
      stock: mark.setting.stock.key,
      printer: mark.printer,
      width_mm: 148,
      height_mm: 210,
      used: []
    )
    lay(copies: 1)
    printed
    expect(sheet.reload.used.size).to eq 1
    send_form "/marks/#{mark.id}/printed/back", "outcome" => "free"
    expect(StockSheet.all.map { |one| [one.name, one.state, one.used] }).to eq [["backing 9", "here", []]]
  end

  it "lays out again once the mark has another size, and says nothing of the old layout" do
    put_in
    lay
    send_form "/marks/#{mark.id}/place", "width" => "20"
    expect(mark.reload.layout).to be_nil
    expect(get("/marks/#{mark.id}/proof.pdf").status).to eq 404
    send_form "/marks/#{mark.id}/place", "width" => "30"
    expect(mark.reload.layout).not_to be_nil
  end

  it "marks more as gone, takes that back but not what prints took, wipes what can be wiped, puts away" do
    sheet = put_in(stock: "photo-paper-back", used: "")
    send_form "/drawer/#{sheet.id}/gone", "x" => "10", "y" => "20", "width" => "30.5", "height" => "40"
    expect(sheet.reload.rings).to eq [[[10.0, 20.0], [40.5, 20.0], [40.5, 60.0], [10.0, 60.0]]]
    expect(send_form("/drawer/#{sheet.id}/gone", "x" => "10", "y" => "20", "width" => "0", "height" => "x").status)
      .to eq 422
    send_form "/drawer/#{sheet.id}/unmark"
    expect(sheet.reload.used).to be_empty
    sheet.update!(used: [{"ring" => [[0, 0], [9, 0], [9, 9]], "words" => "rose", "layout_id" => 3}])
    send_form "/drawer/#{sheet.id}/unmark"
    expect(sheet.reload.used.size).to eq 1
    send_form "/drawer/#{sheet.id}/wipe"
    expect(sheet.reload).to have_attributes(used: [], wiped: 1)
    film = put_in(stock: "white-film", used: "0, 0, 9, 9")
    send_form "/drawer/#{film.id}/wipe"
    expect(film.reload.used.size).to eq 1
    send_form "/drawer/#{film.id}/away"
    expect(StockSheet.here.pluck(:id)).to eq [sheet.id]
  end
end

RSpec.describe "stock and what it costs", :shop do
  it "tells every kind's side and reading, and keeps a price, what a pack holds and where it is from" do
    get "/stock"
    expect(page_words).to match(/Resist film|Heat resist film/).and match(/on a carrier only/)
    answer =
      send_form("/stock/clear-film", "pack_cents" => "cheap", "pack_sheets" => "0", "supplier" => "the quay shop")
    expect([answer.status, page_words, answer.body.include?('value="the quay shop"'), StockFact.count])
      .to match [422, /is not a price we can read.*Sheets in a pack is a whole number/, true, 0]
    2.times do
      send_form("/stock/clear-film", "pack_cents" => "14,90", "pack_sheets" => "10", "supplier" => "the quay shop")
    end
    expect(StockFact.all.map { |f| [f.stock, f.pack_cents, f.pack_sheets, f.supplier] })
      .to eq [["clear-film", 1490, 10, "the quay shop"]]
    expect(send_form("/stock/vellum", "pack_cents" => "1").status).to eq 422
  end
end
