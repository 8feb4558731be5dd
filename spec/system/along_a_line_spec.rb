# frozen_string_literal: true

require_relative "../system_helper"

# Four on a drawer front of 420 mm, half a gap at either end: 420 ÷ 4 = 105 apart, the first 52.5 from the edge.
RSpec.describe "marks along a line", :shop, :page do
  let(:middles) { [52.5, 157.5, 262.5, 367.5] }
  let(:mark) do
    made = mark_with_artwork(width_mm: "420", height_mm: "120")
    send_form "/marks/#{made.id}/method", "method_key" => "ink-offset", "printer" => "inkjet"
    send_form "/marks/#{made.id}/place", "width" => "70"
    send_form "/marks/#{made.id}/place/repeats", "kind" => "along", "count" => "4", "run" => "420"
    made.reload
  end

  # mm from the piece's left edge
  def drawn_at
    page.evaluate_script(<<~JS)
      (() => {
        const piece = document.querySelector("#scene .piece").getBoundingClientRect()
        return [...document.querySelectorAll("#scene .mark image")].map((image) => {
          const box = image.getBoundingClientRect()
          return (box.x + box.width / 2 - piece.x) * 420 / piece.width
        })
      })()
    JS
  end

  def be_near(places) = match(places.map { |mm| be_within(0.5).of(mm) })

  it "are drawn, numbered, measured and carded where they are laid" do
    visit "/marks/#{mark.id}/place"
    expect(drawn_at).to be_near(middles)
    expect(page.all("#scene .nth text", visible: :all).map(&:text)).to eq %w[1 2 3 4]
    told = middles.map.with_index(1) { |mm, i| /#{i}: 60\.0 mm from the top edge, #{mm} mm from the left edge/ }
    told.each { |words| expect(page).to have_text(words) }
    get "/marks/#{mark.id}/place"
    expect(page_words).to include("4 of them, evenly").and include("35.0 mm between")
    File.binwrite(path = File.join(HOME, "card.pdf"), get("/marks/#{mark.id}/bench-card.pdf").body)
    card = IO.popen(["pdftotext", "-layout", path, "-"], &:read).squeeze(" \n") if system("which pdftotext > /dev/null")
    middles.each { |mm| expect(card).to include(mm.to_s) } if card
    bearings = [1, 2, 4].map do |turn|
      Presenters::BenchPlacing.new(mark, writer: UpClose::Measure::LengthWriter.new("mm"), turn: turn).words
    end
    expect(bearings).to match [/52\.5 mm/, /157\.5 mm/, /367\.5|52\.5 mm from the right/]
  end

  it "move together by one of them, and lie over each other in no silence" do
    visit "/marks/#{mark.id}/place"
    expect(page).to have_css(".grip-bar", visible: :all)
    middle = middle_of("#scene .mark g:nth-of-type(3) image")
    drag(middle, 30, 0)
    Timeout.timeout(8) { sleep 0.1 until mark.reload.x_mm > 5 }
    expect(page).to have_css("#said")
    expect(drawn_at).to be_near(middles.map { |mm| mm + mark.x_mm })
    send_form "/marks/#{mark.id}/place/repeats", "kind" => "along", "count" => "8", "run" => "420"
    get "/marks/#{mark.id}/place"
    expect(page_words).to match(/8 of them, evenly : stop.*(They overlap|stick)/)
    fresh = Mark.find(mark.id).tap { |one| one.repeats = {"kind" => "along", "count" => 20, "run_mm" => 420.0} }
    told = Presenters::MiddlesOfRepeats.new(fresh, fresh.placement, UpClose::Measure::LengthWriter.new("mm")).words
    expect(told.scan(/(\d+): /).flatten).to eq %w[1 2 3 20]
    send_form "/marks/#{mark.id}/place/repeats", "kind" => "along", "count" => "4", "run" => ""
    expect([last_response.status, error_at("run")]).to match [422, /Type a length/]
    expect(Nokogiri::HTML5(last_response.body).at_css("#r-run").parent.text).to include("Type a length")
  end

  it "begin with the piece's own length" do
    fresh = mark_with_artwork(width_mm: "420", height_mm: "120")
    expect(Nokogiri::HTML5(get("/marks/#{fresh.id}/place").body).at_css("#r-run")["value"]).to eq "420"
  end
end
