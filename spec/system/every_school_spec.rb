# frozen_string_literal: true

require_relative "../system_helper"

RSpec.describe "methods and schools, from the comparison to the record, at the real page", :shop, :page do
  def card(**piece)
    mark = mark_with_artwork(**piece)
    visit "/marks/#{mark.id}/compare"
    mark
  end

  def use(method)
    within("tr", text: method) { click_on "use it" }
    expect(page).to have_css("h2", text: /Print it/)
  end

  # the first steps by Space, what is not yet due by its second, smaller way; the rest as the server does it, but the
  # last
  # @param look_at [String, nil] a step whose page is opened and given to the block
  # @return [Array<String>] the titles of all of them
  def run_through(look_at: nil)
    run = Run.last
    run.steps_core.each_with_index do |step, i|
      visit "/runs/#{run.id}" if i.positive? && (step.title == look_at || i == run.steps_core.size - 1)
      by_hand = i < 4 || step.title == look_at || i == run.steps_core.size - 1
      next Actions::RunMarks.finish_step(run.reload, step.key, Time.now) unless by_hand
      expect(page).to have_css("h1", text: step.title)
      yield if step.title == look_at
      step_done
    end
    run.steps_core.map(&:title)
  end

  def lay_and_start(copies)
    click_on "Place it"
    fill_in "wide", with: "18"
    press(:tab)
    click_on "Lay it out on a sheet"
    fill_in "prints", with: copies.to_s
    find("#lay-out").click_on("Lay out")
    press("7")
    expect(page).to have_css("h1", text: "Finish, and when")
    yield if block_given?
    press("6")
    click_on "Start"
    expect(page).to have_current_path(%r{\A/runs/\d+})
  end

  it "bakes brass blanks, picked from the comparison, sealed by what is baked too" do
    mark = card(shape: "disc", diameter_mm: "25", material: "brass", finish: "etched")
    expect(page).to have_css("tr.refused", text: "Iron-on toner is not for brass")
    use "Baked medium"
    expect(find("fieldset.school", text: "oven, 163 °C for 30 min").text).to include("heat gun", "our choice")
    lay_and_start(13) do
      if page.has_css?("summary", text: "not possible here", wait: 0)
        find("summary", text: "not possible here", match: :first).click
      end
      choose "Baked sealer", allow_label_click: true
      click_on "Use this finish"
      expect(page).to have_css(".steps", text: "Baked sealer: coat 1 of 1")
    end
    seen = run_through(look_at: "Bake at 163 °C") { expect(page).to have_text("not used for food again") }
    expect(seen.index("Cut the prints to the blank")).to be < seen.index("Bake at 163 °C")
    expect(seen.last(4)).to eq ["Try it on a scrap", "Baked sealer: coat 1 of 1", "Bake at 163 °C", "Let it cure"]
    # one blank from thirteen prints: one goes into the oven
    expect(mark.reload.run.steps_core.find { |s| s.key == "bake" }.least_s).to eq 1800
  end

  it "glues gel on wood by the school that rubs, the other school's steps left out" do
    mark = card
    use "Gel medium"
    within("fieldset.school", text: "Taking the paper off") { choose "rub: plain paper" }
    click_on "Save"
    lay_and_start(2)
    seen = run_through
    expect(seen).to include("Wet it, roll the paper off").and(satisfy { |all| all.none?("Moisten, blot, peel back") })
    bench_key(:enter)
    expect(page).to have_css("h1", text: "How it came out")
    expect(mark.reload.picked["paper"]).to eq "rub"
  end

  it "says that a window was missed, what to do about it, and keeps that it was late" do
    mark = card(count: "1")
    use "Solvent rub"
    lay_and_start(1)
    at = Time.now
    allow(Web.settings).to receive(:clock) { at }
    run = mark.reload.run
    run.steps_core.take_while { |s| s.key != "peek" }.each { |step| Actions::RunMarks.finish_step(run, step.key, at) }
    at += 45
    visit "/runs/#{run.id}"
    expect(page).to have_css(".window.closing, .window.open")
    at += 60
    visit "/runs/#{run.id}"
    expect(page).to have_text("Late by").and have_text("wet a corner again before you lift")
    expect(page).to have_button("Done, though late")
    bench_key(:space)
    expect(page).to have_css("h1", text: "Let the acetone go")
    expect(page).to have_text("No flame, iron or heat gun")
    expect(run.step_ends.reload.find { |e| e.step == "peek" }.late).to be true
  end

  it "is open to all on its new pages, in width and for the keyboard" do
    Storytelling.tell
    mark = Mark.all.find { |m| m.title == "Pellow Ness Light" }
    expect_open_to_all([
      "/timetable",
      "/marks/#{mark.id}/compare",
      "/jobs/#{mark.job.id}/cost",
      "/stock",
      "/devices",
      "/marks/#{mark.id}/seal"
    ])
  end
end
