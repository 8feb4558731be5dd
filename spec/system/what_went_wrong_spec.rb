# frozen_string_literal: true

require_relative "../system_helper"

# From a spoilt piece to a change of the shop's own way, and from a coupon to a limit, as a maker does it.
RSpec.describe "Learning from what went wrong", :shop, :page do
  def at_the_bench
    mark = ready_mark(method_key: "gel-medium", printer: "laser", count: "3", grit: "120")
    send_form "/marks/#{mark.id}/sheet", "copies" => "5", "paper" => "a4", "leftovers" => ""
    run = Actions::RunMarks.start(mark.reload, Time.now - 900)
    at = Time.now - 900
    run.steps_core.each do |step|
      break if step.key == "press:1"
      at += (step.key == "lay:1") ? 420 : 60
      Actions::RunMarks.finish_step(run, step.key, at)
    end
    run
  end

  def tap(x, y)
    box = page.evaluate_script("(({x, y, width, height}) => [x, y, width, height])(" \
      "document.querySelector('#tapped image').getBoundingClientRect())")
    page.driver.browser.mouse.click(x: box[0] + x * box[2], y: box[1] + y * box[3])
  end

  it "asks at the bench, weighs, asks one question, saves the piece by the clock, and changes the next one" do
    run = at_the_bench
    visit "/runs/#{run.id}"
    find("summary", text: "This one is spoilt").click
    click_on "Yes, it is spoilt"
    expect(page).to have_css("h1", text: "What went wrong with piece 1?")
    expect(barriers).to be_empty
    click_on "missing spots"
    expect(page).to have_css("h2", text: "Most likely").and have_css(".causes b", text: "The gel had gone tacky")
    page.scroll_to(find("#scene"), align: :top)
    tap(0.1, 0.15)
    expect(page).to have_css("[data-ring]", count: 1)
    tap(0.9, 0.8)
    expect(page).to have_css("[data-ring]", count: 2).and have_text("it shows at the rim")
    expect(Attempt.last.places.map { |place| [place["x"], place["y"]] })
      .to match [[0.1, 0.15], [0.9, 0.8]].map { |tapped| tapped.map { |share| be_within(0.02).of(share) } }
    find("[data-ring='1'] .line").click
    expect(page).to have_css("[data-ring]", count: 1)
    left = find("[data-left]").text
    expect(left).to match(/\A1\d:\d\d\z/)
    sleep 1.2
    expect(find("[data-left]").text).not_to eq left
    click_on "A smooth skin"
    expect(page).to have_text("Is there a smooth skin on it? A smooth skin")
    expect(barriers).to be_empty
    click_on "Keep this in your own way of doing it"
    expect(page).to have_text("Kept in your own way of doing it")
    # the back button and a reload keep all of it
    page.refresh
    expect(page).to have_text("Kept in your own way of doing it").and have_css("[data-ring]", count: 1)
    click_on "Saved: back to the bench"
    expect(page).to have_text("1 spoilt")
    attempt = Attempt.last
    expect(attempt.mark.planned.steps.find { |step| step.key == "lay" }.words).to start_with "Trimmed and at hand"
    expect_open_to_all ["/attempts/#{attempt.id}/wrong", "/marks/#{attempt.mark_id}/record"]
  end

  it "makes a coupon, reads it by a tap, and shows the limit with where it comes from" do
    visit "/limits"
    select "Gel medium", from: "Method"
    click_on "Make the coupon"
    expect(page).to have_css("h1", text: "Coupon").and have_text("Made, not yet printed.")
    find("summary", text: "Read it by hand").click
    within(:xpath, "//fieldset[legend='The thinnest whole line, mm']") { find("label", text: /\A0.4\z/).click }
    click_on "Keep it"
    expect(page).to have_text("0.4 ± 0.06 mm")
    coupon = Coupon.last
    2.times { |i|
      Attempt.create!(copy: 1, result: %w[good spoilt][i], faults: [], note: "", made_at: Time.now - i * 9e6,
        method_key: "gel-medium", printer: "laser", stock: "quick-peel", material: "wood", finish: "sanded")
    }
    paths = ["/limits", "/coupons/#{coupon.id}", "/methods/gel-medium/record", "/record", "/record/from"]
    expect_open_to_all paths
    expect_open_to_all paths.first(3), light: "shed"
  end
end
