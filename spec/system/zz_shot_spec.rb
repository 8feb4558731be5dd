require_relative "../system_helper"
RSpec.describe "shots", :shop, :page do
  it "shots" do
    send_form "/jobs", "title" => "Boat"
    send_form "/jobs/#{Job.last.id}/pieces", Shop::PLATE.merge("name" => "hull", "colour" => "#1d2f4f", "finish" => "gloss-paint", "width_mm" => "200", "height_mm" => "60")
    mark = Mark.last
    send_form "/marks/#{mark.id}/purpose", "purpose" => "picture"
    send_form "/marks/#{mark.id}/artwork", "kind" => "lettering", "text" => "SOLVEIG", "font" => "overpass-bold", "cap_height" => "9"
    send_form "/marks/#{mark.id}/place", "width" => "60"
    page.driver.resize(1280, 800)
    visit "/marks/#{mark.id}/artwork"
    expect(page).to have_css("#white .look-answer", count: 4, wait: 30)
    sleep 6
    page.driver.save_screenshot("/tmp/w1.png", full: true)
    page.driver.resize(390, 844)
    sleep 1
    page.driver.save_screenshot("/tmp/w2.png", full: true)
    page.driver.resize(1280, 800)
    find("#white button", text: "Open letters").click
    expect(page).to have_css("#white .chosen", wait: 30)
    sleep 4
    page.driver.save_screenshot("/tmp/w3.png", full: true)
    visit "/marks/#{mark.id}/place"
    sleep 2
    page.driver.save_screenshot("/tmp/w4.png", full: false)
  end
end
