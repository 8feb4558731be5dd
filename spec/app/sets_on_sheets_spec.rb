# frozen_string_literal: true

require_relative "../shop_helper"
require "pdf/reader"

RSpec.describe "what a mark's sheet says and holds", :shop do
  def lay(mark, copies, leftovers: "1")
    send_form("/marks/#{mark.id}/sheet", "copies" => copies.to_s, "paper" => "a4", "leftovers" => leftovers)
  end

  def put_in(used, printer: "laser", stock: "clear-film")
    send_form "/drawer", "stock" => stock, "printer" => printer, "size" => "a4", "used" => used
    StockSheet.last
  end

  let(:berths) do
    send_form "/jobs", "title" => "Fair"
    send_form "/jobs/#{Job.last.id}/pieces", "name" => "plate", "shape" => "rectangle", "width_mm" => "80",
      "height_mm" => "20", "material" => "brass", "finish" => "etched", "colour" => "#c9a646", "count" => "1"
    mark = Mark.last
    send_form "/marks/#{mark.id}/artwork",
      "kind" => "lettering", "font" => "overpass-bold", "cap_height" => "5", "set" => "Berth 1…9", "side" => "straight"
    send_form "/marks/#{mark.id}/method", "method_key" => "water-slide", "printer" => "laser", "stock" => "clear-film"
    mark.reload
  end

  it "lays a set's members on what is left, each its own, and prints every one of them once" do
    put_in "0, 0, 210, 200"
    lay(berths, 9)
    layout = berths.reload.layout
    expect(layout.sheets.flat_map { |s| s.places.map { |p| p.copy } }.sort).to eq (1..9).to_a
    drawn = berths.print_pack.pages.flat_map(&:marks)
    expect(drawn.map { |item| item.artwork.drawing.shapes.first.path.commands.size }.uniq.size).to be > 3
    expect(drawn.map(&:artwork)).to match_array((1..9).map { |n| berths.design.drawn.for_copy(n) })
    expect(berths.spares).to have_attributes(wanted: 9)
  end

  it "prepares every member of a set alike, about the box of all, and refuses what makes pictures of letters" do
    before = berths.width_mm
    send_form "/marks/#{berths.id}/recipe",
      "act" => "keep",
      "steps" => {
        "0" => {"key" => "thicken", "on" => "1", "by_mm" => "0.2"},
        "1" => {"key" => "bend", "on" => "1", "radius_mm" => "120"}
      }
    mark = berths.reload
    # 0.2 mm each side; then its upper edge, 122.7 mm from the centre,
    # runs longer than the middle: 2 × 122.7 × sin(24.7 ÷ 240)
    expect(mark.width_mm).to be_between(before + 0.4, 25.23)
    middles = [1, 4].map { |n| mark.design.drawn.for_copy(n).drawing.ink.box.centre.x - mark.design.ink.box.centre.x }
    expect(middles.map(&:abs)).to all be < 0.05
    expect([1, 4].map { |n| mark.design.drawn.for_copy(n).drawing.shapes.size }.uniq.size).to eq 1
    expect(mark.print_pack.pages.flat_map(&:marks).map(&:artwork)).to include(mark.design.drawn.for_copy(1))
    get "/marks/#{mark.id}/artwork"
    expect(last_response.body)
      .to include(">Bend to the cup</option>").and(satisfy { |page| !page.include?(">Dot screen</option>") })
    send_form "/marks/#{mark.id}/recipe", "act" => "add", "add" => "dot-screen"
    expect([last_response.status, last_response.body]).to match [422, /a set must stay letters/]
  end

  it "says in the row which sheet it is on, or on how many, and when it does not fit" do
    said = -> { Presenters::CardRow.new(berths.reload, writer: writer, now: Time.now).cell("sheet").figure }
    expect(said.call).to eq "9 on 1 A4"
    put_in "0, 0, 210, 200"
    lay(berths, 9)
    expect(said.call).to eq "clear film 1"
    lay(berths, 60)
    expect(said.call).to match(/\A\d sheets, 1 fresh\z/)
    lay(berths, 9, leftovers: "")
    send_form "/marks/#{berths.id}/printed"
    expect(said.call).to eq "a fresh sheet"
  end

  it "takes no sheet of another stock or printer, and none that is spoilt" do
    put_in "0, 0, 210, 100", printer: "inkjet"
    put_in "0, 0, 210, 100", stock: "white-film"
    spoilt = put_in("0, 0, 210, 100")
    spoilt.update!(state: "spoilt")
    lay(berths, 9)
    expect(berths.reload.layout).to be_nil
    get "/marks/#{berths.id}/sheet"
    expect(page_words).not_to match(/leftover sheet/)
  end

  it "draws a sheet of the drawer with what is left of it in words" do
    sheet = put_in("0, 0, 210, 180\n150, 200, 60, 97")
    drawn = Presenters::DrawnSheet.new(sheet, writer: writer)
    # 210 × 117 less 60 × 97; from 183 to 289 by 8 to 147
    expect(drawn.words).to match(/\A188 cm² left, at most 13[89]\.0 × 10[56]\.0\z/)
    expect([drawn.gone.size, drawn.view_box]).to eq [2, "-1 -1 212.0 299.0"]
    expect(Presenters::DrawnSheet.new(put_in("0, 0, 210, 297"), writer: writer).words)
      .to eq "0 cm² left, too little to use"
  end

  it "prints a size for which there is no leftover on fresh sheets, each copy once, heading and bars with it" do
    put_in "0, 0, 210, 285"
    lay(berths, 9)
    expect(berths.reload.layout).to be_nil
    text = PDF::Reader.new(StringIO.new(get("/marks/#{berths.id}/pack.pdf").body)).pages.map(&:text).join
    expect(text).to match(/50\.0 mm: measure this/).and match(/Reads as it is/)
  end

  it "refuses more copies than it lays, and none at all, with what was typed" do
    {"0" => /from 1 to 500/, "501" => /from 1 to 500/, "many" => /whole number/}.each do |typed, words|
      answer = lay(berths, typed)
      expect([answer.status, page_words]).to match [422, words]
      expect(answer.body).to include(%(value="#{typed}"))
    end
  end
end
