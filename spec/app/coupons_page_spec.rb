# frozen_string_literal: true

require "shop_helper"

RSpec.describe "coupons and limits", :shop do
  def coupon(**typed)
    send_form "/coupons", {"kind" => "limits", "method_key" => "gel-medium", "material" => "wood"}
      .merge(typed.transform_keys(&:to_s))
    Coupon.last
  end

  it "makes a coupon a mark like any other: at its true size, on its own piece, with method, sheet and steps" do
    made = coupon
    expect(last_response.headers["location"]).to end_with "/coupons/#{made.id}"
    mark = made.mark
    expect([mark.width_mm, mark.method_key, mark.stock, mark.job.title])
      .to match [be_within(0.01).of(135), "gel-medium", "quick-peel", "Coupons"]
    # ink to ink, from the outer edge of the rings: 136 − 2 × (4 − 3.5)
    expect(mark.planned.reading).to be_mirrored
    expect(mark.pack.sheets).to eq 1
    get "/coupons/#{made.id}"
    expect(page_words).to include("Made, not yet printed.", "Read the photo", "136.0 × 93.0")
    expect(get("/coupons/#{made.id}/drawing.svg").body).to include 'width="136mm"'
    expect(get("/marks/#{mark.id}/sheet").status).to eq 200
    expect(get("/coupons/#{made.id}/photo").status).to eq 404
  end

  it "reads it by hand, and every check uses what it told from then on" do
    mark = ready_mark(method_key: "gel-medium", printer: "laser")
    before = mark.design.limits
    expect(before.source(:line_mm)).to include "starting value"
    made = coupon
    send_form "/coupons/#{made.id}/hand"
    expect(page_words).to include "Fill in at least one of them."
    send_form "/coupons/#{made.id}/hand", "line" => "0.4", "gap" => "0.3"
    fresh = Mark.find(mark.id)
    expect(fresh.design.limits[:line_mm]).to be_between(0.33, 0.4)
    expect(fresh.design.limits.source(:line_mm)).to match(/from coupon of \d+ \w+ \(starting value 0.25\)/)
    expect(fresh.situation.limits[:line_mm]).to be_between(0.33, 0.4)
    # on metal it counts for less
    metal = ready_mark(method_key: "gel-medium", printer: "laser", material: "brass", finish: "etched")
    expect(metal.design.limits[:line_mm]).to be_between(0.25, fresh.design.limits[:line_mm])
    get "/limits"
    expect(page_words).to match(/Gel medium: laser, quick peel, on wood.*Thinnest line 0.25 mm 0.3\d mm coupon of/)
    get "/coupons/#{made.id}"
    expect(page_words).to include "0.4 ± 0.06 mm"
  end

  it "reads a photo that the simulated camera took, and refuses another one" do
    made = coupon(kind: "small")
    send_form "/coupons/#{made.id}/photo", "photo" => upload("no picture", "x.jpg")
    expect([last_response.status, page_words]).to match [422, /cannot be read as a picture/]
    plain = (Vips::Image.black(300, 200) + 200).cast(:uchar).jpegsave_buffer
    send_form "/coupons/#{made.id}/photo", "photo" => upload(plain, "x.jpg")
    expect([last_response.status, page_words]).to match [422, /No coupon was found/]
    send_form "/coupons/#{made.id}/photo"
    expect(page_words).to include "Choose a photo or a scan of it."
    # it is kept, and can be read by its corners
    expect(made.reload).to have_attributes(read_at: nil, photo: be_present)
    send_form "/coupons/#{made.id}/corners", "corners" => "7 11, 94 7"
    expect([last_response.status, page_words]).to match [422, /Tap the four corners/]
    send_form "/coupons/#{made.id}/corners", "corners" => "0 0, 50 50, 100 100, 20 20"
    expect([last_response.status, page_words]).to match [422, /These corners lie in line/]
    send_form "/coupons/#{made.id}/camera"
    expect(last_response.status).to eq(303)
    made.reload
    expect(made.readings.keys).to eq %w[line_mm gap_mm spread_mm]
    hidden = Devices::Simulated::Bench.leaves("gel-medium", "wood", made.id)
    expect(made.readings["line_mm"]["value"]).to be_within(0.05).of(hidden.line_mm)
    expect(get("/coupons/#{made.id}/photo").content_type).to eq "image/jpeg"
    # the same by corners that were tapped: rings 7 mm in from the edge of 80 × 68 mm, which lies aslant
    told = made.readings["line_mm"]["value"]
    shares = [[0.07, 0.11], [0.94, 0.07], [0.91, 0.93], [0.1, 0.9]].map { |x, y| UpClose::Geometry::Point[x, y] }
    flat = [[0, 0], [80, 0], [80, 68], [0, 68]].map { |x, y| UpClose::Geometry::Point[x, y] }
    map = UpClose::Geometry::Homography.between(flat, shares)
    rings = [[7, 7], [73, 7], [73, 61], [7, 61]].map { |x, y| map.apply(UpClose::Geometry::Point[x, y]).to_a }
    send_form "/coupons/#{made.id}/corners", "corners" => rings.flatten.map { |share| (share * 100).round(2) }.join(" ")
    expect(last_response.status).to eq 303
    expect(made.reload.readings["line_mm"]["value"]).to be_within(0.04).of(told)
  end

  it "finds the best of a grid of settings, and says so when it lies at the edge" do
    made = coupon(
      kind: "grid", method_key: "heat-resist", material: "brass", across: "heat", across_values: "150 170 190",
      down: "time", down_values: "90; 120; 150"
    )
    expect(made.plan_core.fields.map(&:name).last).to eq "C3"
    shares = made.plan_core.fields.to_h { |field| ["field_#{field.name}", (30 + 25 * field.column).to_s] }
    send_form "/coupons/#{made.id}/hand", shares.merge("field_A1" => "many")
    expect(page_words).to include "From 0 to 100."
    send_form "/coupons/#{made.id}/hand", shares
    get "/coupons/#{made.id}"
    expect(page_words).to include("190 °C", "Try hotter: The best value is at the edge of what you tried.")
    2.times { send_form "/coupons/#{made.id}/keep" }
    press = OwnSchool.last.steps.find { |step| step["key"] == "press" }
    expect([OwnSchool.count, press["temperature_c"], press["words"]])
      .to match [1, 190.0, /\AAbout 190 °C, 120 s\. (?!About)/]
    expect(SchoolChange.last).to have_attributes(method_key: "heat-resist", step: "press", words: /coupon #{made.id}/)
    send_form "/coupons", "kind" => "grid", "method_key" => "heat-resist", "across" => "heat", "across_values" => "9 5"
    expect([last_response.status, page_words]).to match [422, /Two to four values, growing/]
    same = {"across" => "heat", "across_values" => "150 170", "down" => "heat", "down_values" => "90 120"}
    send_form "/coupons", "kind" => "grid", "method_key" => "heat-resist", **same
    expect([last_response.status, page_words]).to match [422, /Vary something else down than across/]
    send_form "/coupons", "kind" => "limits", "method_key" => "none"
    expect(last_response.status).to eq 422
    send_form "/coupons", "kind" => "limits", "method_key" => "heat-resist", "stock" => "wax-paper"
    expect([last_response.status, page_words]).to match [422, /Heat resist on metal is printed on resist film or/]
    expect(Coupon.count).to eq 1
  end
end
