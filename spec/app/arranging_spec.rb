# frozen_string_literal: true

require_relative "../shop_helper"

RSpec.describe "copies arranged by hand", :shop do
  let(:mark) { ready_mark }
  # 36 × 21 with its border; the sheet is free from 100 down
  let(:layout) do
    send_form "/drawer", "stock" => "label-backing", "printer" => "inkjet", "size" => "a4", "used" => "0, 0, 210, 100"
    send_form "/marks/#{mark.id}/sheet", "copies" => "3", "paper" => "a4", "leftovers" => "1"
    mark.reload.layout
  end

  def move(copy, x, y, turn = 0, **more)
    send_form(
      "/marks/#{mark.id}/layout/move",
      {"copy" => copy, "x" => x, "y" => y, "turn" => turn}.merge(more.transform_keys(&:to_s))
    )
  end

  def places
    mark.reload.layout.sheets.flat_map { |s| s.places }.to_h { |p| [p.copy, [p.x, p.y, p.turn]] }
  end

  before { layout }

  it "keeps a place that keeps to the rules, to the last tenth, and asks without keeping" do
    expect(move(1, 150, 250, 0, try: 1).status).to eq 200
    expect(places[1]).not_to eq [150, 250, 0]
    expect(move(1, 150.1, 250.2, 390).status).to eq 200
    expect(places[1]).to eq [150.1, 250.2, 30]
    # 210 − 8 − 18 = 184 is as far right as it goes, 100 + 3 + 10.5 as far up
    expect([move(2, 184, 200).status, move(3, 100, 113.5).status]).to eq [200, 200]
  end

  it "keeps nothing that breaks one, and says which, with its figure" do
    before = places
    {
      [184.2, 200] => /edge : stop 7\.8 mm/,
      [100, 113] => /Too near what is gone : stop 2\.5 mm/,
      [100, 90] => /On what is gone : stop 0 mm/
    }.each do |(x, y), words|
      answer = move(1, x, y)
      expect([answer.status, JSON.parse(answer.body)["said"].gsub(/<[^>]+>/, " ").squeeze(" ")]).to match [422, words]
    end
    move(2, 100, 200)
    expect(JSON.parse(move(1, 138.5, 200).body)["said"]).to match(/Too near copy 2/)
    expect(JSON.parse(move(1, 110, 210).body)["said"]).to match(/On copy 2/)
    expect(move(1, 139, 200).status).to eq 200 # 36 and 3 between
    expect(places.slice(3)).to eq before.slice(3)
    expect(move("one", 1, 1).status).to eq 400
  end

  it "holds the shop for nobody while it searches, and leaves alone what was moved meanwhile" do
    held = []
    allow(Workers).to receive(:call).and_wrap_original do |work, *args, **more, &told|
      held << ActiveRecord::Base.connection_pool.active_connection?&.transaction_open?
      mark.reload.layout.update!(state: "laid", sheets: moved_on(mark.layout.sheets)) if held.size == 2
      work.call(*args, **more, &told)
    end
    send_form "/marks/#{mark.id}/layout/again"
    laid = places
    expect(held).to all(be_falsey).and have_attributes(size: 1)
    send_form "/marks/#{mark.id}/layout/again"
    expect(places.values.map(&:first)).to eq(laid.values.map { |x, *| x + 1 })
  end

  # every copy a millimetre further right
  def moved_on(sheets)
    sheets.map { |sheet| sheet.holding(sheet.places.map { |place| place.with(x: place.x + 1) }) }
  end

  it "leaves what is pinned and lays the rest round it" do
    move(2, 30, 200, 90)
    send_form "/marks/#{mark.id}/layout/pin", "copy" => "2"
    send_form "/marks/#{mark.id}/layout/again"
    expect(places[2]).to eq [30, 200, 90]
    expect(places.keys).to match_array [1, 2, 3]
    outline = mark.layout.outline(mark.layout.marks.first)
    lines = mark.layout.to_core.first.places.map { |p| UpClose::Geometry::Region.polygon(p.line(outline).map(&:to_a)) }
    expect(lines.combination(2).map { |a, b| a.distance(b) }.min).to be >= 3 - 1e-6
  end

  it "prints where the hand has laid it, and moves nothing once it is printed" do
    move(1, 150, 250)
    send_form "/marks/#{mark.id}/printed"
    ring = StockSheet.last.used.select { |a| a.layout_id }.map do |a|
      UpClose::Geometry::Box.around(a.ring.map { |x, y| UpClose::Geometry::Point[x, y] }).centre.to_a.map do |v|
        v.round(3)
      end
    end
    expect(ring).to include([150.0, 250.0])
    move(1, 100, 200)
    expect(mark.reload.layout.sheets.first.places.map { |p| [p.x, p.y] }).to include([150, 250])
  end
end
