# frozen_string_literal: true

require_relative "../system_helper"

RSpec.describe "two devices at one run", :shop, :page do
  it "shows on one what was done on the other, and keeps what is being typed" do
    run = Actions::RunMarks.start(ready_mark, Time.now)
    visit "/runs/#{run.id}"
    expect(page).to have_css("h1", text: "Sand it smooth")
    sleep 1 # listening
    Actions::RunMarks.finish_step(run, "ground", Time.now)
    expect(page).to have_css("h1", text: "Draw the pencil lines")
    find("summary", text: "Write a note or take a photo").click
    fill_in "Note", with: "the rim is"
    Actions::RunMarks.finish_step(run, "pencil", Time.now)
    sleep 2
    expect(find_field("Note").value).to eq "the rim is"
    expect(barriers).to be_empty
  end

  it "says nothing of its own quick clicks, nor of another run's steps" do
    mark = ready_mark
    run, other = Actions::RunMarks.start(mark, Time.now), Actions::RunMarks.start(ready_mark, Time.now)
    visit "/runs/#{run.id}"
    3.times do |i|
      find("button.press").click
      expect(page).to have_css(".progress .done", count: i + 1)
      expect(page).to have_no_text("Changed in another window")
    end
    sleep 1
    Actions::RunMarks.finish_step(other, "ground", Time.now)
    expect(page).to have_css(".strip b", text: "Draw the pencil lines")
    expect(page).to have_no_text("Changed in another window")
  end

  it "lets a link that was just followed go before what was done elsewhere" do
    run = Actions::RunMarks.start(ready_mark, Time.now)
    visit "/runs/#{run.id}"
    sleep 1 # listening
    waiting = hold_pages("/marks/#{run.mark_id}/apply")
    page.execute_script("document.querySelector('.bench-head a.note').click()") # find and click would wait for it
    sleep 0.05 until waiting.any?
    Actions::RunMarks.finish_step(run, "ground", Time.now)
    sleep 2
    waiting.each(&:continue)
    expect(page).to have_current_path("/marks/#{run.mark_id}/apply")
  end

  it "keeps a press while the server is away, with its moment, and sends it once when it is back" do
    run = Actions::RunMarks.start(ready_mark, Time.now - 60)
    visit "/runs/#{run.id}"
    sleep 1 # the page is awake
    network = page.driver.browser.network
    network.emulate_network_conditions(offline: true)
    bench_key(:space)
    pressed = Time.now
    expect(page).to have_text("Your press is kept with its time")
    sleep 3
    expect(run.reload.step_ends).to be_empty
    network.emulate_network_conditions(offline: false)
    expect(page).to have_css("h1", text: "Draw the pencil lines")
    expect(run.reload.step_ends.map(&:step)).to eq ["ground"]
    expect(run.step_ends.first.done_at).to be_within(1).of(pressed)
    expect(page.evaluate_script("Object.keys(localStorage).filter((key) => key.startsWith('press-kept'))")).to be_empty
  end

  it "loses nothing on a page that is left while its module is on its way" do
    held = hold_pages("/place.js")
    visit "/marks/#{ready_mark.id}/place"
    sleep 0.05 until held.any?
    # as a browser does when another page is on its way
    held.first.abort
    # what a page tells as a fault is raised here
    visit "/jobs"
    expect(page.evaluate_script("location.pathname")).to eq "/jobs"
  end

  it "keeps what was typed on a slow line before it leaves the page" do
    id = ready_mark.id
    visit "/marks/#{id}/place"
    expect(page).to have_no_button("Set")
    waiting = hold_pages("/marks/#{id}/place")
    page.execute_script(<<~JS)
      const [typed, leaving] = ["#figures", "form[action$=repeats]"].map((form) => document.querySelector(form))
      for (const [name, value] of [["width", 21], ["y", -7]]) {
        typed.elements[name].value = value
        typed.requestSubmit()
      }
      leaving.elements.kind.value = "along"
      leaving.elements.count.value = 2
      leaving.requestSubmit()
    JS
    3.times do # two figures, and the page after the repeats
      sleep 0.05 until waiting.any?
      waiting.shift.continue
    end
    expect(page).to have_css("summary", text: "Repeats: 2")
    expect(Mark.find(id)).to have_attributes(width_mm: 21, y_mm: -7)
  end

  # @return [Array] requests for this path, held until each is continued
  def hold_pages(path)
    browser, held = page.driver.browser, []
    browser.network.intercept
    browser.on(:request) { |request| request.url.end_with?(path) ? held << request : request.continue }
    held
  end
end
