# frozen_string_literal: true

require_relative "../system_helper"
require_relative "../support/photographed"

# Fingers, as the browser itself takes them: it decides what scrolls.
# how long a finger is held still until it takes hold
HOLD_S = 0.5

RSpec.describe "drawings by touch", :shop, :page do
  include Photographed

  before do
    page.driver.resize(390, 700)
    page.driver.browser.page.command("Emulation.setTouchEmulationEnabled", enabled: true, maxTouchPoints: 2)
  end
  after { page.driver.resize(1280, 800) }

  def touch(type, *points)
    points = points.each_with_index.map { |(x, y), i| {x: x, y: y, id: i} }
    page.driver.browser.page.command("Input.dispatchTouchEvent", type: type, touchPoints: points)
  end

  # one finger from here by so much
  def finger(from, by, held: false)
    touch("touchStart", from)
    sleep HOLD_S if held
    8.times do |i|
      touch("touchMove", from.zip(by).map { |at, way| at + way * (i + 1) / 8.0 })
      sleep 0.02
    end
    touch("touchEnd")
    sleep 0.3 # the browser scrolls a moment later
  end

  def pinch(at)
    touch("touchStart", [at[0] - 20, at[1]])
    touch("touchStart", [at[0] - 20, at[1]], [at[0] + 20, at[1]])
    6.times { |i| touch("touchMove", [at[0] - 22 - 8 * i, at[1]], [at[0] + 22 + 8 * i, at[1]]) && sleep(0.02) }
    touch("touchEnd")
  end

  # the thing in the middle of the window, with room to scroll both ways
  def brought(target)
    expect(page).to have_css(".grip-bar", visible: :all), -> { "#{page.current_path}: #{page.text}" }
    # short pages scroll too
    page.execute_script("if (document.documentElement.scrollHeight < 1500) document.body.style.padding = '500px 0'")
    page.execute_script("document.querySelector(#{target.to_json}).scrollIntoView({block: 'center'})")
    middle_of(target)
  end

  def scrolled = page.evaluate_script("window.scrollY")

  # a button of the drawing's, wherever it is scrolled to
  def press_hidden(words)
    page.execute_script(<<~JS)
      [...document.querySelectorAll(".grip-bar button")]
        .find((button) => !button.hidden && button.textContent === #{words.to_json}).click()
    JS
  end

  def view_box(svg) = page.evaluate_script("document.querySelector(#{svg.to_json}).viewBox.baseVal.width")

  # a swipe scrolls, a pinch enlarges, neither changes anything; what is held still moves
  # @yieldreturn [Object] what must not change by itself
  def expect_deliberate(path, target, svg:, by: [20, 12], kept: true)
    visit path
    at, before, top, whole = brought(target), yield, scrolled, view_box(svg)
    finger(at, [0, -60])
    expect(scrolled).to be_within(25).of(top + 60)
    visit path
    pinch(brought(svg))
    expect(view_box(svg)).to be < whole * 0.8
    expect(page).to have_button("Whole drawing")
    press_hidden("Whole drawing")
    expect(view_box(svg)).to be_within(0.01).of(whole)
    sleep 0.8
    expect([yield, page.evaluate_script("location.pathname")]).to eq [before, path[/\A[^?]+/]]
    at, top = brought(target), scrolled
    finger(at, by, held: true)
    expect(scrolled).to eq top if kept
    Timeout.timeout(8) { sleep 0.1 until yield != before }
  end

  let(:mark) { ready_mark }

  def place_of(one) = one.reload.attributes.values_at("x_mm", "y_mm", "width_mm", "cover")

  it "on Place: by hold, by the switch, by the arrows; and a mark that is laid stays till it is unlocked" do
    expect_deliberate("/marks/#{mark.id}/place", "#mark image", svg: "#scene") { place_of(mark) }
    visit "/marks/#{mark.id}/place"
    brought("#mark image")
    before = mark.reload.x_mm
    press_hidden("→")
    Timeout.timeout(8) { sleep 0.1 until (mark.reload.x_mm - before - 0.1).abs < 1e-6 }
    click_on "Move"
    finger(brought("#mark image"), [-24, 0])
    Timeout.timeout(8) { sleep 0.1 until mark.reload.x_mm < before - 1 }
    mark.attempts.create!(copy: 1, piece: 1, result: "good", faults: [])
    laid = place_of(mark)
    visit "/marks/#{mark.id}/place"
    finger(brought("#mark image"), [20, 10], held: true)
    press_hidden("→")
    sleep 0.8
    expect([place_of(mark), find_field("wide", disabled: true).disabled?]).to eq [laid, true]
    expect(send_form("/marks/#{mark.id}/place", "width" => "12").status).to eq 423
    click_on "Unlock it"
    expect(page).to have_text("unlocked for an hour")
    finger(brought("#mark image"), [20, 10], held: true)
    Timeout.timeout(8) { sleep 0.1 until place_of(mark) != laid }
  end

  it "on a drawing of several marks, behind an outline and on a strap" do
    send_form "/pieces/#{mark.piece_id}/marks"
    expect_deliberate("/pieces/#{mark.piece_id}/compose?active=#{mark.id}", ".mark[data-mark='#{mark.id}'] image",
      svg: "#scene") { place_of(mark) }
    mug = ready_mark(method_key: "water-slide", printer: "laser")
    mug.piece.update!(shape: "cup", measures: {top_mm: 84.0, foot_mm: 66.0, slant_mm: 95.0})
    expect_deliberate("/marks/#{mug.id}/strap", "#band", svg: "#scene", by: [0, 14], kept: false) do
      [mug.reload.strap, page.has_field?("below the rim", wait: 0) && find_field("below the rim").value]
    end
    send_form "/marks/#{mark.id}/cover/begin"
    expect_deliberate("/marks/#{mark.id}/cover", "#mark", svg: "#scene") { place_of(mark) }
  end

  it "on letters over a photo" do
    pose = UpClose::Artwork::WordPose.from_h(x_mm: 40, y_mm: -14, cap_mm: 11.0, turn_deg: 3.0, slant_deg: 0, spacing: 0)
    photograph_word(mark, Shelves::FontShelf.fetch("dancing-script-bold"), "Wrenfold", pose)
    asked = "text=Wrenfold&font=dancing-script-bold"
    expect_deliberate("/marks/#{mark.id}/over?#{asked}", "[data-handle=left]", svg: "#scene", by: [24, 10]) do
      page.evaluate_script("document.querySelector('[data-handle=left]')?.getAttribute('cx')")
    end
  end

  it "on a sheet whose used areas are drawn" do
    send_form "/drawer", "stock" => "label-backing", "printer" => "inkjet", "size" => "a4"
    expect(last_response.status).to eq 303
    sheet = StockSheet.last
    used = -> { find("#sheet-#{sheet.id}", visible: :all).all("input:not([type=hidden])", visible: :all).map(&:value) }
    expect_deliberate("/drawer", "svg[data-sheet]", svg: "svg[data-sheet]", by: [30, 20], &used)
  end

  it "where copies lie on their sheets" do
    send_form "/drawer", "stock" => "label-backing", "printer" => "inkjet", "size" => "a4"
    send_form "/marks/#{mark.id}/sheet", "copies" => "3", "paper" => "a4", "leftovers" => "1"
    expect_deliberate("/marks/#{mark.id}/sheet", "g.copy", svg: ".layout:has(.copy)", by: [0, 90]) do
      mark.reload.layout.sheets.to_json
    end
  end

  it "on the timetable" do
    mark
    expect_deliberate("/timetable", ".day [data-mark]", svg: ".day:has([data-mark])", by: [40, 0], kept: false) do
      Mark.order(:id).pluck(:not_before)
    end
  end
end
