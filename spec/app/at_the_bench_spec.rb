# frozen_string_literal: true

require "nokogiri"
require_relative "../shop_helper"

RSpec.describe "at the bench", :shop do
  let(:mark) { ready_mark }
  let(:run) { Actions::RunMarks.start(mark, Time.now) }

  it "counts a press that waited from when it was made, but never before the step before it, nor from nonsense" do
    run = Actions::RunMarks.start(ready_mark, Time.now - 600)
    at = ->(ago) { Actions::RunMarks.pressed_at(run.reload, ago, Time.now) }
    expect(at.call("45.5")).to be_within(1).of(Time.now - 45.5)
    expect([at.call(nil), at.call("-30"), at.call("NaN"), at.call("soon")]).to all be_within(1).of(Time.now)
    expect(at.call("9e9")).to be_within(1).of(run.began_at)
    send_form "/runs/#{run.id}/done", "step" => run.steps_core.first.key, "ago" => "100"
    expect(run.reload.step_ends.first.done_at).to be_within(1).of(Time.now - 100)
  end

  it "keeps notes and photos with the step they were made at, and refuses what is no picture" do
    Actions::RunMarks.finish_step(run, "ground", Time.now)
    send_form "/runs/#{run.id}/note", "words" => "a ridge near the rim"
    photo = Vips::Image.black(400, 300).linear(1, 90).cast(:uchar).jpegsave_buffer
    send_form "/runs/#{run.id}/note", "words" => "", "photo" => upload(photo, "rim.jpg", "image/jpeg")
    notes = run.reload.notes
    expect(notes.map { |n| [n["step"], n["words"]] }).to eq [["pencil", "a ridge near the rim"], ["pencil", ""]]
    kept = get("/runs/#{run.id}/photos/#{notes.last["photo"]}")
    expect([kept.status, Vips::Image.new_from_buffer(kept.body, "").width]).to eq [200, 400]
    expect(get("/runs/#{run.id}/photos/#{"0" * 64}").status).to eq 404
    answer = send_form("/runs/#{run.id}/note", "words" => "kept", "photo" => upload("meow", "cat.jpg"))
    expect([answer.status, page_words, answer.body]).to match [422, /cannot be read as a picture/, />kept<\/textarea>/]
    expect(run.reload.notes.size).to eq 2
  end

  it "tells a stop at Artwork on every stage after it, goes on past it for one reason, and never blocks what is done" do
    mark = ready_mark(method_key: "water-slide", printer: "laser")
    # 0.04 mm of line at 30 mm, all of it
    fine = svg('<path d="M0 1h100M0 11h100M0 21h100" stroke="#000" stroke-width="0.1"/>')
    send_form "/marks/#{mark.id}/artwork", "kind" => "file", "file" => upload(fine, "hair.svg")
    send_form "/marks/#{mark.id}/place", "width" => "30"
    expect(send_form("/marks/#{mark.id}/place/settle").status).to eq 422
    expect(page_words).to match(/Artwork : Thinnest line 0 \. 03.*Go on anyway Your reason/)
    %w[sheet apply].each do |stage|
      expect(get("/marks/#{mark.id}/#{stage}") && page_words).to match(/Artwork : Thinnest line/), stage
    end
    expect([
      send_form("/marks/#{mark.id}/runs").status,
      send_form("/marks/#{mark.id}/printed").status,
      mark.reload.runs.size
    ])
      .to eq [422, 422, 0]
    expect(JSON.parse(get("/marks/#{mark.id}/checks?stage=place").body))
      .to include("stops" => /Thinnest line/, "row" => include("artwork" => include("figure" => /■/)))
    send_form "/marks/#{mark.id}/override", "reason" => "  ", "stage" => "place"
    expect(mark.reload.override).to eq({})
    send_form "/marks/#{mark.id}/override", "reason" => "a trial", "stage" => "place"
    expect(send_form("/marks/#{mark.id}/place/settle").status).to eq 303
    expect(get("/marks/#{mark.id}/apply") && page_words).to match(/Thinnest line.*You go on anyway: “a trial”/)
    send_form "/marks/#{mark.id}/runs"
    run = mark.reload.run
    expect([run.override_reason, get("/runs/#{run.id}") && page_words])
      .to match ["a trial", /Thinnest line: 0.03.*You began anyway: “a trial”/]
    expect(get("/marks/#{mark.id}/record") && page_words).to include "Done despite a stop: “a trial”"
    # another method has stops of its own: the reason covers those it was given for
    send_form "/marks/#{mark.id}/override/back", "stage" => "apply"
    expect(get("/marks/#{mark.id}/apply") && page_words).to match(/Go on anyway/)
    expect(send_form("/runs/#{run.id}/done", "step" => run.steps_core.first.key).status).to eq 303
    expect(run.reload.step_ends.size).to eq 1
  end

  it "does not begin past a refused rule without a reason, and keeps the reason" do
    mark.piece.update!(finish: "sealed")
    get "/marks/#{mark.id}/apply"
    expect(page_words).to match(/Go on anyway/)
    expect(send_form("/marks/#{mark.id}/runs", "override" => "  ").status).to eq 422
    expect(Run.count).to eq 0
    send_form "/marks/#{mark.id}/runs", "override" => "a trial on a scrap"
    get "/runs/#{Run.last.id}"
    expect(page_words).to match(/You began anyway: “a trial on a scrap”/)
    other = ready_mark
    send_form "/marks/#{other.id}/runs", "override" => "no need"
    expect(other.run.override_reason).to be_nil
  end

  it "shows what else is under way, with its time, and how many spares are left" do
    other = ready_mark
    Actions::RunMarks.start(other, Time.now - 100)
    mark.update!(copies: 4)
    step = {"step" => run.steps_core.first.key}
    2.times { send_form "/runs/#{run.id}/spoilt", step }
    get "/runs/#{run.id}"
    expect(page_words).to match(/badge × 2 · 2 spoilt, 0 spares left.*badge Sand it smooth/)
    send_form "/runs/#{run.id}/spoilt", step
    get "/runs/#{run.id}"
    expect(page_words).to match(/3 spoilt, 1 missing: print more/)
  end

  it "lets a wait be ended early by a second, smaller action that says the risk, and never calls the piece " \
    "ready for it" do
    Actions::RunMarks.finish_step(
      run,
      run.reload.clockwork.state(Time.now.to_f).step.key,
      Time.now
    ) until run.reload.clockwork.state(0).step.key == "ink_dry"
    page = Nokogiri::HTML(get("/runs/#{run.id}").body)
    expect([page.at_css("button.press")["hidden"], page.at_css(".too-early").text])
      .to match ["", /Not yet.*Wet ink smears, and runs under a coat.*End the wait early/m]
    run.steps_core.each { |step| send_form "/runs/#{run.id}/done", "step" => step.key, "early" => "1" }
    expect(run.reload).to be_finished
    get "/runs/#{run.id}"
    full = Presenters::Moments.clock(run.step_ends.last(2).first.done_at + 86_400, Time.now)
    expect(page_words)
      .to match(
        /Not ready yet.*ended before its time\. Leave the piece alone until #{full}/
      )
      .and match(/○ dry to the touch.*○ ready to handle.*○ fully cured #{full}/)
    expect(page_words).not_to include("It is ready Since")
    ["/jobs/#{mark.job.id}", "/marks/#{mark.id}/seal", "/timetable"].each do |path|
      expect(get(path).body).to include(full)
    end
  end

  it "takes a mark off the bench when all are good and cured, and says what is short" do
    mark.update!(copies: 3)
    start = Time.now - 400_000
    late = Actions::RunMarks.start(mark, start)
    late.steps_core.each_with_index { |step, i| Actions::RunMarks.finish_step(late, step.key, start + i * 600) }
    send_form "/marks/#{mark.id}/record/1", "result" => "good"
    [2, 3].each { |print| send_form "/marks/#{mark.id}/record/2", "result" => "spoilt", "print" => print.to_s }
    get "/marks/#{mark.id}/record"
    # one of two is good: one more at (0.65 × 4 + 1) ÷ 7 = 0.51 each takes 5
    expect(page_words)
      .to match(/One short 1 good, 2 spoilt; 2 good ones wanted\. Print 5 more enough to get 1, at 51 in 100/)
    expect(get("/").body).to include("on plate")
    send_form "/marks/#{mark.id}/more"
    expect(mark.reload).to have_attributes(copies: 5, packed_at: nil)
    expect(mark.pieces_to_do).to eq 1
    send_form "/marks/#{mark.id}/record/2", "result" => "usable", "print" => "4"
    expect(get("/").body).not_to include("on plate")
  end

  it "changes its stamp with everything done in any run, and with nothing else" do
    stamps = [
      -> {},
      -> { Actions::RunMarks.finish_step(run, "ground", Time.now) },
      -> { Actions::RunMarks.step_back(run) },
      -> { Actions::RecordAttempt.spoilt(mark, run) },
      -> { Actions::NoteRun.call(run, "x", nil, Time.now) }
    ]
    run
    seen = stamps.map { |act| act.call.then { Actions::RunMarks.stamp } }
    expect(seen.each_cons(2).count { |a, b| a != b }).to eq 4
    mark.update!(copies: 9)
    expect(Actions::RunMarks.stamp).to eq seen.last
  end

  it "counts passes where they are usual, and goes back as often as it takes" do
    keys = %w[ground pencil print trim lay:1]
    keys.each { |key| Actions::RunMarks.finish_step(run, key, Time.now) }
    3.times { send_form "/runs/#{run.id}/pass", "step" => "press:1" }
    send_form "/runs/#{run.id}/pass", "step" => "lay:1"
    get "/runs/#{run.id}"
    expect(page_words).to match(/Passes: 3 of about 4/)
    expect(run.reload.passes).to eq("press:1" => 3)
    send_form "/runs/#{run.id}/done", "step" => "press:1"
    get "/runs/#{run.id}"
    expect(page_words).to match(/Do “Rub gently, then firmly” again/)
    2.times { send_form "/runs/#{run.id}/again", "step" => "peek:1" } # a double click
    expect([run.reload.clockwork.state(0).step.key, run.passes["peek:1 again"], run.step_ends.map(&:step)])
      .to eq ["press:1", 1, keys]
    expect(Actions::RunMarks.again(run, "press:1")).to be false
  end

  it "does marks that share their sheets in one run: what is for all once, then piece after piece" do
    other = ready_mark(count: "1")
    [mark, other].each { |m| send_form "/marks/#{m.id}/sheet", "copies" => "2", "paper" => "a5", "leftovers" => "" }
    send_form "/marks/#{mark.id}/sheet", "copies" => "2", "paper" => "a5", "leftovers" => "", "with" => [other.id.to_s]
    get "/marks/#{mark.id}/apply"
    expect(page_words).to match(/Start with badge/)
    send_form "/marks/#{mark.id}/runs", "together" => "1"
    lead, follower = [mark, other].map { |m| m.reload.run }
    expect([follower.lead, lead.marks, lead.pieces, lead.prints]).to eq [lead, [mark, other], 3, 4]
    expect(lead.steps_core.map(&:key).grep(/lay|ground|print/)).to eq %w[ground print lay:1 lay:2 lay:3]
    expect([1, 2, 3].map { |turn| lead.owner(turn) }).to eq [[mark, 1], [mark, 2], [other, 1]]
    expect(get("/runs/#{follower.id}").headers["location"]).to end_with "/runs/#{lead.id}"
    %w[ground pencil print trim lay:1 press:1 peek:1 lift:1 lay:2 press:2 peek:2 lift:2].each do |key|
      send_form "/runs/#{lead.id}/done", "step" => key
    end
    get "/runs/#{lead.id}"
    expect(page_words).to match(/badge and badge × 3.*Piece 3 of 3: badge · step 1 of 4/)
    send_form "/runs/#{lead.id}/spoilt", "step" => "lay:3"
    expect([mark, other].map { |m| m.attempts.reload.map { |a| [a.piece, a.result] } }).to eq [[], [[1, "spoilt"]]]
    # one print is left, and that piece is sanded first
    get "/runs/#{lead.id}"
    expect(page_words).to match(/Sand it smooth, once more/)
    expect(get("/").status).to eq 200
    expect(get("/timetable") && page_words).to match(/badge and badge/)
  end
end
