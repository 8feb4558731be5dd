# frozen_string_literal: true

require_relative "../system_helper"

RSpec.describe "the demo, at the real page", :shop, :page do
  before { Storytelling.tell }

  def mark(name) = Mark.all.find { |m| m.title == name }

  it "is a story one can go on with, by the keyboard alone" do
    visit "/"
    expect(page).to have_css(".now-block[data-next]", text: "Compass rose")
    press("n")
    expect(page).to have_text(/Best now, open for another\s+\d\d:\d\d/)
    bench_key(:space)
    expect(page).to have_css("h1", text: "Rub gently, then firmly")
    visit "/marks/#{mark("Name board").id}/place"
    expect(page).to have_no_button("Set") # the page is awake
    press(:left)
    expect(page).to have_field("right", with: "-48.6")
    press("5")
    expect(page).to have_css("h1", text: "Lay out and print")
    press("3")
    expect(page).to have_css("h1", text: "How to transfer it")
    visit "/timetable"
    # a week's glue is too long for the regatta, some days' are not: why, and the way out when it is asked for
    find("li.finding.is-stop", text: "Prize herring").find_link("What would help?").send_keys(:enter)
    expect(page).to have_css(
      "li.finding.is-stop",
      text: /Prize herring.*Too late by .* drying and waiting.*What would make the date: leaving the glue: three days/m,
      count: 1
    )
    expect(strays).to be_empty
  end

  {%w[day whole] => false, %w[shed part] => false, %w[shed whole] => true}.each do |(light, much), slow|
    it "has no barriers in the #{light}'s light, and needs no sideways scrolling at 360: the #{much} of it",
      slow: slow do
      Preference.put("light", light)
      rose, run = mark("Compass rose"), Run.where(ended_at: nil).first
      paths = %w[measure artwork method place sheet apply seal record].map { |stage| "/marks/#{rose.id}/#{stage}" } +
        [
          "/",
          "/jobs",
          "/jobs/new",
          "/jobs/#{rose.job.id}",
          "/jobs/#{rose.job.id}/pieces/new",
          "/methods",
          "/methods/solvent-rub",
          "/runs/#{run.id}",
          "/marks/#{Mark.find_by(afterwards: "etch").id}/bath",
          "/boards/#{Board.first.id}",
          "/boards/#{Board.first.id}/misfit",
          "/jobs/#{Board.first.job_id}/boards/new",
          "/marks/#{Mark.find_by(method_key: "cut-template").id}/template",
          "/marks/#{Mark.find_by(afterwards: "burn").id}/tool",
          "/stepping?run=300&wanted=37"
        ]
      expect_open_to_all((much == "part") ? paths.values_at(1, 3, 8, -8, -7, -6, -3) : paths, light: light)
    end
  end
end
