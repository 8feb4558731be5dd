# frozen_string_literal: true

require_relative "../system_helper"

RSpec.describe "from an empty shop to the record, at the real page", :shop, :page do
  def finish(steps) = steps.times { step_done(:space) }

  it "goes the whole way by mouse and keyboard" do
    visit "/"
    click_on "Begin with my piece"
    fill_in "Name of the job", with: "Raffle dish"
    fill_in "For whom", with: "the Keepers"
    press(:enter)

    # measure
    expect(page).to have_css("h1", text: "The piece and its size")
    fill_in "The piece", with: "sycamore dish"
    select "Disc"
    fill_in "Diameter", with: "six"
    select "wood"
    select "bare, sanded smooth"
    fill_in "How many", with: "2"
    click_on "Save the piece"
    expect(page).to have_text("“six” is not a length we can read")
    expect(page).to have_field("The piece", with: "sycamore dish")
    fill_in "Diameter", with: '5 7/8"'
    click_on "Save the piece"
    choose "The finished picture"
    click_on "Choose the artwork"

    # artwork
    attach_file "The file: SVG, PDF, PNG or JPEG", saved("tide.png", "the tide is out")
    click_on "Use this"
    expect(page).to have_text("cannot read this kind of file")
    attach_file "The file: SVG, PDF, PNG or JPEG",
      saved("badge.svg", svg('<rect width="60" height="20"/><rect y="20" width="20" height="20"/>'))
    click_on "Use this"
    expect(page).to have_text("lines, printed as lines")
    click_on "Choose the method"

    # method
    choose "Solvent rub", allow_label_click: true
    choose "inkjet"
    click_on "Use this method"
    expect(page).to have_text("Solvent rub cannot work from an inkjet print")
    choose "Wet ink offset", allow_label_click: true
    click_on "Use this method"
    expect(page).to have_text("laid face down on the piece. So it is printed mirrored")
    click_on "Place it"

    # place: by figures, by drag, by keys, and back
    fill_in "wide", with: "90"
    press(:tab)
    expect(page).to have_field("high", with: "60")
    mark = Mark.last
    scale = page.evaluate_script(
      "document.querySelector('#scene').getScreenCTM().a * document.querySelector('#mark').dataset.scale"
    )
    drag(middle_of("#mark image"), 10 * scale, -5 * scale)
    expect(page).to have_field("right", with: /\A(9\.9|10)/)
    expect(mark.reload).to have_attributes(x_mm: be_within(0.6).of(10), y_mm: be_within(0.6).of(-5))
    x = mark.x_mm
    press(:right, :right, [:shift, :down])
    expect(page).to have_field("down", with: /\A-(3\.|4)/)
    expect(mark.reload.x_mm).to be_within(1e-6).of(x + 0.2)
    click_on "Undo"
    expect(mark.reload.y_mm).to be_within(0.6).of(-5)
    fill_in "wide", with: "170"
    press(:tab)
    expect(page).to have_text("Outside the rim")
    fill_in "wide", with: "90"
    press(:tab)
    expect(page).to have_no_text("Outside the")
    click_on "weight of ink"
    expect(page).to have_text("An upright line")
    expect(page).to have_css(".working p", text: /nearest ink at .* right/, visible: :all)
    click_on "Lay it out on a sheet"

    # sheet
    fill_in "prints", with: "3"
    find("#lay-out").click_on("Lay out")
    expect(page).to have_text("3 copies on 1 sheet of A4")
    expect(page.evaluate_script("document.querySelector('.sheet-picture').naturalWidth")).to be > 100
    expect(page).to have_link("Print pack, PDF")

    # apply, with the number keys along the row
    press("6")
    click_on "Start"
    expect(page).to have_css("h1", text: "Sand it smooth")
    finish(3)
    step_done(:enter)
    expect(page).to have_css("h1", text: "Lay it, once")
    expect(page).to have_text(/Not yet: opens in|Open for another/)
    # two dishes from three prints: the first is spoilt, the second is laid, the first is sanded and laid again
    expect(page).to have_text("Piece 1 of 2").and have_text("1 spare print in this lot")
    find("summary", text: "This one is spoilt").click
    click_on "Yes, it is spoilt"
    expect(page).to have_css("h1", text: /What went wrong with piece 1/)
    click_on "missing spots"
    expect(page).to have_css("h2", text: "Most likely")
    click_on "Saved: back to the bench"
    expect(page).to have_text("1 spoilt")
    expect(page).to have_text("Piece 2 of 2")
    finish(4)
    expect(page).to have_css("h1", text: "Sand it smooth, once more")
    finish(1)
    expect(page).to have_text("Piece 1 of 2, try 2").and have_text("no spare print in this lot")
    finish(1) while step_at_hand
    # waits were ended before their time
    expect(page).to have_css("h1", text: "Not ready yet")
    bench_key(:enter)

    # record
    expect(page).to have_css("h2", text: "Piece 1").and have_select("Which print was used", selected: "2")
    expect(page).to have_no_text("pitted etch").and have_no_text("silvering")
    choose "good"
    click_on "Save"
    expect(page).to have_text("1 good, 1 spoilt").and have_css("h2", text: "Piece 2")
    find("button", text: /other \d+ are good|Piece \d+ is good/).click
    expect(page).to have_css("h2", text: "All 2 are good")
    visit "/jobs/#{Job.last.id}"
    expect(page).to have_text("2 ● 1 ■")
    expect(strays).to be_empty
  end

  it "keeps true time over a reload and a new server, late and all" do
    mark = ready_mark
    run = Actions::RunMarks.start(mark, Time.now - 120)
    %w[ground pencil print trim].each_with_index do |step, i|
      Actions::RunMarks.finish_step(run, step, Time.now - 100 + i * 10)
    end
    shown = lambda do
      visit "/runs/#{run.id}"
      minutes, seconds = find("[data-clock-figure]").text.split(":").map(&:to_i)
      # printed less than five minutes ago: the best of its window is still to come
      (minutes * 60 + seconds) - (run.step_ends.reload.find { |e| e.step == "print" }.done_at + 300 - Time.now)
    end
    expect(Array.new(2) { sleep 0.3 || shown.call }).to all(be_within(1.2).of(0))
    ActiveRecord::Base.connection_pool.disconnect!
    expect(shown.call).to be_within(1.2).of(0)
    run.step_ends.update_all(done_at: Time.now - 3601.5) # the window closes while one looks
    visit "/runs/#{run.id}"
    expect(page).to have_text("Late by")
    expect(page).to have_text("wipe the sheet, print again")
    expect(page).to have_button("Done, though late")
  end
end
