# frozen_string_literal: true

require_relative "../system_helper"

RSpec.describe "two devices at one run", :shop, :page do
  it "shows on one within two seconds what was done on the other, and keeps what is being typed" do
    run = Actions::RunMarks.start(ready_mark, Time.now)
    visit "/runs/#{run.id}"
    expect(page).to have_css("h1", text: "Sand it smooth")
    sleep 1 # listening
    Actions::RunMarks.finish_step(run, "ground", Time.now)
    expect(page).to have_css("h1", text: "Draw the pencil lines", wait: 2)
    find("summary", text: "Write something down").click
    fill_in "Note", with: "the rim is"
    Actions::RunMarks.finish_step(run, "pencil", Time.now)
    sleep 2
    expect(find_field("Note").value).to eq "the rim is"
    expect(barriers).to be_empty
  end
end
