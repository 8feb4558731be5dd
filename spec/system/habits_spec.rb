# frozen_string_literal: true

require_relative "../system_helper"

RSpec.describe "how people use it", :shop, :page do
  before { Storytelling.tell }

  def mark(name) = Mark.all.find { |m| m.title == name }

  it "shows the measures of the shape that is picked, and keeps what was typed on the way back" do
    visit "/jobs/#{Job.first.id}/pieces/new"
    select "Ring"
    expect(page).to have_field("Outer diameter")
    expect(page).to have_no_field("Width")
    find("figure", text: "Regular polygon").click
    expect(page).to have_select("Shape", selected: "Regular polygon")
    expect(page).to have_field("Across flats")
    select "brass"
    expect(find_field("Colour").value).to eq "#c9a646"
    fill_in "The piece", with: "sun dial"
    fill_in "Across flats", with: "3 spans"
    click_on "Save the piece"
    expect(page).to have_field("Across flats", with: "3 spans")
    expect(page).to have_select("Shape", selected: "Regular polygon")
  end

  it "tells a figure that cannot be read at once, keeps it, and goes on from there" do
    visit "/marks/#{mark("Compass rose").id}/place"
    expect(page).to have_no_button("Set")
    fill_in "wide", with: "a hand"
    press(:tab)
    expect(page).to have_text("“a hand” is not a length we can read")
    expect(page).to have_field("wide", with: "a hand")
    expect(mark("Compass rose").width_mm).to eq 124
    fill_in "wide", with: "4 3/4\""
    press(:tab)
    expect(page).to have_field("wide", with: "120.65")
    expect(page).to have_no_text("does not read")
  end

  it "does not take typing for a command" do
    visit "/marks/#{mark("Compass rose").id}/place"
    expect(page).to have_no_button("Set")
    find_field("turn").click
    press("5")
    expect(page).to have_css("h1", text: "Place and size")
    visit "/runs/#{Run.find_by(ended_at: nil).id}"
    expect(page).to have_css("[data-done]:focus")
    page.execute_script("document.querySelector('.bench-head .note').focus()")
    press(:enter)
    expect(page).to have_css("h1", text: "The steps")
    expect(Run.find_by(ended_at: nil).step_ends.count).to eq 4
  end

  it "takes a dropped file wherever it falls" do
    visit "/marks/#{mark("Sector ring").id}/artwork"
    expect(page).to have_css("form[data-page=artwork]", visible: :all)
    sleep 0.3 # its module wakes
    page.execute_script(<<~JS)
      const data = new DataTransfer();
      data.items.add(new File([
        '<svg xmlns="http://www.w3.org/2000/svg"><rect width="9" height="9"/></svg>'], "dropped.svg"));
      document.dispatchEvent(new DragEvent("drop", {dataTransfer: data, bubbles: true, cancelable: true}));
    JS
    expect(page).to have_text(/dropped, [\d.]+ × [\d.]+: lines/)
  end

  it "shows what was wrong, wherever on the page its field stands" do
    page.driver.resize(390, 780)
    mark = mark_with_artwork
    visit "/marks/#{mark.id}/artwork"
    expect(page).to have_no_css("#checks [data-waiting]")
    find("summary", text: "Use another").click
    attach_file "file", saved("no.svg", "no drawing")
    click_on "Use this instead"
    expect(page).to have_css(".field-error", text: /cannot|no drawing|not/)
    top = page.evaluate_script("document.querySelector('main .field-error').getBoundingClientRect().top")
    expect(top).to be_between(0, 780)
  ensure
    page.driver.resize(1280, 800)
  end

  it "goes on at the field that was wrong when a form comes back" do
    job = Job.create!(title: "Bowls")
    visit "/jobs/#{job.id}/pieces/new"
    fill_in "The piece", with: "maple bowl"
    fill_in "Width", with: "60"
    fill_in "Height", with: "12x"
    click_on "Save the piece"
    expect(page).to have_css(".field-error", text: "12x")
    press "12,5", :enter
    expect(page).to have_css("h1", text: "What is this mark for?")
    expect(job.pieces.last.measures["height_mm"]).to eq 12.5
  end

  it "goes back and forth by the browser's own buttons without doing anything twice" do
    board = mark("Name board")
    visit "/marks/#{board.id}/place"
    click_on "box"
    expect(page).to have_field("right", with: "0")
    click_on "Lay it out on a sheet"
    expect(page).to have_css("h1", text: "Lay out and print")
    page.go_back
    expect(page).to have_css("h1", text: "Place and size")
    expect(page).to have_field("right", with: "0")
    page.go_forward
    expect(board.reload.earlier_places.size).to eq 2 # the story's own move, and this one
  end

  it "shows one run alike on two pages, and moves it on once" do
    run = Run.find_by(ended_at: nil)
    visit "/runs/#{run.id}"
    other = open_new_window
    within_window(other) do
      visit "/runs/#{run.id}"
      bench_key(:space)
      expect(page).to have_css("h1", text: "Rub gently")
    end
    # here it follows by itself; a key that was meant for "Lay it, once" ends nothing
    expect(page).to have_css("h1", text: "Rub gently")
    expect(page).to have_text("Changed in another window or on another device")
    press(:space)
    sleep 0.5
    expect(run.step_ends.reload.map(&:step).last).to eq "lay"
    sleep 1.5
    press(:space)
    expect(page).to have_css("h1", text: "Peel back")
    expect(run.step_ends.reload.map(&:step).tally.values.uniq).to eq [1]
  ensure
    other&.close
  end

  it "changes its light and its unit, on every page after" do
    visit "/settings"
    select "dark, for the shed", from: "Light"
    select "inches", from: "Measure in"
    click_on "Save"
    expect(page).to have_css("html[data-light=shed]")
    expect(page.evaluate_script("getComputedStyle(document.documentElement).backgroundColor")).to eq "rgb(27, 25, 22)"
    visit "/marks/#{mark("Compass rose").id}/place"
    expect(page).to have_field("wide", with: "4.88189")
  end
end
