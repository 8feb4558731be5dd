# frozen_string_literal: true

require_relative "../shop_helper"

RSpec.describe "marks that share sheets, and what a layout keeps free", :shop do
  let(:badge) { ready_mark }
  let(:plate) { ready_mark.tap { |mark| send_form "/marks/#{mark.id}/place", "width" => "44" } }

  def lay(mark, **more)
    send_form(
      "/marks/#{mark.id}/sheet",
      {"copies" => "2", "paper" => "a5", "leftovers" => "", "gap_mm" => "3"}.merge(more.transform_keys(&:to_s))
    )
  end

  def lines(layout) = layout.cut_lines.flatten(1).map { |place, paths| [layout.label(place), corners(paths)] }

  def corners(paths) = paths.first.flatten(0.01).first.first

  def both = [badge, plate].each { |mark| lay(mark) }

  def gang(**more)
    both
    lay(badge, with: [plate.id.to_s], **more)
    badge.reload.layout
  end

  it "lays waiting marks of the same stock and printer on one sheet, each by its own outline and letter" do
    other = ready_mark(method_key: "solvent-rub", printer: "laser")
    lay(other)
    both
    get "/marks/#{badge.id}/sheet"
    expect(last_response.body)
      .to include(%(id="with-#{plate.id}")).and(satisfy { |page| !page.include?(%(id="with-#{other.id}")) })
    layout = gang
    expect([layout.marks.to_a, layout.sheets.size, lines(layout).map(&:first).sort])
      .to eq [[badge, plate], 1, %w[A1 A2 B1 B2]]
    regions = lines(layout).map { |_, line| UpClose::Geometry::Region.polygon(line.map(&:to_a)) }
    expect(regions.combination(2).map { |a, b| a.distance(b) }.min).to be >= 3 - 1e-6
    expect(plate.reload.layout).to eq layout
    %w[pack.pdf cut/1.dxf sheets/1.svg?show=1].each do |file|
      expect(get("/marks/#{plate.id}/#{file}").status).to eq 200
    end
    expect(get("/marks/#{plate.id}/cut/1.svg").body.scan(/<g id="copy (\w\d)"/).flatten.sort).to eq %w[a1 a2 b1 b2]
    expect(badge.print_pack.pages.flat_map(&:marks).map { |item| item.box.width.round(3) }.tally)
      .to eq(30.0 => 2, 44.0 => 2)
  end

  it "offers what can be done with a mark too large for its paper while another waits, each with one press" do
    send_form "/marks/#{plate.id}/place", "width" => "30"
    # 200 × 100 and 2 × 3 round it, on A5 with frames of 8 and 12 and a heading: on its side 189 × 119 are inside
    send_form "/marks/#{badge.id}/place", "width" => "200"
    lay(badge, gap_mm: "2.5")
    expect(last_response.status).to eq 422
    expect(page_words)
      .to match(
        /does not fit on A5.*Make it as large as fits 188 . 0 × 94 . 0.*Print it on A4 as it is/
      )
      .and match(/Print it in tiles overlapping/)
    expect(page_words).not_to include "Turn it on the sheet"
    expect(page_words).to include plate.title
    send_form "/marks/#{badge.id}/place/largest", "where" => "paper", "paper" => "a5"
    expect(get("/marks/#{badge.id}/sheet").body).to include "sheet-picture"
    expect(badge.reload.pack.paper.title).to eq "A5 landscape"
    send_form "/marks/#{badge.id}/place", "width" => (badge.reload.width_mm + 0.01).to_s
    expect(get("/marks/#{badge.id}/sheet").body).to include "ways-out"
  end

  it "turns one that fits only on the slant" do
    # a slanted bar: its box, 148 × 148 with borders 154 wide, is too wide
    # for A5 in rows; its outline fits along the diagonal or upright
    bar = mark_with_artwork
    send_form "/marks/#{bar.id}/artwork",
      "kind" => "file", "file" => upload(svg('<rect width="200" height="8" transform="rotate(45)"/>'), "bar.svg")
    send_form "/marks/#{bar.id}/method", "method_key" => "water-slide", "printer" => "laser"
    send_form "/marks/#{bar.id}/place", "width" => "132"
    bar.reload.update!(paper: "a5")
    expect(get("/marks/#{bar.id}/sheet").body).to include "Turn it on the sheet"
    lay(bar, nested: "1", turning: "any")
    expect(bar.reload.layout.sheets.map { |sheet| sheet.places.size }.sum).to eq 2
  end

  it "writes what all of them took at once, whoever says it is printed, and lets one go on by itself" do
    gang
    2.times { send_form "/marks/#{plate.id}/printed" }
    expect(StockSheet.last.used.map { |area| area.words }.tally).to eq("heading" => 1, badge.title => 4)
    expect([badge, plate].map { |mark| mark.reload.layout.state }).to eq %w[printed printed]
    lay(badge)
    expect([badge.reload.layout, plate.reload.layout.state]).to eq [nil, "printed"]
    send_form "/marks/#{plate.id}/printed/back", "outcome" => "free"
    expect(StockSheet.count).to eq 0
  end

  it "no longer holds once one of them has another size; laid anew it is that mark's alone" do
    gang
    send_form "/marks/#{plate.id}/place", "width" => "40"
    expect([badge, plate].map { |mark| mark.reload.layout }).to eq [nil, nil]
    lay(badge)
    expect(Layout.count).to eq 0
  end

  it "moves a copy by its mark and number, and says on whose it would lie" do
    layout = gang
    at = layout.sheets.first.places.find { |p| p.mark == plate.id && p.copy == 1 }
    answer = send_form(
      "/marks/#{badge.id}/layout/move",
      "of" => badge.id,
      "copy" => "1",
      "x" => at.x,
      "y" => at.y,
      "turn" => "0",
      "try" => "1"
    )
    expect([answer.status, JSON.parse(answer.body)["said"]]).to match [422, /On copy B1/]
    send_form("/marks/#{badge.id}/layout/pin", "of" => plate.id, "copy" => "1")
    send_form("/marks/#{badge.id}/layout/again")
    expect(badge.reload.layout.sheets.first.places.select(&:pinned?)).to eq [at.with(pinned: true)]
  end

  it "keeps the webs, frame and leading edge asked for, and turns only as allowed" do
    layout = gang(gap_mm: "6", frame_mm: "11", leading_mm: "40", turning: "none", border_mm: "1.5")
    outlines = lines(layout).map(&:last)
    regions = outlines.map { |line| UpClose::Geometry::Region.polygon(line.map(&:to_a)) }
    boxes = outlines.map { |line| UpClose::Geometry::Box.around(line) }
    expect(regions.combination(2).map { |a, b| a.distance(b) }.min).to be >= 6 - 1e-6
    expect([boxes.map(&:x).min, boxes.map(&:y).min]).to match [be >= 11 - 1e-6, be >= 40 - 1e-6]
    expect(boxes.map { |box| box.width.round(2) }.uniq).to include(33.0)
    expect(layout.sheets.flat_map { |s| s.places.select { |p| p.mark == badge.id }.map { |p| p.turn } }.uniq)
      .to eq [0]
    answer = lay(badge, gap_mm: "wide", frame_mm: "900")
    expect([answer.status, page_words]).to match [422, /is not a length we can read.*60/]
    expect(answer.body).to include('value="wide"')
  end

  it "keeps off what its printer cannot reach, more than the frame where that is more" do
    Printer.create!(name: "old one", kind: "inkjet", margins_mm: {"left" => 20.0, "bottom" => 31.0})
    boxes = lines(gang(turning: "any")).map { |_, line| UpClose::Geometry::Box.around(line) }
    expect([boxes.map(&:x).min, boxes.map { |b| 210 - b.bottom }.min]).to match [be >= 20 - 1e-6, be >= 31 - 1e-6]
    expect(badge.reload.allowances.turns.size).to eq 24
  end

  it "searches beside the page when asked to try for longer, tells how far it is, and keeps the best when " \
    "told to stop" do
    both
    Actions::LookAtArtwork.once(badge.reload)
    allow(Actions::LaySheet).to receive(:search).and_wrap_original { |search, *rest, &progress|
      search.call(*rest) { |share| sleep(0.02) && progress&.call(share) }
    }
    expect(lay(badge, copies: "6", nested: "1", effort: "stretch").status).to eq 303
    get "/marks/#{badge.id}/sheet"
    expect(page_words).to match(/Trying layouts/)
    expect(JSON.parse(get("/marks/#{badge.id}/laying").body)).to include("going" => true, "share" => be_between(0, 1))
    send_form "/marks/#{badge.id}/laying/stop"
    Routes::Sheets::LAYING[badge.id]&.thread&.join # a busy machine may take longer than the press waits
    follow_redirect!
    expect(badge.reload.layout.copies).to eq 6
    expect(JSON.parse(get("/marks/#{badge.id}/laying").body)["going"]).to be false
  end

  it "offers tiles for a mark larger than any sheet, prints them, and marks each sheet with its part" do
    large = ready_mark(width_mm: "900", height_mm: "400")
    send_form "/marks/#{large.id}/place", "width" => "500"
    answer = lay(large, copies: "1", paper: "a4")
    expect([answer.status, answer.body]).to match [422, /Print it in tiles.*overlapping/m]
    expect(lay(large, copies: "1", paper: "a4", tiles: "1").status).to eq 303
    get "/marks/#{large.id}/sheet"
    expect(page_words).to match(/In tiles 3 × 1/)
    expect(large.reload.print_pack.pages.size).to eq 4
    send_form "/marks/#{large.id}/printed"
    # 506 × 256, lapped by 8: (506 + 16) ÷ 3
    expect(StockSheet.all.map { |s|
      UpClose::Geometry::Box.around(s.rings.last.map { |x, y| UpClose::Geometry::Point[x, y] }).then do |b|
        [b.width.round(1), b.height.round(1)]
      end
    })
      .to eq [[174.0, 256]] * 3
    get "/marks/#{large.id}/sheet"
    expect(page_words).to match(/Printed .* The used areas are marked/)
  end

  it "tells how large a mark could be on each sheet, and rides an offcut on a carrier" do
    send_form "/drawer",
      "stock" => "label-backing",
      "printer" => "inkjet",
      "size" => "own",
      "width_mm" => "120",
      "height_mm" => "90",
      "used" => ""
    get "/marks/#{badge.id}/sheet?largest=1"
    # 120 − 16 − 2 × 3 of border, and half as high
    expect(page_words).to match(/backing 1 (97\.[5-9]|98\.0) × (48\.[7-9]|49\.0) a fresh sheet/)
    expect(get("/marks/#{badge.id}/carrier.pdf").status).to eq 404
    lay(badge, leftovers: "1")
    expect(get("/marks/#{badge.id}/carrier.pdf").status).to eq 200
    expect(badge.reload.print_pack.pages.first.paper.title).to eq "A5"
    expect(StockSheet.last.carrier.dx).to eq 14
  end

  it "numbers the copies of a member into columns far apart" do
    places = Array.new(8) do |i|
      UpClose::Sheets::Placement.new(mark: 1, copy: i + 1, x: (i % 4) * 40.0, y: (i / 4) * 20.0, turn: 0)
    end
    sheet = UpClose::Sheets::LaidSheet.fresh(
      width_mm: 210, height_mm: 297, places: places.shuffle(random: Random.new(3))
    )
    numbered = UpClose::Sheets::LaidSheet.numbered([sheet]).first.places
    # two members, four of each: whichever column is lost, each member has three left
    by_column = numbered.group_by { |p| p.x }.values
    expect(by_column.map { |lost| lost.map { |p| (p.copy - 1) % 2 }.sort }).to all eq [0, 1]
  end
end
