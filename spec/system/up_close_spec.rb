# frozen_string_literal: true

require_relative "../system_helper"

RSpec.describe "up close, at the real page", :shop, :page do
  before { Storytelling.tell }

  def mark(name) = Mark.all.find { |m| m.title == name }

  # the page has had it looked at
  def looked_at
    expect(page).to have_css("#checks .finding")
    expect(page).to have_css("[data-loupe].awake")
  end

  it "looks at artwork at its final size, rings what is thin, and holds the loupe over it by keys and pointer" do
    visit "/marks/#{mark("Pellow Ness Light").id}/artwork"
    looked_at
    expect(page).to have_css("#checks .finding.is-watch", text: /Thinnest line.*0\.\d+ mm/m)
    expect(page).to have_css(".places.is-watch rect")
    expect(find(".row [aria-current] b").text).to match(/\Aline 0\.\d+ ▲\z/)
    page.execute_script("document.querySelector('[data-loupe]').focus()")
    press("l")
    expect(page).to have_css("canvas.loupe", visible: true)
    expect(page).to have_css("[data-loupe-says]", text: "10×, at 10.5, 10.5 mm")
    press(:right)
    press("+")
    expect(page).to have_css("[data-loupe-says]", text: "13×, at 10.6, 10.5 mm")
    art = middle_of(".looked-art")
    page.driver.browser.mouse.move(x: art[0] + 30, y: art[1])
    expect(page).to have_css("[data-loupe-says]", text: /13×, at 1[1-9]\.\d, 10\.\d mm/)
    shown = page.evaluate_script("(() => { const c = document.querySelector('canvas.loupe'); const d = " \
      "c.getContext('2d').getImageData(100, 160, 120, 1).data; return new Set(d).size })()")
    expect(shown).to be > 2
    press(:escape)
    expect(page).to have_no_css("canvas.loupe", visible: true)
  end

  it "prepares a mark's artwork step by step, and takes it back; the original stays" do
    light = mark("Pellow Ness Light")
    original = light.artwork.original
    visit "/marks/#{light.id}/artwork"
    looked_at
    find("#preparing summary").click
    select "Thicken or thin", from: "Add a step"
    find("#preparing").click_on("Add")
    expect(page).to have_field("each edge by mm", with: "0.05")
    expect(light.reload.width_mm).to be_within(1e-3).of(21.1) # 21 and a twentieth at either side
    fill_in "each edge by mm", with: "9"
    click_on "Apply these steps"
    expect(page).to have_css("[role=alert]", text: /Each edge by lies between −2 and 2 mm/)
    expect(page).to have_field("each edge by mm", with: "9")
    looked_at
    fill_in "each edge by mm", with: "0.1"
    click_on "Apply these steps"
    expect(page).to have_no_css("[role=alert]")
    expect(page).to have_field("each edge by mm", with: "0.1")
    find("#preparing").click_on("Undo")
    expect(page).to have_field("each edge by mm", with: "0.05")
    find("#preparing").click_on("Undo")
    expect(page).to have_no_text("Prepare the artwork: 1 step")
    expect(light.reload)
      .to have_attributes(width_mm: be_within(1e-6).of(21), recipe: [], artwork: have_attributes(original: original))
  end

  it "measures a tapered cup, unrolls it, bends lettering to it and shows it from the front" do
    visit "/jobs/#{Job.first.id}/pieces/new"
    find("figure", text: "Tapered cup").click
    fill_in "The piece", with: "tea bowl"
    fill_in "Diameter at the top", with: "82"
    fill_in "Diameter at the foot", with: "82"
    fill_in "Slant length", with: "95"
    click_on "Save the piece"
    expect(page).to have_text("Both ends are 82 mm: that is a cylinder")
    fill_in "Diameter at the foot", with: "60"
    click_on "Save the piece"
    click_on "Choose the artwork"
    choose "letters"
    fill_in "Text", with: "LOW WATER"
    fill_in "Cap height", with: "9"
    click_on "Use this"
    looked_at
    find("#preparing summary").click
    select "Bend to the cup", from: "Add a step"
    find("#preparing").click_on("Add")
    expect(page).to have_text("Prepare the artwork: 1 step")
    visit "/marks/#{Mark.last.id}/place"
    expect(page).to have_no_button("Set")
    expect(page).to have_css("#said", text: "Goes round", visible: :all)
    expect(page).to have_no_css("#said", text: "it would climb")
    before = find("#front image", visible: :all)["href"]
    press(:up)
    expect(page).to have_field("down", with: "-0.1")
    expect(page).to have_no_css(%(#front image[href="#{before}"]), visible: :all)
    expect(page.evaluate_async_script(
      "fetch(document.querySelector('#front image').href.baseVal).then((r) => arguments[0](r.status))"
    ))
      .to eq 200
  end

  it "measures from a photo by keys, refuses crossed corners, and takes the outline" do
    stock = Piece.find_by(name: "cittern headstock")
    visit "/pieces/#{stock.id}/photo"
    expect(page).to have_css(".knob", minimum: 10)
    expect(page).to have_css("#photo-said", text: /Line 1\s*187\.\d mm ± \d/)
    fill_in "From corner 1 to 2", with: "171.2"
    press(:tab)
    expect(page).to have_no_css("#photo-said", text: /Line 1\s*187/)
    fill_in "From corner 1 to 2", with: "85.6"
    press(:tab)
    expect(page).to have_css("#photo-said", text: /Line 1\s*187\.\d/)
    knob = first(".knob.line")
    page.execute_script("arguments[0].focus()", knob)
    press(%i[shift right])
    expect(page).to have_no_css("#photo-said", text: /Line 1\s*187/)
    fill_in "From corner 1 to 2", with: "nothing"
    press(:tab)
    expect(page).to have_css("#photo-errors", text: "is not a length we can read")
    fill_in "From corner 1 to 2", with: "85.6"
    click_on "Use the outline as the piece"
    expect(page).to have_css("h1", text: "The piece and its size")
    expect(stock.reload.to_core.box.width).to be_within(0.3).of(187)
    expect(page).to have_css("#scene image[href*=straightened]", visible: :all)
  end

  it "repeats a mark round the rim, keeps off a screw, and sizes by a model's scale" do
    rose = mark("Compass rose")
    visit "/marks/#{rose.id}/place"
    expect(page).to have_no_button("Set")
    find("summary", text: "Work it out from the real size").click
    fill_in "real size", with: "1056"
    fill_in "at scale", with: "1:48"
    press(:tab)
    expect(page).to have_field("wide", with: "22")
    fill_in "down", with: "-55"
    press(:tab)
    expect(page).to have_field("down", with: "-55")
    find("summary", text: "Repeats").click
    select "round the middle", from: "laid"
    fill_in "or one every", with: "40"
    find("details", text: "Repeats").click_on("Save")
    expect(page).to have_css(".finding", text: "9 of them, evenly", visible: :all) # 2π × 55 ÷ 40 = 8.6
    expect(page).to have_css(".mark.again", count: 8, visible: :all)
  end

  it "matches the screen once, then shows a drawing at life size" do
    visit "/marks/#{mark("Compass rose").id}/place"
    find("button", text: "True size").click
    expect(page).to have_css("h1", text: "Match this screen once")
    fill_in "or: the outline measures", with: "80"
    press(:tab)
    click_on "Save for this screen"
    expect(page).to have_text("pixels a millimetre on this screen")
    per_mm = find("#match-says").text[/[\d.]+/].to_f
    expect(per_mm).to be_within(0.02).of(96 / 25.4 * 85.6 / 80)
    visit "/marks/#{mark("Compass rose").id}/place"
    find("button", text: "True size").click
    expect(page).to have_css("#scene.life-size")
    # the dish is 150 mm across
    wide = page.evaluate_script("(() => { const s = document.getElementById('scene'); return " \
      "s.querySelector('.piece').getBBox().width * s.getScreenCTM().a })()")
    expect(wide).to be_within(1).of(150 * per_mm)
  end

  it "finds the font like one in a photo" do
    word = UpClose::Artwork::Lettering.new(Shelves::FontShelf.fetch("roboto-slab-bold"), "Wrenfold").drawing
    photo = UpClose::Formats::SVG::Raster.call(word, frame: word.ink.box.grown(0.3), scale: 60)
      .gaussblur(1.2)
      .cast(:uchar)
      .pngsave_buffer
    visit "/marks/#{mark("Name board").id}/like"
    attach_file "Picture of the word", saved("word.png", photo)
    fill_in "Text in the picture", with: "Wrenfold"
    click_on "Compare"
    expect(page).to have_css(".like figcaption", text: /1\. Roboto Slab Bold\s+[89]\d %/)
  end

  %w[day shed].each do |light|
    it "has no barriers on the new pages in the #{light}'s light, nor sideways scrolling at 360",
      slow: light == "shed" do
      Preference.put("light", light)
      mug, head = Mark.joins(:piece).find_by(pieces: {shape: "cup"}), Piece.find_by(name: "cittern headstock")
      paths = [
        "/true-size",
        "/pieces/#{head.id}/photo",
        "/marks/#{mug.id}/place",
        "/marks/#{mug.id}/measure",
        "/marks/#{mug.id}/like",
        "/marks/#{mug.id}/artwork"
      ]
      expect_open_to_all(paths, light: light) { |path| looked_at if path.end_with?("artwork") }
    end
  end
end
