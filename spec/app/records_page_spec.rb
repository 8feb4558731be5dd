# frozen_string_literal: true

require "shop_helper"

RSpec.describe "the record", :shop do
  def tried(result, days_ago, **more)
    Attempt.create!(
      copy: 1, result: result, method_key: "gel-medium", printer: "laser", stock: "quick-peel", material: "wood",
      finish: "sanded", sealer: "spray-acrylic", coats: 3, schools: {"paper" => "peel"}, faults: [],
      made_at: Time.now - days_ago * 86_400, **more
    )
  end

  def from(csv, **typed)
    send_form "/record/from", {"file" => upload(csv, "notes.csv", "text/csv")}.merge(typed.transform_keys(&:to_s))
  end

  it "says so where nothing is, bears one attempt, and shows months" do
    mark = ready_mark
    ["/record", "/methods/gel-medium/record", "/marks/#{mark.id}/history"].each do |path|
      expect(get(path).status).to eq(200)
      expect(page_words).to include "Nothing recorded yet."
    end
    tried("good", 1)
    get "/methods/gel-medium/record"
    expect(page_words).to match(/1 attempt since \d+ \w+, 1 good\..*1 of 1 came out; most likely/)
    7.times { |i| tried("good", 90 - i) }
    3.times { |i| tried("spoilt", 40 - i, faults: ["missing-spots"], cause: "tacky-medium") }
    tried("spoilt", 10, faults: ["torn"], stock: "letter-paper")
    tried("usable", 9, stock: "letter-paper")
    get "/methods/gel-medium/record"
    expect(page_words).to match(/13 attempts since .*8 good, 1 usable, 4 spoilt/)
      .and match(/tacky medium.* 3 .*torn image, cause not told.* 1/).and match(/You can be \d\d % sure that/)
    expect(last_response.body.scan('class="spoilt"').size).to eq 4
    # wait against nothing: three of three causes lie in a window
    expect(page_words).to include "3 of your 3 faults come from it."
    expect(get("/methods/none/record").status).to eq 404
  end

  it "tells what a good one cost as the chance stood, at today's prices" do
    mark = ready_mark(method_key: "gel-medium", printer: "laser")
    StockFact.create!(stock: "quick-peel", pack_cents: 500_000, pack_sheets: 1)
    5.times { |i| tried("good", 40 - i, mark: mark) }
    5.times { |i| tried("spoilt", 20 - i, mark: mark) }
    get "/marks/#{mark.id}/history"
    amount = "€([\\d.]+)"
    first, worst, now = page_words.match(/good piece costs #{amount} at first, #{amount} at its worst, #{amount} now/)
      .captures.map(&:to_f)
    # 0.65, and 5 of 10 after that: (0.65 × 4 + 5) ÷ 14 = 0.543
    expect(now / first).to be_within(0.06).of(0.65 / 0.543)
    expect(worst).to be >= now
  end

  it "goes out to CSV and comes back from it, another shop's counting for less" do
    4.times { |i| tried("good", 10 + i, grit: 180, note: "=1+1, \"thin\"") }
    tried("spoilt", 3, faults: %w[torn haze], cause: "peeled-early")
    csv = get("/record.csv").body
    expect(csv.lines.first).to include "made_at,method,printer"
    expect(csv).to include("torn;haze").and include("peeled-early").and include("\"'=1+1, \"\"thin\"\"\"")
    from(csv)
    expect(page_words).to include("5 lines can be read").and include("Import 5 lines")
    expect(Attempt.count).to eq 5
    send_form "/record/from", "text" => csv, "take" => "1", "origin" => ""
    expect([last_response.status, page_words]).to match [422, /Name the shop they came from/]
    2.times { send_form "/record/from", "text" => csv, "take" => "1", "origin" => "Quay Street workshop" }
    expect(Attempt.where(origin: "Quay Street workshop").group(:result).count).to eq("good" => 4, "spoilt" => 1)
    expect(Attempt.record_of("gel-medium", "laser", "quick-peel")).to eq [4, 5]
    expect(Attempt.ways.of("gel-medium", "laser", "quick-peel")).to eq(good: 4, tried: 5, others: [[4, 5]])
    send_form "/record/from/drop", "origin" => "Quay Street workshop"
    expect(Attempt.count).to eq 5
  end

  it "says line by line what cannot be read, and nothing of it comes in by itself" do
    tomorrow = (Date.today + 1).iso8601
    from(<<~CSV)
      made_at;method;result;faults;grit
      2026-11-03;Gel medium;good;;180
      #{tomorrow};gel-medium;good;;
      2026-13-40;gel-medium;good;;
      2026-11-03;alchemy;good;;
      2026-11-03;gel-medium;splendid;;
      2026-11-03;gel-medium;spoilt;missing spots|torn;240
      2026-11-03;gel-medium;spoilt;cursed;
      2026-11-03;gel-medium;good;;1e9
    CSV
    expect(page_words).to include(
      "2 lines can be read", "6 lines cannot", "Line 3: #{tomorrow} is still to come.",
      "Line 4: “2026-13-40” is no date", "Line 5: “alchemy” is no method known here.",
      "Line 6: “splendid” is not good, usable or spoilt.",
      "Line 8: “cursed” is no fault known here.", "Line 9: “1e9” is no grit."
    )
    from("\xFF\x00\x01nonsense".b)
    expect([last_response.status, page_words]).to match [422, /names no method and no result/]
    from("")
    expect(last_response.status).to eq 422
    expect(Attempt.count).to eq 0
  end

  it "offers what worked on the same kind of piece, whole" do
    mark = mark_with_artwork(count: "1")
    get "/marks/#{mark.id}/method"
    expect(page_words).not_to include "Like last time"
    5.times { |i| tried("good", 5 + i) }
    tried("spoilt", 2)
    4.times { |i| tried("spoilt", 20 + i, method_key: "solvent-rub", stock: "letter-paper", schools: {}) }
    get "/marks/#{mark.id}/method"
    expect(page_words).to match(/Like last time Gel medium, laser, quick peel, peel: .*; spray acrylic clear, 3 coats/)
      .and match(/5 of 6 came out on wood, last on/)
    send_form "/marks/#{mark.id}/like-last"
    expect(mark.reload).to have_attributes(
      method_key: "gel-medium", printer: "laser", stock: "quick-peel", picked: {"paper" => "peel"},
      sealer: "spray-acrylic", coats: 3
    )
  end

  it "keeps a photo of what went wrong, and lays it over the print where it can" do
    mark = ready_mark(method_key: "gel-medium", printer: "laser")
    attempt = mark.attempts.create!(copy: 1, piece: 1, result: "spoilt", faults: [])
    plain = (Vips::Image.black(300, 200) + 200).cast(:uchar).jpegsave_buffer
    send_form "/attempts/#{attempt.id}/photo", "photo" => upload(plain, "x.jpg")
    expect([last_response.status, page_words]).to match [422, /No mark can be found|not show this mark/]
    expect(attempt.reload.photo).not_to be_nil
    send_form "/attempts/#{attempt.id}/place", "x" => "0.25", "y" => "0.75"
    send_form "/attempts/#{attempt.id}/camera"
    expect(attempt.reload.places.first).to eq("x" => 0.25, "y" => 0.75)
    expect(attempt.faults).to include "missing-spots"
    expect(attempt.seen["missing_share"]).to be_between(0.01, 0.12)
    expect(attempt.places.count { |place| place["r"] }).to be_positive
    get "/attempts/#{attempt.id}/wrong"
    expect(page_words).to match(/% of it is missing, in \d+ spots? up to [\d.]+ mm/)
    expect(get("/attempts/#{attempt.id}/photo").content_type).to eq "image/jpeg"
  end
end
