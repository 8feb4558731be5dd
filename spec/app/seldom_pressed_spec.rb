# frozen_string_literal: true

require_relative "../shop_helper"

# Buttons that are seldom pressed, and answers that are seldom given.
RSpec.describe "what is seldom pressed", :shop do
  describe "a mark made exactly as wide as the unit of a run" do
    let(:mark) { ready_mark }
    let(:run) { {"shape" => "run", "run" => "300", "wanted" => "29", "corners" => "", "ends" => "whole"} }

    it "is squeezed along the run alone, its height kept, and printed as often as the run takes it" do
      before = [mark.width_mm, mark.height_mm]
      answer = send_form("/marks/#{mark.id}/stepping", run)
      expect([answer.status, answer.location]).to match [303, %r{/marks/#{mark.id}/sheet\z}]
      mark.reload
      # 300 ÷ 29 is 10.3: ten of 30 mm, and the mark is 30 mm wide already
      expect([mark.copies, mark.width_mm, mark.height_mm]).to match [10, *before.map { |mm| be_within(1e-6).of(mm) }]
      send_form "/marks/#{mark.id}/stepping", run.merge("run" => "330", "wanted" => "27.5")
      expect([mark.reload.copies, mark.width_mm, mark.height_mm])
        .to match [12, be_within(0.01).of(27.5), be_within(0.02).of(before.last)]
      # squeezed anew from what it was, and not from what it is
      send_form "/marks/#{mark.id}/stepping", run
      expect(mark.reload.width_mm).to be_within(0.01).of(30)
    end

    it "is refused where the unit is far from its width, or it has none, with the way out" do
      answer = send_form("/marks/#{mark.id}/stepping", run.merge("wanted" => "60"))
      expect([answer.status, error_at("wanted")]).to match [422, /30 mm wide and the unit 60: too far to squeeze/]
      bare = mark_with_artwork
      bare.update_columns(width_mm: nil)
      answer = send_form("/marks/#{bare.id}/stepping", run)
      expect([answer.status, error_at("wanted")]).to match [422, /has no size yet.*Place it/]
      expect(bare.reload.recipe).to be_empty
    end

    it "gives the strip as PDF, SVG and DXF, as long as the run" do
      asked = Rack::Utils.build_query(run)
      expect(get("/stepping.pdf?#{asked}").body).to start_with "%PDF"
      expect(get("/stepping.svg?#{asked}").body[/width="([\d.]+)mm"/, 1].to_f).to be >= 300
      expect(get("/stepping.dxf?#{asked}").body).to include("LINE")
      expect([get("/stepping.exe?#{asked}").status, get("/stepping.pdf?run=none").status]).to eq [404, 404]
    end
  end

  describe "a backup by the button" do
    it "is made, listed by its name, and comes down as it was written" do
      expect(send_form("/backups").status).to eq 303
      path = Shelves::ShopBackup.new(Settings.home).all.first
      answer = get("/backups/#{File.basename(path)}")
      expect([answer.status, answer["content-disposition"]])
        .to eq [200, %(attachment; filename="#{File.basename(path)}")]
      expect(answer.body.bytesize).to eq File.size(path)
      expect(%w[up-close-2020-01-01-000000.zip ..%2Fup_close.sqlite3].map { |name| get("/backups/#{name}").status })
        .to eq [404, 404]
    ensure
      FileUtils.rm_rf(File.join(Settings.home, "backups"))
    end

    it "says in a sentence when the disk has no room for it, and leaves no half of one" do
      allow(Shelves::ShopBackup).to receive(:check!).and_raise(Errno::ENOSPC)
      expect(send_form("/backups").status).to eq 500
      expect(page_words).to include("The backup was not made").and include("Make room on the disk")
      expect(Dir[File.join(Settings.home, "backups/*")]).to be_empty
    end
  end

  it "takes back the last move of a copy, and then the one before" do
    mark = ready_mark
    send_form "/drawer", "stock" => "label-backing", "printer" => "inkjet", "size" => "a4", "used" => "0, 0, 210, 100"
    send_form "/marks/#{mark.id}/sheet", "copies" => "2", "paper" => "a4", "leftovers" => "1"
    places = -> { mark.reload.layout.sheets.flat_map(&:places).to_h { |place| [place.copy, [place.x, place.y]] } }
    laid = places.call
    [[150, 200], [100, 250]].each do |x, y|
      send_form "/marks/#{mark.id}/layout/move", "copy" => 1, "x" => x, "y" => y, "turn" => 0
    end
    expect(places.call).to eq laid.merge(1 => [100, 250])
    undo = -> { send_form("/marks/#{mark.id}/layout/undo").status.then { |status| [status, places.call] } }
    expect(undo.call).to eq [303, laid.merge(1 => [150, 200])]
    expect(undo.call).to eq [303, laid]
    # nothing is left to take back
    expect(undo.call).to eq [303, laid]
  end

  it "says of six pieces, one of them spoilt, that the other five are good, and that one is short" do
    mark = ready_mark(count: "6")
    send_form "/marks/#{mark.id}/record/2", "result" => "spoilt", "faults" => ["smeared"]
    expect(get("/marks/#{mark.id}/record") && page_words).to include("The other 5 are good")
    send_form "/marks/#{mark.id}/rest-good"
    told = Mark.find(mark.id).attempts.map { |attempt| [attempt.piece, attempt.result] }.sort
    expect(told).to eq [[1, "good"], [2, "spoilt"], [3, "good"], [4, "good"], [5, "good"], [6, "good"]]
    expect(get("/marks/#{mark.id}/record") && page_words).to include("5 good, 1 spoilt", "One short")
    # tried again at the bench, it is one of those of which nothing was said
    again = ready_mark(count: "2").tap { |other| other.change(copies: 4) }
    run = Actions::RunMarks.start(again, Time.now)
    before = run.steps_core.take_while { |step| step.turn.nil? }
    before.each { |step| Actions::RunMarks.finish_step(run.reload, step.key, Time.now) }
    first = run.steps_core[before.size]
    Actions::RunMarks.spoil(run.reload, first.key, Time.now)
    expect([first.turn, Mark.find(again.id).attempts.map(&:result), Mark.find(again.id).untold_pieces])
      .to eq [1, ["spoilt"], [1, 2]]
  end

  it "keeps no stand-in of a print whose file cannot be printed" do
    before = [Mark.count, Piece.count]
    send_form "/print", "width" => "60", "method_key" => "solvent-rub", "printer" => "laser",
      "file" => upload(svg('<g id="empty"/>'), "empty.svg")
    expect(last_response.status).to eq 422
    expect([Mark.count, Piece.count]).to eq before
  end

  describe "what a mark is for" do
    let(:plate) { {"material" => "brass", "finish" => "raw", "colour" => "#c9a646"} }

    def etched(mark, minutes)
      send_form "/marks/#{mark.id}/purpose", "purpose" => "resist", "afterwards_resist" => "etch", "work_min" => minutes
    end

    it "takes the bath's minutes as typed, a comma among them, and refuses what is none" do
      mark = ready_mark(method_key: "heat-resist", printer: "laser", **plate)
      expect(etched(mark, "42,5").status).to eq 303
      expect(mark.reload.work_s).to eq 2550
      ["soon", "0", "-3", "43201"].each do |text|
        expect([etched(mark, text).status, error_at("work_min")]).to match [422, /“#{text}” is no number of minutes/]
        expect(last_response.body).to include(%(value="#{text}"))
      end
      expect(mark.reload.work_s).to eq 2550
    end

    it "stays as it is once the mark is on the bench" do
      mark = ready_mark
      run = Actions::RunMarks.start(mark, Time.now)
      Actions::RunMarks.finish_step(run, run.steps_core.first.key, Time.now)
      answer = send_form("/marks/#{mark.id}/purpose", "purpose" => "guide")
      expect([answer.status, page_words]).to match [422, /It is on the bench already.*Finish this run/]
      expect(mark.reload.purpose).not_to eq "guide"
    end
  end
end
