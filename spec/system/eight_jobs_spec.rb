# frozen_string_literal: true

require_relative "../system_helper"
require_relative "../support/at_the_pages"

# Eight makers' jobs, each from what it is for to its record, at the real pages. Steps at the bench are pressed where
# something is to be seen; the others are done as the server does them.
RSpec.describe "eight jobs, from the purpose to the record, at the real page", :shop, :page do
  include AtThePages

  it "burns an outdoor sign over wet ink, and oils it for the weather" do
    begin_piece("quay sign", "Rectangle", width: 300, height: 140, uses: ["stands outdoors"])
    expect(page).to have_css(".purpose", text: "Needs metal. This piece is wood.")
    for_purpose("A guide to work over", afterwards: "Burn over it")
    artwork
    expect(suggested).to eq "tracing"
    by("Wet ink offset", printer: "inkjet")
    place_and_print(200)
    press("7")
    expect(page).to have_text("Burn over it first").and have_text("a line worked into the piece")
    choose "Wiped or brushed oil varnish", allow_label_click: true
    click_on "Use this finish"
    press("5")
    run = start
    order = %w[lift ink_dry outline fill clean_off seal_1]
    expect(keys(run) & order).to eq order
    walk(run, "outline")
    expect(page).to have_css("h1", text: "Burn the outline").and have_text("Toner and ink smoke as they burn")
    to_the_end(run)
  end

  it "engraves a silver tag after a solvent rub, with nothing over it" do
    begin_piece("silver tag", "Disc", material: "silver", finish: "etched or brushed", diameter: 28)
    for_purpose("A guide to work over", afterwards: "Engrave along it")
    artwork
    expect(suggested).to eq "solvent-rub"
    find("summary", text: "not possible on this piece").click
    expect(page).to have_text("Tape lift").and have_text("tape melts under a burner and drags under a blade")
    by(nil)
    place_and_print(18)
    expect(Mark.last.sealer).to eq "none"
    run = start
    walk(run, "outline")
    expect(page).to have_css("h1", text: "Engrave the outlines")
    expect(page).to have_text("the holding hand behind the point")
    to_the_end(run)
  end

  it "prints twenty-four coasters in lots, and lays one whole before the next" do
    begin_piece("coasters", "Disc", diameter: 112, count: 24)
    for_purpose("The finished picture")
    artwork
    by("Wet ink offset", printer: "inkjet")
    place_and_print(84, prints: 48)
    expect(page).to have_text("In lots").and have_text(/print \d+, lay \d+, then print the next/)
    run = start
    sizes = run.steps_core.select { |s| s.key.start_with?("print") }.map(&:number)
    expect([sizes.sum, sizes.size]).to match [48, be > 1]
    walk(run, "lay:3")
    expect(page).to have_text("Piece 3 of 24").and have_text("lot 1 of #{sizes.size}")
    expect(page).to have_text("of wet print left")
    step_done
    expect(page).to have_css("h1", text: "Rub gently, then firmly")
    to_the_end(run)
  end

  it "bakes twelve pictures on twelve blanks in one walk and one tray" do
    send_form "/jobs", "title" => "Views"
    marks = Array.new(12) do |i|
      send_form "/jobs/#{Job.last.id}/pieces", Shop::PLATE.merge(
        "name" => "tag #{i + 1}", "shape" => "disc", "diameter_mm" => "30", "material" => "aluminium",
        "finish" => "etched", "colour" => "#c4c6c7"
      )
      send_form "/marks/#{Mark.last.id}/purpose", "purpose" => "picture"
      drawing = %(<path d="M#{i + 4} 4h20v24h-20z"/>)
      send_form "/marks/#{Mark.last.id}/artwork", "kind" => "file", "file" => upload(svg(drawing), "view #{i + 1}.svg")
      send_form "/marks/#{Mark.last.id}/method", "method_key" => "baked-medium", "printer" => "laser"
      send_form "/marks/#{Mark.last.id}/place", "width" => "16"
      Mark.last
    end
    visit "/marks/#{marks.first.id}/sheet"
    marks.drop(1).each { |mark| check mark.title }
    find("#lay-out").click_on("Lay out")
    expect(page).to have_css("svg.layout")
    press("6")
    find("button", text: "Start all 12").click
    expect(page).to have_css("form.done-form", visible: :all)
    run = marks.first.reload.run
    expect(keys(run).grep(/coat|bake/)).to eq [*(1..12).map { |n| "coat:#{n}" }, "bake", "bake_seal"] & keys(run)
    walk(run, "coat:7")
    expect(page).to have_text("Piece 7 of 12: view 7")
    run.reload.steps_core.each { |step| Actions::RunMarks.finish_step(run.reload, step.key, Time.now) }
    expect(marks.map { |mark| mark.reload.run.finished? }.uniq).to eq [true]
    # the bench page takes itself up anew when its steps are done elsewhere: let it, before it is left
    expect(page).to have_link("Record how it came out")
    marks.last(2).each do |mark|
      visit "/marks/#{mark.id}/record"
      expect(page).to have_css("h1", text: "How it came out")
      click_on "It is good"
      expect(page).to have_css("h2", text: "It is good")
    end
  end

  it "traces a chopping board on its back, burns it, and finishes it with what is sold for food" do
    begin_piece("chopping board", "Rectangle", width: 300, height: 200, uses: ["touches food or lips"])
    for_purpose("A guide to work over", afterwards: "Burn over it")
    artwork
    expect(suggested).to eq "tracing"
    by(nil)
    expect(Mark.last.sealer).to eq "oil-wax"
    place_and_print(120)
    press("7")
    expect(page).to have_text("oil or wax that is sold for food contact, and no mark on the food face")
    press("5")
    run = start
    expect(keys(run) & %w[trace outline seal_1]).to eq %w[trace outline seal_1]
    expect(keys(run)).not_to include("air")
    to_the_end(run)
  end

  it "traces a moulding and carves it, stop cuts first" do
    begin_piece("moulding", "Rectangle", width: 400, height: 60)
    for_purpose("A guide to work over", afterwards: "Carve along it")
    artwork
    by(nil)
    place_and_print(90)
    run = start
    expect(keys(run) & %w[darken stop_cuts carve clean_off]).to eq %w[darken stop_cuts carve clean_off]
    to_the_end(run)
    visit "/marks/#{Mark.last.id}/record?piece=1"
    choose "spoilt", allow_label_click: true
    expect(page).to have_field("missing spots").and have_no_field("silvering").and have_no_field("colour lost on dark")
  end

  it "puts wet ink from waxed paper on a chalk-painted jug" do
    begin_piece("jug panel", "Rectangle", material: "glazed ware", finish: "chalky matt paint", width: 90, height: 90)
    for_purpose("The finished picture")
    artwork
    choose "inkjet"
    choose "Wet ink offset", allow_label_click: true
    select "wax or freezer paper", from: "stock-ink-offset"
    by(nil)
    place_and_print(60)
    run = start
    expect(keys(run)).to include("carrier")
    walk(run, "carrier")
    expect(page).to have_text("never send wax paper through a laser printer")
    to_the_end(run)
  end

  it "makes two dishes with four prints each: two are prepared, the best print is used, and said" do
    begin_piece("dishes", "Disc", diameter: 150, count: 2)
    for_purpose("The finished picture")
    artwork
    by("Wet ink offset", printer: "inkjet")
    place_and_print(90, prints: 8)
    run = start
    expect(page).to have_css("h1", text: "Sand it smooth")
    by_key = run.steps_core.to_h { |step| [step.key, step] }
    # fixed and each: two dishes are sanded, eight prints trimmed
    ground, trim = by_key.values_at("ground", "trim")
    expect([ground.least_s - 2 * ground.each_s, trim.least_s - 8 * trim.each_s]).to match [
      be_within(1e-6).of(60), be_within(1e-6).of(10)
    ]
    walk(run, "lay:1")
    expect(page).to have_text("6 spare prints in this lot")
    run.reload.steps_core.each { |step| Actions::RunMarks.finish_step(run.reload, step.key, Time.now) }
    expect(page).to have_link("Record how it came out") # as above
    visit "/marks/#{Mark.last.id}/record"
    select "3", from: "Which print was used"
    choose "good"
    click_on "Save"
    expect(page).to have_text("print 3")
    find("button", text: /other \d+ are good|Piece \d+ is good/).click
    expect(page).to have_css("h2", text: "All 2 are good")
  end
end
