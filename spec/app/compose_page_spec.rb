# frozen_string_literal: true

require_relative "../shop_helper"

RSpec.describe "Several marks on one piece", :shop do
  # a plate of 60 × 40 with a box of 30 × 15 on its middle
  let(:first) { ready_mark(method_key: "water-slide", printer: "laser") }

  # a second one, 20 wide, so far from the middle
  def second(x:, y: 0, method_key: "water-slide", width: 20)
    send_form "/pieces/#{first.piece_id}/marks"
    mark = Mark.last
    send_form "/marks/#{mark.id}/artwork",
      "kind" => "file", "file" => upload(svg('<rect width="40" height="20" fill="#a33"/>'), "star.svg")
    send_form "/marks/#{mark.id}/method", "method_key" => method_key, "printer" => "laser"
    send_form "/marks/#{mark.id}/place", "width" => width.to_s, "x" => x.to_s, "y" => y.to_s
    mark.reload
  end

  def compose(active = first)
    get "/pieces/#{first.piece_id}/compose?active=#{active.id}"
    page_words
  end

  def snaps = JSON.parse(CGI.unescapeHTML(last_response.body[/data-snaps="([^"]*)"/, 1]))

  it "shows them together, says which lies over which and what to wait for, and changes their order" do
    upper = second(x: 12)
    words = compose(upper)
    expect(words).to include("2 in 2 layers", "star over badge", "The lower edge may show", "one thin clear coat")
    get "/marks/#{upper.id}/apply"
    expect(page_words).to include("star over badge", "Lay badge first")
    send_form "/pieces/#{first.piece_id}/compose/order", "mark" => upper.id, "way" => "down"
    expect(compose).to include("badge over star")
    send_form "/marks/#{upper.id}/place", "width" => "10", "x" => "0", "y" => "16.5"
    expect(compose).to include("Middles in line", "2 in 1 layer")
  end

  it "names where one snaps to, with the gaps it makes" do
    other = second(x: -18, y: -14, width: 10)
    compose(other)
    expect(snaps.map { |snap| snap["words"] }).to include("middle of badge", "left edges with badge")
    # 10 × 5 at the left of a box from −15 to 15: halfway between −30 and −15
    between = snaps.find { |snap| snap["axis"] == "x" && snap["words"].start_with?("equal gaps to the edge and badge") }
    expect(between["at"]).to be_within(1e-6).of(-22.5)
    expect(between["words"]).to end_with("2.5")
  end

  it "stops inks that are wet together, on the page and before it is laid on a sheet" do
    mark = ready_mark
    send_form "/pieces/#{mark.piece_id}/marks"
    other = Mark.last
    send_form "/marks/#{other.id}/artwork",
      "kind" => "file", "file" => upload(svg('<rect width="40" height="20"/>'), "bar.svg")
    send_form "/marks/#{other.id}/method", "method_key" => "ink-offset", "printer" => "inkjet"
    send_form "/marks/#{other.id}/place", "width" => "20", "x" => "5"
    get "/pieces/#{mark.piece_id}/compose"
    expect(page_words).to include("bar over badge", "Both are wet")
    expect(Mark.find(other.id).stops.open.map(&:name)).to include "place.over"
    send_form "/marks/#{other.id}/place", "x" => "0", "y" => "14"
    expect(Mark.find(other.id).stops.open).to be_empty
  end

  it "keeps the grain by two clicks, and turns a mark along it" do
    send_form "/pieces/#{first.piece_id}/direction",
      "kind" => "grain", "x1" => "-10", "y1" => "0", "x2" => "10", "y2" => "-2"
    # tan⁻¹(−2 ÷ 20)
    expect(first.piece.reload.direction).to eq("kind" => "grain", "deg" => -5.71)
    expect(compose).to include("grain, up 5.7° to the right")
    send_form "/marks/#{first.id}/place/along"
    expect(first.reload.turn_deg).to eq(-5.71)
    send_form "/pieces/#{first.piece_id}/direction", "x1" => "0", "y1" => "0", "x2" => "0.2", "y2" => "0"
    expect([last_response.status, page_words]).to match [422, include("two places further apart")]
  end

  describe "bound as one transfer" do
    let!(:words) { second(x: 0, y: 14, width: 20) }

    before { send_form "/marks/#{words.id}/bind", "to" => first.id }

    it "prints both as one copy, each where it lies from the other, cut out along one line" do
      get "/marks/#{words.id}/sheet"
      expect(last_response.location).to end_with "/marks/#{first.id}/sheet"
      send_form "/marks/#{first.id}/cut", "line" => "ink", "around_mm" => "1"
      boxes = FoundMarks.ink_boxes(FoundMarks.pages(get("/marks/#{first.id}/pack.pdf").body, "pdf").first)
      tall = boxes.select { |b| (b.width - 30).abs < 0.2 && (b.height - 15).abs < 0.2 }
      low = boxes.select { |b| (b.width - 20).abs < 0.2 && (b.height - 10).abs < 0.2 }
      expect([tall.size, low.size]).to eq [first.copies_wanted] * 2
      # middles 14 apart, one below the other
      gaps = tall.zip(low).map { |a, b| [(b.centre.x - a.centre.x).round(1), b.centre.y - a.centre.y] }
      expect(gaps).to all match([be_within(0.1).of(0), be_within(0.1).of(14)])
      expect(Mark.find(first.id).cutting.cut.region.parts.size).to eq 1
    end

    it "is parted again, and refuses what cannot be one transfer" do
      send_form "/marks/#{words.id}/unbind"
      expect(words.reload.bound_to).to be_nil
      send_form "/marks/#{words.id}/method", "method_key" => "tape-lift", "printer" => "laser"
      send_form "/marks/#{words.id}/bind", "to" => first.id
      expect([last_response.status, page_words]).to match [422, include("cannot be one transfer")]
    end
  end
end
