# frozen_string_literal: true

require_relative "../system_helper"

RSpec.describe "the next action, in sight", :shop, :page do
  before { Storytelling.tell }

  let(:rose) { Mark.all.find { |mark| mark.title == "Compass rose" } }

  # the one next action: its words, whether all of it is in the window, and whether nothing lies over it; and what
  # text is under 12 px or cut off
  let(:look) do
    <<~JS
      (() => {
        const shown = [...document.querySelectorAll('[data-next]')].filter((one) => one.checkVisibility())
        const next = shown.map((one) => {
          const box = one.getBoundingClientRect()
          const over = document.elementFromPoint(box.x + box.width / 2, box.y + box.height / 2)
          return box.top >= 0 && box.bottom <= innerHeight && one.contains(over)
        })
        const texts = [...document.querySelectorAll('body *')].filter((one) => one.checkVisibility() &&
          !one.closest('.hidden-words, option, title, script') &&
          [...one.childNodes].some((node) => node.nodeType === 3 && node.textContent.trim()))
        const size = (one) => parseFloat(getComputedStyle(one).fontSize) *
          (one.ownerSVGElement ? Math.hypot(one.getScreenCTM().a, one.getScreenCTM().b) : 1)
        const hides = (one) => ['hidden', 'clip'].includes(getComputedStyle(one).overflowX)
        const cut = (one) => hides(one) && one.scrollWidth > one.clientWidth + 1
        const told = (list) => list.map((one) => one.textContent.trim().slice(0, 30))
        return { next, small: told(texts.filter((one) => size(one) < 11.9)), cut: told(texts.filter(cut)),
          sideways: document.documentElement.scrollWidth > innerWidth }
      })()
    JS
  end

  def paths
    stages = Presenters::CardRow::STAGES.keys + %w[purpose compare]
    stages.map { |stage| "/marks/#{rose.id}/#{stage}" } +
      ["/", "/jobs", "/jobs/#{rose.job.id}", "/timetable", "/print", "/settings", "/search?q=rose", "/safety", "/words",
        "/runs/#{Run.all.reject(&:finished?).first.id}"]
  end

  [[1280, 800], [390, 844]].each do |width, height|
    it "is one, uncovered and inside the window at #{width} × #{height}; no text is small or cut" do
      page.driver.resize(width, height)
      found = paths.to_h do |path|
        visit path
        [path, page.evaluate_script(look)]
      end
      fine = {"next" => [true], "small" => [], "cut" => [], "sideways" => false}
      expect(found.reject { |_, seen| seen == fine }).to be_empty
    end
  end

  # as drawn: what a figure covers of another, or of what is outside of the drawing
  let(:meeting) do
    <<~JS
      (() => {
        const frame = document.getElementById('scene').getBoundingClientRect()
        const boxes = [...document.querySelectorAll('#scene .dims text')].map((one) => one.getBoundingClientRect())
        const meet = (a, b) => a.x < b.right - 1 && b.x < a.right - 1 && a.y < b.bottom - 3 && b.y < a.bottom - 3
        const inside = (a) => a.x > frame.x - 1 && a.right < frame.right + 1 &&
          a.y > frame.y - 1 && a.bottom < frame.bottom + 1
        return boxes.length < 2 || boxes.some((a, i) => !inside(a) || boxes.some((b, j) => i < j && meet(a, b)))
      })()
    JS
  end

  it "has no figure over another on a curved place, wherever the mark lies, wide or narrow" do
    mark = Mark.all.find { |one| one.artwork && one.shape_core.key == "cup" }
    room = mark.shape_core.box
    places = [[0.39, -0.24, 0, 15], [-0.01, -0.35, 90, 15], [-0.46, -0.24, 90, 6], [0.02, -0.39, 45, 6]]
    met = [[1280, 800], [390, 844]].product(places).select do |size, (x, y, turn, wide)|
      page.driver.resize(*size)
      mark.update!(x_mm: x * room.width, y_mm: y * room.height, turn_deg: turn, width_mm: wide)
      visit "/marks/#{mark.id}/place"
      page.evaluate_script(meeting)
    end
    expect(met).to be_empty
  end

  it "reaches the first decision of a stage within eight presses of Tab, and the arrows walk along the row" do
    visit "/marks/#{rose.id}/place"
    reached = Array.new(8) do
      press(:tab)
      page.evaluate_script("document.activeElement.id || document.activeElement.dataset.key")
    end
    expect(reached).to include("f-width")
    page.execute_script("document.querySelector('.row [aria-current]').focus()")
    press(:right)
    expect(page.evaluate_script("document.activeElement.dataset.key")).to eq "5"
  end

  it "tells the keys of the page, presses the next action by one of them, and undoes by another" do
    visit "/marks/#{rose.id}/place"
    press("?")
    expect(page).to have_css("dialog", text: "Lay it out on a sheet")
    press(:escape)
    width = rose.width_mm
    fill_in "wide", with: "100"
    press(:tab)
    expect(page).to have_css("#undo:not(:disabled)")
    page.execute_script("document.activeElement.blur()")
    press("u")
    expect(page).to have_field("wide", with: UpClose::Working.number(width))
    page.execute_script("document.activeElement.blur()")
    press("n")
    expect(page).to have_css("h1", text: "Lay out and print")
  end

  it "offers back what was typed and not sent, and forgets it once it is discarded" do
    visit "/jobs/new"
    fill_in "Name of the job", with: "Harbour signs"
    visit "/"
    visit "/jobs/new"
    expect(page).to have_text("did not save it").and have_field("Name of the job", with: "")
    click_on "Put it back"
    expect(page).to have_field("Name of the job", with: "Harbour signs")
    visit "/jobs/new"
    click_on "Discard"
    visit "/jobs/new"
    expect(page).to have_no_text("did not save it")
  end
end
