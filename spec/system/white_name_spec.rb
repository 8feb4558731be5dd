# frozen_string_literal: true

require_relative "../system_helper"
require_relative "../support/at_the_pages"
require_relative "../support/found_marks"

# A boat's name in white, begun as a maker begins: dark letters, and then what is boldest.
RSpec.describe "a white name on a blue hull, at the real page", :shop, :page do
  include AtThePages

  it "is drawn open in a field of the hull's blue, laid and printed by pressing what is boldest" do
    send_form "/jobs", "title" => "Boat"
    send_form "/jobs/#{Job.last.id}/pieces", Shop::PLATE.merge(
      "name" => "hull", "colour" => "#1d2f4f", "finish" => "gloss-paint", "width_mm" => "200", "height_mm" => "60"
    )
    visit "/marks/#{Mark.last.id}/purpose"
    for_purpose("The finished picture")
    choose "letters", allow_label_click: true
    fill_in "Text", with: "SOLVEIG"
    fill_in "Cap height", with: "9"
    press_next "Use this"
    expect(page).to have_css("#what-shows .look-answer", count: 4)
    press_next "In white: open letters in a field"
    expect(page).to have_css("#what-shows .chosen", text: "Open letters in a field")
    press_next "Place it"
    press_next "Lay it out on a sheet"
    expect(page).to have_css("[data-next]", text: "Print pack, PDF")
    mark = Mark.last
    # as another program draws it: one dark field of the mark's size, a quarter to a half of it left open
    sheet = FoundMarks.pages(get("/marks/#{mark.id}/pack.pdf").body, "pdf").last
    field = FoundMarks.ink_boxes(sheet).select { |box| (box.width - mark.width_mm).abs < 0.2 }
    expect(field.map(&:height)).to all be_within(0.2).of(mark.height_mm)
    px = field.first.to_a.map { |mm| (mm * FoundMarks::PER_MM).round }
    expect((sheet.crop(*px) < 128).avg / 255).to be_between(0.6, 0.88)
    expect(page).to have_no_text("■")
  end
end
