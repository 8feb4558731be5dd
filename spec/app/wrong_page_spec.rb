# frozen_string_literal: true

require "shop_helper"

RSpec.describe "What went wrong", :shop do
  let(:began) { Time.now - 1000 }

  # lids in gel, the third laid 7 min after its gel was spread
  def spoilt_lid
    mark = ready_mark(method_key: "gel-medium", printer: "laser", count: "4", grit: "80")
    send_form "/marks/#{mark.id}/sheet", "copies" => "6", "paper" => "a4", "leftovers" => ""
    run = Actions::RunMarks.start(mark.reload, began)
    at = began
    run.steps_core.each do |step|
      break if step.key == "press:3"
      at += (step.key == "lay:3") ? 420 : 30
      Actions::RunMarks.finish_step(run, step.key, at)
    end
    send_form "/runs/#{run.id}/spoilt", "step" => "press:3"
    Attempt.last
  end

  it "asks at the bench at once, keeps what is known without anyone typing, and goes on with the next piece" do
    attempt = spoilt_lid
    expect(last_response.headers["location"]).to end_with "/attempts/#{attempt.id}/wrong"
    expect(attempt).to have_attributes(
      piece: 3, result: "spoilt", method_key: "gel-medium", printer: "laser", stock: "quick-peel", material: "wood",
      finish: "sanded", grit: 80, nth: 3, temperature_c: 20.0, schools: {"paper" => "peel"}, sealer: "spray-acrylic",
      width_mm: 30.0, height_mm: 15.0
    )
    lay = attempt.times_core.find { |time| time.step == "lay" }
    expect(lay).to have_attributes(after: "spread", after_s: 420.0, latest_s: 180)
    expect(lay.late_s).to eq 240.0
    # the makers' own pace is known by then; the piece comes again
    expect(attempt.run.reload.steps_core.map(&:key)).to include "lay:3~2"
    get "/attempts/#{attempt.id}/wrong"
    expect(page_words).to include("What went wrong with piece 3 ?", "What do you see?", "Saved: back to the bench")
    # the mark made in another way later changes nothing of it
    attempt.mark.update!(method_key: "iron-on")
    expect(Attempt.record_of("gel-medium", "laser", "quick-peel")).to eq [0, 1]
  end

  it "weighs what is pressed, asks, says how to save it and until when, and keeps what was found" do
    attempt = spoilt_lid
    send_form "/attempts/#{attempt.id}/fault", "fault" => "missing-spots"
    send_form "/attempts/#{attempt.id}/fault", "fault" => "no such fault"
    [["0.1", "0.1"], ["0.9", "0.2"], ["1.7", "0.2"], ["x", ""]].each do |x, y|
      send_form "/attempts/#{attempt.id}/place", "x" => x, "y" => y
    end
    get "/attempts/#{attempt.id}/wrong"
    expect(page_words).to match(/The gel had gone tacky +likely, \d in 10/).and include(
      "4 min late, 7:00 against 3:00", "Save this piece: wash the gel off now"
    )
    expect(attempt.reload.places.size).to eq 2
    until_ms = last_response.body[/data-until="(\d+)"/, 1].to_i
    laid_at = StepEnd.find_by(step: "lay:3").done_at
    expect(until_ms).to be_within(1000).of((laid_at.to_f + 1200) * 1000)
    send_form "/attempts/#{attempt.id}/answer", "question" => "smooth-skin", "answer" => "skin"
    get "/attempts/#{attempt.id}/wrong"
    expect(page_words).to match(/gone tacky +likely, [7-9] in 10/)
      .and include "Is there a smooth skin on it? A smooth skin"
    send_form "/attempts/#{attempt.id}/cause", "cause" => "tacky-medium"
    expect(AttemptDiagnosis.times_found("gel-medium")).to eq("tacky-medium" => 1)
    send_form "/attempts/#{attempt.id}/answer", "question" => "smooth-skin", "answer" => ""
    send_form "/attempts/#{attempt.id}/fault", "fault" => "missing-spots"
    send_form "/attempts/#{attempt.id}/place", "drop" => "1"
    send_form "/attempts/#{attempt.id}/place", "where" => "along_grain"
    expect(attempt.reload).to have_attributes(
      faults: [], answers: {}, places: [{"x" => 0.9, "y" => 0.2}, {"where" => "along_grain"}]
    )
  end

  it "changes the shop's own way by one press, and follows what comes of it" do
    attempt = spoilt_lid
    send_form "/attempts/#{attempt.id}/fault", "fault" => "missing-spots"
    2.times { send_form "/attempts/#{attempt.id}/change", "cause" => "tacky-medium" }
    school = OwnSchool.last
    expect(OwnSchool.count).to eq 1
    lay = school.steps.find { |step| step["key"] == "lay" }
    expect(lay["words"]).to eq "Trimmed and at hand before the gel is spread. Middle first."
    expect(attempt.mark.reload.own_school).to eq school
    expect(attempt.mark.planned.steps.find { |step| step.key == "lay" }.words).to start_with "Trimmed and at hand"
    attempt.mark.attempts.create!(copy: 7, piece: 1, result: "good", faults: [], made_at: Time.now + 60)
    expect(SchoolChange.last.since_words).to eq "since then 1 of 1"
    get "/attempts/#{attempt.id}/wrong"
    expect(page_words).to include "Kept in your own way of doing it; since then 1 of 1."
    # what is changes no step says where it is done
    send_form "/attempts/#{attempt.id}/change", "cause" => "thin-parts"
    expect([last_response.status, page_words]).to match [422, /changes no step\. Follow its instruction: Thicken/]
  end

  it "keeps the lot that was told, whether it is the first of it, and what a curved piece asks of the sheet" do
    send_form "/stock/clear-film", "batch" => "lot 7"
    mark = ready_mark(method_key: "water-slide", printer: "laser", material: "polystyrene", finish: "gloss-paint")
    mark.update!(stock: "clear-film")
    mark.piece.update!(shape: "dome", measures: {ball_mm: 80.0, cap_mm: 76.0})
    2.times { |i| Mark.find(mark.id).attempts.create!(copy: i + 1, piece: i + 1, result: "spoilt", faults: []) }
    first, second = Attempt.order(:id).last(2)
    expect([first, second].map { |one| [one.batch, one.given["new_lot"]] }).to eq [["lot 7", true], ["lot 7", false]]
    # 15 √(1 + ¼) ÷ 40 = 0.419: 1 − sin(0.419) ÷ 0.419
    away = Math.hypot(15, 7.5) / 40
    expect(first.given["strain"]).to be_within(1e-6).of(1 - Math.sin(away) / away)
    send_form "/printers", "name" => "Quay laser", "kind" => "laser"
    send_form "/printers/#{Printer.last.id}/changed", "cartridge" => "black, 3 November"
    expect(Printer.last).to have_attributes(cartridge: "black, 3 November", changed_at: be_within(5).of(Time.now))
  end

  it "knows a piece's own passes and lateness, not another's" do
    mark = ready_mark(count: "3")
    run = Actions::RunMarks.start(mark, Time.now - 900)
    run.steps_core.each do |step|
      break if step.key == "peek:2"
      {"press:1" => 4, "press:2" => 1}.fetch(step.key, 0).times { Actions::RunMarks.count_pass(run.reload, step.key) }
      Actions::RunMarks.finish_step(run, step.key, Time.now - 600 + 20 * StepEnd.count)
    end
    send_form "/runs/#{run.id}/spoilt", "step" => "peek:2"
    attempt = Attempt.last
    expect([attempt.piece, attempt.passes]).to eq [2, {"press" => [1, 4]}]
    send_form "/attempts/#{attempt.id}/fault", "fault" => "faint"
    get "/attempts/#{attempt.id}/wrong"
    expect(page_words).to include "1 pass of about 4"
  end

  it "bears whatever is sent to it, and keeps what was there" do
    attempt = spoilt_lid
    send_form "/attempts/#{attempt.id}/place", "x" => "0.5", "y" => "0.5"
    junk = ["", "-1", "NaN", "9" * 30, "\u0000", "<b>", {"a" => "b"}, %w[x y]]
    fields = {
      "place" => %w[x y where drop], "fault" => %w[fault], "answer" => %w[question answer], "cause" => %w[cause]
    }
    answered = fields.flat_map do |path, names|
      junk.map { |one| send_form("/attempts/#{attempt.id}/#{path}", names.to_h { |name| [name, one] }).status }
    end
    expect(answered.uniq).to eq [303]
    expect(attempt.reload).to have_attributes(faults: [], answers: {}, cause: nil, places: [{"x" => 0.5, "y" => 0.5}])
  end

  it "has nothing to say of what is not there" do
    attempt = spoilt_lid
    expect(get("/attempts/0/wrong").status).to eq 404
    expect(send_form("/attempts/#{attempt.id}/change", "cause" => "none").status).to eq 404
    # its artwork is gone: what was told stays, without a drawing
    attempt.mark.update!(artwork: nil)
    get "/attempts/#{attempt.id}/wrong"
    expect([last_response.status, page_words]).to match [200, /What went wrong with piece 3 \?/]
    expect(last_response.body).not_to include 'id="scene"'
    attempt.update!(mark_id: nil)
    expect(get("/attempts/#{attempt.id}/wrong").status).to eq 404
  end
end
