# frozen_string_literal: true

require_relative "../system_helper"

RSpec.describe "the menu and the keys", :shop, :page do
  def open? = page.evaluate_script("document.querySelector('details.menu').open")

  def open_menu
    find("details.menu summary").click
    expect(open?).to be true
  end

  it "shut by Escape, by a press beside the menu, and when the focus goes on; Ctrl-Z takes back a move" do
    mark = ready_mark
    visit "/marks/#{mark.id}/place"
    open_menu
    press(:escape)
    expect([open?, page.evaluate_script("document.activeElement.tagName")]).to eq [false, "SUMMARY"]
    open_menu
    find("h1").click
    expect(open?).to be false
    expect(page).to have_css(".grip-bar", visible: :all)
    before = mark.reload.x_mm
    drag(middle_of("#mark image"), 40, 0)
    Timeout.timeout(8) { sleep 0.1 until mark.reload.x_mm != before }
    press([:ctrl, "z"])
    Timeout.timeout(8) { sleep 0.1 until mark.reload.x_mm == before }
  end
end
