# frozen_string_literal: true

require_relative "../shop_helper"
require "nokogiri"
require "pdf/reader"

RSpec.describe "a mark, from job to record", :shop do
  it "reads what is typed, in the maker's own unit" do
    send_form "/preferences", "name" => "unit", "value" => "in"
    mark_with_artwork(width_mm: "2 1/2", height_mm: "40mm")
    expect(Piece.last.measures).to match("width_mm" => be_within(1e-9).of(63.5), "height_mm" => 40.0)
    get "/marks/#{Mark.last.id}/measure"
    expect(page_words).to include("2 1/2")
  end

  it "first places a mark as large as fits, or at the file's own true size" do
    expect(mark_with_artwork.width_mm).to be_within(0.11).of(56) # 60 − 2 × 2
    send_form "/marks/#{Mark.last.id}/artwork",
      "kind" => "file",
      "file" => upload(svg('<rect width="38" height="5"/>', width: "100mm", height: "50mm"), "true.svg")
    expect(Mark.last.width_mm).to be_within(1e-6).of(38)
    send_form "/marks/#{Mark.last.id}/artwork",
      "kind" => "lettering", "text" => "HEH", "font" => "overpass-bold", "cap_height" => "3"
    expect(Mark.last.height_mm).to be_within(1e-6).of(3)
  end

  it "answers too much strain on a ball with a size that its film follows, in one press" do
    mark = ready_mark(method_key: "water-slide", printer: "laser", material: "polystyrene", finish: "gloss-paint")
    mark.piece.update!(shape: "dome", measures: {ball_mm: 60.0, cap_mm: 60.0})
    mark.update!(width_mm: 40, stock: "clear-film")
    get "/marks/#{mark.id}/place"
    press = Nokogiri::HTML(last_response.body).at("[data-next]")
    # 13.82 mm from middle to corner: × 2 ÷ √(1 + ¼) = 24.7
    expect(press.text).to eq "Make it 24.7 mm wide"
    send_form press.parent["action"], press["name"] => press["value"]
    get "/marks/#{mark.id}/place"
    expect(Nokogiri::HTML(last_response.body).at("[data-next]").text).to eq "Lay it out on a sheet"
  end

  it "sizes by the field that was changed, moves, centres by ink, grows, and takes it all back" do
    mark = ready_mark
    places = [[30.0, 0.0, 0.0]]
    step = lambda do |path, fields|
      send_form "/marks/#{mark.id}/place#{path}", fields
      places << mark.reload.then { |m| [m.width_mm, m.x_mm, m.y_mm].map { |v| v.round(6) } }
    end
    step.call "", "height" => "10", "width" => "30"
    step.call "", "x" => "-2.5", "y" => "1 mm"
    step.call "/centre", "by" => "box"
    step.call "/largest", "where" => "anywhere"
    expect(places.drop(1)).to eq [[20, 0, 0], [20, -2.5, 1], [20, 0, 0], [56, 0, 0]]
    places.reverse.drop(1).each do |width, x, y|
      send_form "/marks/#{mark.id}/place/undo"
      expect(mark.reload).to have_attributes(width_mm: be_within(1e-6).of(width), x_mm: x, y_mm: y)
    end
  end

  it "answers a drag with the words for that place, and keeps nothing of it" do
    mark = ready_mark
    get "/marks/#{mark.id}/place/look?x_mm=20&y_mm=0"
    answer = JSON.parse(last_response.body)
    expect(answer["said"]).to include("Outside the edge", "5.0 mm") # 20 + 15 against 30
    expect(answer["fields"]).to include("x" => "20", "width" => "30")
    expect(mark.reload.x_mm).to eq 0
  end

  it "hands out the pack in each format, and the bench card on one page" do
    mark = ready_mark
    {
      "pack.pdf" => "%PDF",
      "sheets/1.svg" => "<?xml",
      "sheets/1.png?dpi=150" => "\x89PNG".b,
      "bench-card.pdf" => "%PDF"
    }.each do |path, start|
      get "/marks/#{mark.id}/#{path}"
      expect([last_response.status, last_response.body.b[0, start.bytesize]]).to eq [200, start.b]
    end
    card = PDF::Reader.new(StringIO.new(last_response.body))
    expect(card.page_count).to eq 1
    expect(card.pages.first.text).to include("Lay it, once", "Pencil lines", "Ink marks skin")
  end

  it "runs on stored moments: done once however often it is sent, late when late, back when taken back" do
    mark = ready_mark
    send_form "/marks/#{mark.id}/runs"
    send_form "/marks/#{mark.id}/runs"
    expect(Run.count).to eq 1
    run = Run.last
    2.times { send_form "/runs/#{run.id}/done", "step" => "ground" }
    expect(run.step_ends.reload.map(&:step)).to eq ["ground"]
    start = Time.now
    at = ->(seconds, step) { Actions::RunMarks.finish_step(Run.find(run.id), step, start + seconds) }
    %w[pencil print trim].each_with_index { |step, i| at.call(10 + i, step) }
    allow(Web.settings).to receive(:clock).and_return(start + 13 + 3 * 3600)
    get "/runs/#{run.id}"
    expect(page_words).to include("Late by 2 h 00", "wipe the sheet, print again")
    # two pieces, one after the other: this is the first
    send_form "/runs/#{run.id}/done", "step" => "lay:1"
    expect(run.step_ends.reload.last).to have_attributes(step: "lay:1", late: true)
    send_form "/runs/#{run.id}/step-back"
    expect(run.step_ends.reload.map(&:step)).to eq %w[ground pencil print trim]
  end

  it "says when the piece is ready, and keeps how each copy came out" do
    mark = ready_mark
    send_form "/marks/#{mark.id}/seal", "sealer" => "spray-satin"
    send_form "/marks/#{mark.id}/runs"
    run, at = Run.last, Time.now
    run.steps_core.each do |step|
      Actions::RunMarks.finish_step(run, step.key, at += step.least_s + step.earliest_s.to_i)
    end
    expect(run.reload).to be_finished
    send_form "/marks/#{mark.id}/record/1", "result" => "good", "note" => "crisp"
    send_form "/marks/#{mark.id}/record/2", "result" => "spoilt", "faults" => %w[faint crooked nonsense]
    send_form "/marks/#{mark.id}/record/2", "result" => "usable", "faults" => ["faint"]
    expect(mark.attempts.reload.map { |a| [a.copy, a.result, a.faults] })
      .to eq [[1, "good", []], [2, "usable", ["faint"]]]
    get "/jobs/#{mark.job.id}"
    expect(page_words).to include(
      "1 ● 1 ▲",
      "done",
      "Seal #{Presenters::Moments.clock(Time.at(run.clockwork.ready_at(Time.now.to_f)), Time.now)}"
    )
  end

  it "puts a job away and brings it back with everything in it" do
    mark = ready_mark
    send_form "/jobs/#{mark.job.id}/away"
    get "/jobs"
    expect(page_words).to match(/Put away Fair/)
    send_form "/jobs/#{mark.job.id}/back"
    get "/jobs/#{mark.job.id}"
    expect(page_words).to include("badge")
  end

  it "counts what is usable as come out, by method, printer and stock" do
    mark = ready_mark
    {1 => "good", 2 => "usable", 3 => "spoilt"}.each do |copy, result|
      mark.attempts.create!(copy: copy, result: result, faults: [])
    end
    expect(Attempt.record_of("ink-offset", "inkjet", mark.stock)).to eq [2, 3]
    expect(Attempt.records).to eq [mark.method_key, mark.printer, mark.stock] => [2, 3]
    # (0.65 × 4 + 2) ÷ 7, and of two wanted none is short
    expect([mark.reload.spares.chance.round(4), mark.short]).to eq [0.6571, 0]
  end
end
