# frozen_string_literal: true

require "system_helper"

# From a guide to the tip that follows it, at the real pages; the bench counts its time.
RSpec.describe "a guide that is carved", :shop, :page do
  def guided(work, material: "wood", finish: "sanded")
    job = Job.create!(title: "Spoons")
    mark = Actions::SavePiece.create(job, Forms::PieceForm.new({
      "name" => "spoon blank", "shape" => "rectangle", "width_mm" => "200", "height_mm" => "60",
      "material" => material, "finish" => finish, "colour" => "#d9b98a", "count" => "1"
    }))
    Actions::ChoosePurpose.call(mark, Forms::PurposeForm.new({"purpose" => "guide", "afterwards_guide" => work}))
    words = {"kind" => "lettering", "text" => "OAR", "font" => "overpass-bold", "cap_height" => "30", "source" => "me"}
    Actions::AddArtwork.call(mark, Forms::ArtworkForm.new(words)) or raise "no lettering"
    form = Forms::MethodForm.new({"method_key" => "tracing", "printer" => "laser"})
    Actions::ChooseMethod.call(mark, form)
    Actions::LookAtArtwork.once(mark.reload) if mark.method_key
    mark.reload
  end

  it "chooses the tip by its thinnest line, draws the cut, and marks stop cuts across the grain" do
    mark = guided("carve")
    visit "/marks/#{mark.id}/purpose"
    click_on "Tip and depth"
    expect(page).to have_css("h1", text: "Tip and depth").and have_text("(suggested)", count: 1)
    level = all(".stop-cut").size
    expect(level).to be > 0
    fill_in "grain_deg", with: "often"
    click_on "Use this tip"
    expect(page).to have_text("Type the turn in degrees")
    fill_in "grain_deg", with: "90"
    choose "V tool of 90°", allow_label_click: true
    click_on "Use this tip"
    expect(page).to have_css("svg.groove[aria-label*='deep']").and have_text("The grain runs 90°")
    mark.reload
    expect(mark.tooling).to include("tip" => "v-tool-90", "grain_deg" => 90.0)
    expect(mark.work_s).to be_within(1e-6).of(MarkTooling.new(mark).length_mm / 60 * 60)
    # saving the purpose again keeps it
    Actions::ChoosePurpose.call(mark, Forms::PurposeForm.new({"purpose" => "guide", "afterwards_guide" => "carve"}))
    expect(mark.reload.work_s).not_to be_nil
  end

  it "is no page of a mark that is not worked with a tool" do
    job = Job.create!(title: "Hulls")
    mark = Actions::SavePiece.create(job, Forms::PieceForm.new({
      "name" => "hull", "shape" => "disc", "diameter_mm" => "60", "material" => "wood", "finish" => "sanded",
      "colour" => "#d9b98a", "count" => "1"
    }))
    visit "/marks/#{mark.id}/tool"
    expect(page).to have_css("h1", text: "What is this mark for?")
  end
end
