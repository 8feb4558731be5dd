# frozen_string_literal: true

require "system_helper"

# A board from its files to marks that are ready for the sheet, at the real pages.
RSpec.describe "a circuit board", :shop, :page do
  let(:job) { Job.create!(title: "Lamp flashers") }
  let(:files) { Dir[File.expand_path("../../db/demo/art/lamp-flasher/*", __dir__)].sort }

  def bring(*paths, name: "Lamp flasher")
    visit "/jobs/#{job.id}/boards/new"
    attach_file "Files of one board", paths
    fill_in "Name of the board", with: name
    click_on "Read the files"
  end

  it "is read, looked at from both sides, laid on a plate, and made into two marks" do
    bring(*files)
    expect(page).to have_css("h1", text: "Side and mirroring")
    expect(page).to have_text("48.0 × 32.0").and have_text("printed mirrored").and have_text("10 checks fine")
    expect(page).to have_css("svg.board[aria-label*='bottom copper as in the file'] .ringed", count: 2)
    click_on "As it will lie"
    expect(page).to have_css("svg.board[aria-label*='bottom copper as it lies']")
    click_on "Top copper"
    expect(page).to have_css("svg.board[aria-label*='top copper']").and have_no_css(".ringed")
    find("summary", text: "How it is made").click
    fill_in "columns", with: "2"
    check "Register marks for two sides"
    click_on "Save and draw again"
    expect(page).to have_text("2 boards on a plate 111.0 × 44.0")
    expect(all(".drills tbody tr").map(&:text)).to include(a_string_matching(/1\.3\s6\s12/))
    click_on "Make both sides"
    expect(page).to have_text("Copies on a sheet")
    marks = Mark.order(:id).to_a
    expect(marks.map { |mark| mark.picked["layer"] }).to eq %w[top bottom]
    expect(marks).to all(have_attributes(method_key: "heat-resist", afterwards: "etch", work_s: be > 600))
    # two boards and their register marks: as wide as from cross to cross, at true size
    expect(marks.map { |mark| mark.width_mm.round(2) }).to eq [109.0, 109.0]
    # from the highest cross, 21 above the plate's middle, to the lowest copper: 9.899 and 14.8 below it
    expect(marks.map { |mark| [mark.x_mm.abs, mark.y_mm].map { |v| v.round(2) } }).to eq [[0, -5.55], [0, -3.1]]
  end

  it "writes its files back, and tells how far both sides lie apart" do
    bring(*files)
    visit "/boards/#{Board.last.id}/misfit"
    {"x1" => 0, "y1" => 0, "u1" => 0.2, "v1" => 0, "x2" => 40, "y2" => 0, "u2" => 40.2, "v2" => 0}.each { |name, value|
      fill_in name, with: value
    }
    click_on "Work it out"
    expect(page).to have_text("Type a distance, such as 12.4.", minimum: 1)
    {"x3" => 0, "y3" => 30, "u3" => 0.2, "v3" => 30}.each { |name, value| fill_in name, with: value }
    click_on "Work it out"
    expect(page).to have_text("0.2 mm right").and have_text("0°")
    gerber = page.evaluate_async_script(
      "fetch('/boards/#{Board.last.id}/files/copper-bottom.gbr').then(r => r.text()).then(arguments[0])"
    )
    expect(UpClose::Boards::Layer.read("copper-bottom.gbr", gerber).region.area).to be > 380
  end

  it "says at the field what cannot be read, and lets a file be called something else" do
    visit "/jobs/#{job.id}/boards/new"
    click_on "Read the files"
    expect(page).to have_text("Choose the files of a board")
    bring(File.expand_path("../../README.md", __dir__))
    expect(page).to have_text("neither a Gerber file nor a drill file")
    bring(*files)
    find("summary", text: "Type of each file").click
    select "not used", from: "copper-top.gbr"
    click_on "Save what each file is"
    expect(page).to have_no_link("Top copper")
    find("summary", text: "Type of each file").click
    select "not used", from: "copper-bottom.gbr"
    click_on "Save what each file is"
    expect(page).to have_text("None of these files is copper")
    select "bottom copper", from: "copper-bottom.gbr"
    click_on "Save what each file is"
    expect(page).to have_css("svg.board")
  end

  it "makes a mark of its legend too, and is looked at through the loupe by keyboard" do
    legend = "%TF.FileFunction,Legend,Top*%\n%FSLAX34Y34*%\n%MOMM*%\n%ADD10C,0.3*%\nD10*\nX100000Y100000D02*\n" \
      "X300000D01*\nM02*\n"
    bring(*files, saved("legend.gbr", legend))
    expect(page).to have_link("Top copper")
    find("button", text: "Loupe").click
    expect(page).to have_text("4×: arrows move it")
    find("button", text: "Loupe").send_keys("+", :right, :escape)
    expect(page).to have_no_text("arrows move it")
    click_on "Make both sides"
    expect(page).to have_field("prints")
    expect(Mark.last).to have_attributes(method_key: "tape-lift", purpose: "picture")
    # 20 mm of a 0.3 mm pen
    expect(Mark.last.width_mm).to be_within(0.001).of(20.3)
  end

  it "makes its marks anew where nothing was done with them, and leaves those that were on the bench" do
    bring(*files)
    click_on "Make both sides"
    expect(page).to have_field("prints")
    board = Board.last
    first = board.marks.transform_values(&:id)
    board.update!(layout: {columns: 2})
    Actions::MakeBoardMarks.call(board.reload)
    expect(board.reload.marks.transform_values(&:id)).to eq first
    # 2 × 48 + 3, and 4 all round
    expect(board.marks["top"].piece.reload.measures["width_mm"]).to eq 107.0
    top = board.marks["top"]
    top.runs.create!(began_at: Time.now, steps: top.planned.written_out.map(&:to_h))
    Actions::MakeBoardMarks.call(board.reload)
    now = board.reload.marks.transform_values(&:id)
    expect(now["top"]).not_to eq first["top"]
    expect(now["bottom"]).to eq first["bottom"]
    visit "/boards/#{board.id}"
    click_on "Put this board away"
    expect(page).to have_css("h2", text: "Put away").and have_no_css("h2", text: "Circuit boards")
    click_on "Bring back"
    expect(page).to have_css("svg.board")
  end
end
