# frozen_string_literal: true

require "system_helper"

# A stencil of lettering at the real pages: tied, moved by hand, folded, taken away; and a stepping strip.
RSpec.describe "a cut template", :shop, :page do
  def sign
    job = Job.create!(title: "Signs")
    mark = Actions::SavePiece.create(job, Forms::PieceForm.new({
      "name" => "sign board", "shape" => "rectangle", "width_mm" => "300", "height_mm" => "120", "material" => "wood",
      "finish" => "sanded", "colour" => "#d9b98a", "count" => "5"
    }))
    words = {"kind" => "lettering", "text" => "PO", "font" => "overpass-bold", "cap_height" => "40", "source" => "me"}
    Actions::AddArtwork.call(mark, Forms::ArtworkForm.new(words)) or raise "no lettering"
    form = Forms::MethodForm.new({"method_key" => "cut-template", "printer" => "laser", "stock" => "template-card"})
    Actions::ChooseMethod.call(mark, form) or raise form.errors.inspect
    mark
  end

  it "ties the islands of letters, lets a bridge be moved, and folds" do
    mark = sign
    visit "/marks/#{mark.id}/sheet"
    click_on "The template"
    expect(page).to have_css("h1", text: "Bridges and windows")
    expect(page).to have_text("2 islands, 4 bridges, no windows")
    before = all(".cut-sheet .bridge").map { |bridge| bridge["d"] }
    find("summary", text: "Move a bridge").click
    select "6 o’clock", from: "moved-1"
    click_on "Save and cut again"
    expect(page).to have_text("2 islands")
    expect(all(".cut-sheet .bridge").map { |bridge| bridge["d"] }).not_to eq before
    fill_in "folds", with: "99"
    click_on "Save and cut again"
    expect(page).to have_text("Parts is a whole number from 1 to 24")
    fill_in "folds", with: "2"
    click_on "Save and cut again"
    expect(page).to have_text("The parts meet").and have_css(".cut-sheet .fold")
  end

  it "is taken away as SVG, DXF and PDF" do
    mark = sign
    visit "/marks/#{mark.id}/template"
    {"dxf" => "ENTITIES", "svg" => "<g id=\"cut\">", "pdf" => "%PDF"}.each do |kind, known|
      text = page.evaluate_async_script(
        "fetch('/marks/#{mark.id}/template.#{kind}').then(r => r.text()).then(arguments[0])"
      )
      expect(text).to include(known), kind
    end
  end

  it "refuses a picture in words, and steps a strip along a rim" do
    mark = sign
    upload = {tempfile: StringIO.new(Vips::Image.black(60, 40).pngsave_buffer), filename: "black.png"}
    form = Forms::ArtworkForm.new({"kind" => "file", "file" => upload, "source" => "me"})
    Actions::AddArtwork.call(mark, form) or raise form.errors.inspect
    visit "/marks/#{mark.id}/template"
    expect(page).to have_text("A template is cut along lines, but this is a picture.")
    visit "/stepping"
    select "a rim, by its diameter", from: "Along"
    fill_in "run", with: "100"
    fill_in "wanted", with: "40"
    click_on "Work it out"
    # π × 100 ÷ 8
    expect(page).to have_text("8 units of 39.27 mm")
    fill_in "wanted", with: "4000"
    click_on "Work it out"
    expect(page).to have_css(".field-error")
  end
end
