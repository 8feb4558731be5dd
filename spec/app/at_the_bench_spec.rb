# frozen_string_literal: true

require_relative "../shop_helper"

RSpec.describe "at the bench", :shop do
  let(:mark) { ready_mark }
  let(:run) { Actions::RunMarks.start(mark, Time.now) }

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
    expect([answer.status, page_words, answer.body]).to match [422, /no picture that can be read/, />kept<\/textarea>/]
    expect(run.reload.notes.size).to eq 2
  end

  it "does not begin past a refused rule without a reason, and keeps the reason" do
    mark.piece.update!(finish: "sealed")
    get "/marks/#{mark.id}/apply"
    expect(page_words).to match(/Begin all the same/)
    expect(send_form("/marks/#{mark.id}/runs", "despite" => "  ").status).to eq 422
    expect(Run.count).to eq 0
    send_form "/marks/#{mark.id}/runs", "despite" => "a trial on a scrap"
    get "/runs/#{Run.last.id}"
    expect(page_words).to match(/although a rule refuses it: a trial on a scrap/)
    other = ready_mark
    send_form "/marks/#{other.id}/runs", "despite" => "no need"
    expect(other.run.despite).to be_nil
  end

  it "shows what else is under way, with its time, and how many spares are left" do
    other = ready_mark
    Actions::RunMarks.start(other, Time.now - 100)
    mark.update!(copies: 4)
    2.times { send_form "/runs/#{run.id}/spoilt" }
    get "/runs/#{run.id}"
    expect(page_words).to match(/badge × 4 · 2 spoilt, 0 spares left.*badge Sand it smooth/)
    send_form "/runs/#{run.id}/spoilt"
    get "/runs/#{run.id}"
    expect(page_words).to match(/3 spoilt, 1 short: print more/)
  end

  it "changes its stamp with everything done in any run, and with nothing else" do
    stamps = [-> {}, -> { Actions::RunMarks.finish_step(run, "ground", Time.now) }, -> { Actions::RunMarks.step_back(run) }, -> { Actions::RecordAttempt.spoilt(mark, run) }, -> { Actions::RunMarks.note(run, "x", nil, Time.now) }]
    run
    seen = stamps.map { |act| act.call.then { Actions::RunMarks.stamp } }
    expect(seen.each_cons(2).count { |a, b| a != b }).to eq 4
    mark.update!(copies: 9)
    expect(Actions::RunMarks.stamp).to eq seen.last
  end
end
