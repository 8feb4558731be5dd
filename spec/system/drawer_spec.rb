# frozen_string_literal: true

require_relative "../system_helper"

RSpec.describe "the sheet drawer, at the real page", :shop, :page do
  before { Storytelling.tell }

  def mark(title) = Mark.joins(:artwork).find_by(artworks: {name: title})

  it "takes a half-used sheet in, marks more of it by pointer, lays a mark on it and shows it grown" do
    visit "/drawer"
    select "clear water-slide film", from: "Stock"
    select "another size", from: "Size"
    fill_in "Wide", with: "120"
    fill_in "High", with: "90"
    fill_in "Used areas, one per line", with: "0, 0, 120"
    click_on "Add the sheet"
    expect(page).to have_css(".field-error", text: "four lengths")
    fill_in "Used areas, one per line", with: "0, 0, 120, 20"
    click_on "Add the sheet"
    expect(page).to have_css("b", text: "clear film 3")
    sheet = StockSheet.last
    drawing = "svg[data-sheet='#{sheet.id}']"
    page.execute_script("document.querySelector(\"#{drawing}\").scrollIntoView({block: 'center'})")
    x, y = middle_of("svg[data-sheet=\"#{sheet.id}\"]")
    drag([x, y], 40, 30)
    within("#sheet-#{sheet.id}") do
      expect(find_field("wide").value.to_f).to be_within(3).of(40 / 0.95)
      click_on "Save"
    end
    expect(page).to have_css("#{drawing} polygon", count: 2)
    expect(sheet.reload.rings.last.map(&:first).minmax).to match [be_within(3).of(60), be_within(4).of(102)]

    name = mark("Wrenfold")
    visit "/marks/#{name.id}/sheet"
    fill_in "prints", with: "4"
    check "leftovers"
    find("#lay-out").click_on("Lay out")
    expect(page).to have_css("figcaption", text: "clear film 3, 4 copies") # the least that is left takes them
    expect(page).to have_link("Proof, PDF")
    expect(page).to have_css(".nested.awake")
    # one that has a millimetre of room to the right
    place = name.reload.layout.sheets.first.places.find do |p|
      Actions::ArrangeCopies.move(name, p.with(x: p.x + 1), keep: false).empty?
    end
    copy = ".copy[data-copy='#{place.copy}']"
    page.execute_script("document.querySelector(\"#{copy}\").focus()")
    press(%i[shift right], :left)
    expect(page).to have_css("#{copy}[data-x^='#{(place.x + 0.9).floor(2)}']")
    kept = name.reload.layout.sheets.first.places.find { |p| p.copy == place.copy }
    expect([kept.x, kept.y]).to match [be_within(1e-6).of(place.x + 0.9), place.y]
    drag(middle_of(".layout .copy"), 0, -160) # onto what is gone
    expect(page).to have_css(".finding", text: /On what is gone|Too near/)
    expect(page).to have_no_css(".copy.wrong") # and back where it was
    press("p")
    expect(page).to have_css(".copy.pinned")
    click_on "Lay out the rest again"
    expect(page).to have_css(".copy.pinned", count: 1)
    click_on "I have printed it"
    expect(page).to have_text("The used areas are marked")
    click_on "sheets in the drawer"
    expect(page).to have_css("#{drawing} polygon", count: 6)
    page.go_back
    click_on "It went wrong, but the sheets are still good"
    expect(page).to have_button("I have printed it")
    expect(sheet.reload.used.size).to eq 2
  end

  it "finds a printer's faults by its crosses, proves it, and prints a mark on a leftover with them undone" do
    inkjet = Printer.find_by(name: "Kitchen table inkjet")
    visit "/printers"
    click_on "Kitchen table inkjet"
    expect(page).to have_text("Not measured yet")
    fill_in "Along the top", with: "500"
    click_on "Save measurements"
    expect(page).to have_css(".field-error", minimum: 1)
    expect(page).to have_field("Along the top", with: "500")
    click_on "Print the crosses"
    expect(page).to have_button("Put it on the scanner")
    click_on "Put it on the scanner"
    expect(page).to have_button("Find its crosses")
    click_on "Find its crosses"
    expect(page).to have_css(".finding", text: /Across, of what was drawn.*99\.7\d/m)
    click_on "Print the second page"
    expect(page).to have_css("img.tray")
    click_on "Put it on the scanner"
    expect(page).to have_button("Check the second page")
    click_on "Check the second page"
    expect(page).to have_css(".finding.is-fine", text: "Second page: error over 200 mm")

    board = mark("Name board")
    visit "/marks/#{board.id}/sheet"
    expect(page).to have_css(".four", text: /Kitchen table inkjet: its scale \(99\.75 % × 100\.6/m)
    expect(page).to have_css("figcaption", text: "white film 1, 6 copies")
    before = StockSheet.find_by(name: "white film 1").free_room.area_mm2
    click_on "I have printed it"
    expect(page).to have_text("The used areas are marked")
    expect(StockSheet.find_by(name: "white film 1").free_room.area_mm2).to be < before - 6 * 62 * 8
    expect(inkjet.current.figures["residual_mm"]).to be < 0.05
  end

  %w[day shed].each do |light|
    it "has no barriers in the #{light}'s light, nor sideways scrolling at 360", slow: light == "shed" do
      Preference.put("light", light)
      Actions::LaySheet.call(
        mark("Wrenfold"),
        Forms::SheetForm.new({"copies" => "3", "paper" => "a4", "leftovers" => "1"}),
        Time.now
      )
      expect_open_to_all(
        ["/drawer", "/marks/#{mark("Wrenfold").id}/sheet", "/printers", "/printers/#{Printer.first.id}"],
        light: light
      )
    end
  end
end
