# frozen_string_literal: true

require_relative "../system_helper"
require_relative "../support/at_the_pages"

# From a file to an etched piece, at the real pages: a board of two sides, and a brass tag.
RSpec.describe "etched to the end, at the real page", :shop, :page do
  include AtThePages

  it "takes the lamp flasher from its files to two etched sides" do
    send_form "/jobs", "title" => "Lamp flashers"
    visit "/jobs/#{Job.last.id}"
    click_on "Circuit board from files"
    attach_file "Files of one board", Dir[File.expand_path("../../db/demo/art/lamp-flasher/*", __dir__)].sort
    click_on "Read the files"
    click_on "Make both sides"
    expect(page).to have_field("prints")
    top, bottom = Mark.order(:id).last(2)
    expect([top, bottom].map { |mark| [mark.width_mm.round(2), mark.height_mm.round(2)] }).to eq [
      [41.6, 22.4], [41.6, 24.65]
    ]
    # the top is printed mirrored, the bottom as in its file: melted down it lies as it is to lie
    expect([top, bottom].map { |mark| mark.planned.reading.mirrored? }).to eq [true, false]
    [top, bottom].each do |mark|
      visit "/marks/#{mark.id}/sheet"
      find("#lay-out").click_on("Lay out")
      expect(page).to have_link("Print pack, PDF")
      run = start
      expect(keys(run)).to include("peel", "touch_up", "cover", "etch", "rinse", "strip")
      to_the_end(run)
    end
    expect(Attempt.where(result: "good").count).to eq 2
  end

  it "takes a brass tag through a strip, two laps and a measure to a dark ground" do
    begin_piece("brass tag", "Rectangle", material: "brass", width: 60, height: 40)
    for_purpose("A resist to etch round", afterwards: "Etch round it")
    artwork
    by(nil)
    place_and_print(40)
    mark = Mark.last
    Actions::LookAtArtwork.once(mark)
    visit "/marks/#{mark.id}/bath"
    fill_in "depth", with: "0.2"
    select "Ferric chloride", from: "bath"
    select "Dark ground, bright faces", from: "When it is etched"
    click_on "Save and work it out"
    click_on "Etch a strip in the simulated bath"
    expect(page).to have_text("Your strip test")
    visit "/marks/#{mark.id}/sheet"
    run = start
    expect(keys(run).grep(/\Aetch/).size).to be > 1
    walk(run, "look_1")
    click_on "Ask the simulated gauge"
    expect(page).to have_css("h1", text: "Rinse, look")
    expect(keys(run).last(3)).to eq %w[patina patina_rinse brighten]
    to_the_end(run)
  end
end
