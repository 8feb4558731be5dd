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
    fill_in "Gone from it, a box a line", with: "0, 0, 120"
    click_on "Put it in"
    expect(page).to have_css(".field-error", text: "four lengths")
    fill_in "Gone from it, a box a line", with: "0, 0, 120, 20"
    click_on "Put it in"
    expect(page).to have_css("b", text: "clear film 3")
    sheet = StockSheet.last
    drawing = "svg[data-sheet='#{sheet.id}']"
    page.execute_script("document.querySelector(\"#{drawing}\").scrollIntoView({block: 'center'})")
    x, y = middle_of("svg[data-sheet=\"#{sheet.id}\"]")
    drag([x, y], 40, 30)
    within("#sheet-#{sheet.id}") do
      expect(find_field("wide").value.to_f).to be_within(3).of(40 / 0.95)
      click_on "Mark it"
    end
    expect(page).to have_css("#{drawing} polygon", count: 2)
    expect(sheet.reload.rings.last.map(&:first).minmax).to match [be_within(3).of(60), be_within(4).of(102)]

    name = mark("Wrenfold")
    visit "/marks/#{name.id}/sheet"
    fill_in "copies", with: "4"
    check "leftovers"
    click_on "Lay them out"
    expect(page).to have_css("figcaption", text: "clear film 3, 4 copies") # the least that is left takes them
    expect(page).to have_link("Proof, PDF")
    expect(page.evaluate_script("document.querySelector('.nested img').naturalWidth")).to be > 50
    click_on "They are printed"
    expect(page).to have_text("What it took is marked")
    click_on "sheets in the drawer"
    expect(page).to have_css("#{drawing} polygon", count: 6)
    page.go_back
    click_on "It went wrong, but nothing was lost"
    expect(page).to have_button("They are printed: mark the sheets")
    expect(sheet.reload.used.size).to eq 2
  end

  %w[day shed].each do |light|
    it "has no barriers in the #{light}'s light, nor sideways scrolling at 360" do
      Preference.put("light", light)
      Actions::LaySheet.call(mark("Wrenfold"), Forms::SheetForm.new({"copies" => "3", "paper" => "a4", "leftovers" => "1"}), Time.now)
      expect_open_to_all(["/drawer", "/marks/#{mark("Wrenfold").id}/sheet"])
    end
  end
end
