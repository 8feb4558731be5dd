# frozen_string_literal: true

require_relative "../system_helper"
require_relative "../support/photographed"
require_relative "../support/found_marks"

RSpec.describe "To the edge, several at once, and seen on the very piece", :shop, :page do
  include Photographed

  def grey_photo(tone, width = 400, height = 300)
    Vips::Image.black(width, height).linear(1, tone).cast(:uchar).copy(interpretation: :"b-w").pngsave_buffer
  end

  # what a link leads to, fetched beside the page
  def fetched(link)
    get URI(find_link(link)[:href]).request_uri
    last_response.body
  end

  def boxes(pdf, page = :first) = FoundMarks.ink_boxes(FoundMarks.pages(pdf, "pdf").public_send(page))

  def drag_by(selector, x, y)
    page.scroll_to(find(selector), align: :center)
    drag(middle_of(selector), x, y)
  end

  def last_mark = Mark.order(:id).last

  it "fills a brass disc with a photograph, moved behind its outline" do
    mark = ready_mark(method_key: "baked-medium", printer: "laser", material: "brass", finish: "raw")
    mark.piece.update!(shape: "disc", measures: {diameter_mm: 30.0})
    send_form "/marks/#{mark.id}/artwork", "kind" => "file", "file" => upload(grey_photo(90), "photo.png")
    visit "/marks/#{mark.id}/place"
    click_on "Cover the whole piece"
    expect(page).to have_text("covers all of it")
    drag_by "#mark", 120, 0
    expect(page).to have_text("Empty corners")
    page.refresh
    expect(page).to have_text("Empty corners")
    click_on "Fill the piece"
    expect(page).to have_text("covers all of it")
    fill_in "turn °", with: "slightly"
    press(:tab)
    expect(page).to have_css("#figure-errors", text: "Type the turn in degrees")
    expect(page).to have_field("turn °", with: "slightly")
    expect(mark.reload.covering.cover.turn_deg).to eq 0
    visit "/marks/#{mark.id}/cover"
    expect(barriers).to be_empty
    click_on "Lay it out on a sheet"
    find("#lay-out").click_on("Lay out")
    # 30 and 1.5 to trim all round
    expect(boxes(fetched("Print pack, PDF")).map { |b| [b.width, b.height] })
      .to include match([be_within(0.15).of(33)] * 2)
    expect_open_to_all ["/marks/#{mark.id}/cover"]
  end

  it "takes a dozen pictures at once, framed and lightened on one sheet of contacts, laid with their numbers" do
    mark = mark_with_artwork(material: "brass", finish: "raw", count: "1")
    mark.update!(artwork: nil)
    visit "/marks/#{mark.id}/pictures"
    files = Array.new(12) { |i| saved("face #{i + 1}.png", grey_photo(60 + 10 * i, 120, 90)) }
    attach_file "files[]", files
    click_on "Add them"
    # twelve are opened, cut and drawn
    expect(page).to have_css(".tile", count: 12, wait: 90)
    page.execute_script("document.querySelectorAll('.grip-all')[0].focus()")
    press(:right)
    press([:shift, :right])
    expect(page).to have_css("li:nth-child(2) .grip-all:focus")
    page.execute_script("lighter.value = 40; lighter.dispatchEvent(new Event('input', {bubbles: true}))")
    click_on "Use for all"
    expect(page).to have_field("lighter", with: "40")
    sheet = ContactSheet.new(Mark.find(mark.id))
    expect(sheet.marks.map { |one| one.recipe.map { |step| step["key"] } }.uniq).to eq [%w[levels]]
    expect(sheet.marks[1].covering.cover.x_mm).to be_within(1e-6).of(0.5)
    expect_open_to_all ["/marks/#{mark.id}/pictures"]
    click_on "Choose the method"
    choose "Baked medium", allow_label_click: true
    within(".option", text: "Baked medium") { choose "laser" }
    click_on "Use this method"
    expect(page).to have_css("h2", text: /Print it/)
    visit "/marks/#{mark.id}/pictures"
    click_on "Lay all 12 on sheets, numbered"
    expect(page).to have_link(text: /PDF/)
    expect(Layout.last.sheets.flat_map { |one| one.places.map { |place| Layout.last.label(Layout.last.place(place)) } })
      .to match_array ("A".."L").map { |letter| "#{letter}1" }
  end

  it "gives a lure both its flanks, with the eye where the eye is" do
    mark = mark_with_artwork
    mark.piece.update!(
      shape: "loft", measures: {stations: [[0, 6], [12, 34], [30, 58], [50, 66], [70, 54], [86, 28], [95, 12]]}
    )
    fish = svg('<rect width="80" height="20" fill="#456"/><circle cx="10" cy="8" r="2"/>')
    send_form "/marks/#{mark.id}/artwork", "kind" => "file", "file" => upload(fish, "fish.svg")
    send_form "/marks/#{mark.id}/cover/begin"
    visit "/marks/#{mark.id}/cover"
    click_on "as a mirror of this one"
    click_on "change it there"
    expect(page).to have_link("The right flank")
    find("summary", text: "Features of the body").click
    {"along" => "9", "up" => "2", "size" => "5"}.each { |name, value| fill_in "feature[0][#{name}]", with: value }
    click_on "Use these on both sides"
    click_on "Click the picture's eye"
    # its place on the screen, from where the picture lies: 10, 8 of 80 × 20
    page.scroll_to(find("#scene"), align: :center)
    at = page.evaluate_script(<<~JS)
      (b => [b.x + b.width * 10 / 80, b.y + b.height * 8 / 20])(
        document.querySelector("#behind image").getBoundingClientRect()
      )
    JS
    page.driver.browser.mouse.click(x: at[0], y: at[1])
    eye = lambda do
      cover = Mark.find(mark.id).covering.cover
      point(-30 / 80.0, -2 / 80.0) * cover.picture_mm + cover.centre
    end
    expect(page).to have_text("where it is on the body")
    # the pointer comes down on whole pixels, a quarter of a millimetre or so
    expect(eye.call.to_a).to match [be_within(0.3).of(-38.5), be_within(0.3).of(-2)]
    right = Mark.find_by(flank: "right")
    expect(right.covering.cover.x_mm).to be_within(1e-6).of(-mark.reload.covering.cover.x_mm)
    expect_open_to_all ["/marks/#{mark.id}/cover", "/marks/#{right.id}/cover"]
  end

  it "lays four decals in layers on a photographed panel, each cut close, and shows them on it" do
    first = ready_mark(method_key: "water-slide", printer: "laser")
    photograph_plate(first.piece)
    others = [[12, 0], [0, 8], [-20, -12]].map do |x, y|
      send_form "/pieces/#{first.piece_id}/marks"
      send_form "/marks/#{last_mark.id}/artwork",
        "kind" => "file", "file" => upload(svg('<circle cx="20" cy="20" r="20" fill="#a33"/>'), "disc #{x}.svg")
      send_form "/marks/#{last_mark.id}/method", "method_key" => "water-slide", "printer" => "laser"
      send_form "/marks/#{last_mark.id}/place", "width" => "12", "x" => x.to_s, "y" => y.to_s
      last_mark
    end
    visit "/marks/#{others.first.id}/sheet"
    find("#cutting summary").click
    choose "cut-ink"
    fill_in "around_mm", with: "0.8"
    find("#cutting").click_on("Save")
    expect(others.first.reload.cutting.cut.outline.map { |x, y| Math.hypot(x, y) }).to all be_within(0.05).of(6.8)
    visit "/pieces/#{first.piece_id}/compose?active=#{others.last.id}"
    expect(page).to have_text(/4 in [23] layers/)
    scale = page.evaluate_script(
      "scene.getScreenCTM().a * Number(document.querySelector('[data-page=compose]').dataset.scale)"
    )
    # from 12 above the middle to less than half a millimetre beside it: it snaps
    drag_by %(.mark[data-mark="#{others.last.id}"] image), 0, 11.7 * scale
    expect(page).to have_css("#snapped", text: /middle/)
    expect(page).to have_css("#said", text: /Middles in line|over badge/)
    Timeout.timeout(10) { sleep 0.1 until others.last.reload.y_mm.abs < 1e-6 }
    click_on "See them on the photo of the piece"
    expect(page).to have_text("Light in the photo")
    expect_open_to_all ["/pieces/#{first.piece_id}/compose", "/pieces/#{first.piece_id}/seen"]
  end

  it "prints a strap for a tapered mug, true to its girth" do
    mug = ready_mark(method_key: "water-slide", printer: "laser")
    mug.piece.update!(shape: "cup", measures: {top_mm: 84.0, foot_mm: 66.0, slant_mm: 95.0})
    visit "/marks/#{mug.id}/place"
    click_on "Find the place with a strap"
    fill_in "below the rim", with: "far"
    click_on "Set"
    expect(page).to have_text("“far” is not a length we can read")
    fill_in "below the rim", with: "34"
    fill_in "high", with: "27"
    fill_in "overlap", with: "0"
    click_on "Set"
    # π × 84 × (1 − 34 ÷ R), R = 84 × 95 ÷ 18
    expect(page).to have_text("243.7")
    expect(page).to have_field("below the rim", with: /34/)
    radius, half = 84 * 95 / 18.0 - 34, Math::PI * 42 / (84 * 95 / 18.0)
    page.refresh
    # a line of 0.2 is drawn round it
    wide, high = 2 * radius * Math.sin(half) + 0.2, radius - (radius - 27) * Math.cos(half) + 0.2
    expect(boxes(fetched("Print the strap"), :last).map { |b| [b.width, b.height] })
      .to include match([be_within(0.1).of(wide), be_within(0.1).of(high)])
    expect_open_to_all ["/marks/#{mug.id}/strap"]
    # 1 mm down by key, in sixty-fourths of an inch: 35 mm are 88.2 of them
    Preference.put("unit", "in")
    page.refresh
    expect(page).to have_css(".grip-bar", visible: :all) # the page is awake
    find("#band").send_keys(:down)
    expect(page).to have_css("#band[aria-valuenow='#{(88 * 25.4 / 64).round(3)}']")
    expect(page).to have_field("below the rim", with: "1.375")
  end

  it "fits a headstock's word over its photo within 0.2 mm" do
    mark = ready_mark(method_key: "water-slide", printer: "laser")
    pose = UpClose::Artwork::WordPose.from_h(
      x_mm: 40, y_mm: -14, cap_mm: 11.0, turn_deg: 3.0, slant_deg: 5.0, spacing: 0.03
    )
    photograph_word(mark, Shelves::FontShelf.fetch("dancing-script-bold"), "Wrenfold", pose)
    visit "/marks/#{mark.id}/over"
    fill_in "Text", with: "Wrenfold"
    select "Dancing Script Bold", from: "Font"
    click_on "Lay it over the photo"
    expect(page).to have_css("circle.handle", count: 3, visible: :all)
    # each handle to where the word's own ends are, a millimetre off
    word = UpClose::Artwork::WordOutline.new(Shelves::FontShelf.fetch("dancing-script-bold"), "Wrenfold")
    box = UpClose::Geometry::Box.around(word.points(pose))
    {"left" => [box.x + 1, -15.0], "right" => [box.right - 1, -13.0]}.each do |name, (x, y)|
      to = page.evaluate_script(<<~JS)
        (({ origin, scale: s }) => {
          const [x, y] = JSON.parse(origin)
          const at = new DOMPoint((#{x} - x) * s, (#{y} - y) * s).matrixTransform(scene.getScreenCTM())
          return [at.x, at.y]
        })(document.querySelector("[data-page=over]").dataset)
      JS
      from = middle_of("[data-handle=#{name}]")
      drag(from, to[0] - from[0], to[1] - from[1])
      sleep 0.3
    end
    click_on "Fit"
    expect(page).to have_css(".findings", text: /Difference between letters and photo/)
    expect(find(".findings").text[/Difference between letters and photo\D*([\d.]+) mm/, 1].to_f).to be < 0.2
    expect(barriers).to be_empty
    click_on "Use these letters"
    expect(mark.reload.artwork).to have_attributes(kind: "lettering", lettering: "Wrenfold")
  end
end
