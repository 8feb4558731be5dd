# frozen_string_literal: true

require_relative "../shop_helper"

RSpec.describe "Finding a mark's place with a strap", :shop do
  let(:mug) do
    ready_mark(method_key: "water-slide", printer: "laser").tap do |mark|
      mark.piece.update!(shape: "cup", measures: {top_mm: 84.0, foot_mm: 66.0, slant_mm: 95.0})
    end
  end

  def strap(mark) = MarkRegister.new(Mark.find(mark.id)).aid

  it "begins round the film, is kept as it is asked for, and says what does not fit" do
    get "/marks/#{mug.id}/strap"
    expect(last_response.body)
      .to include("Find the place with a strap", "Girth at its upper edge", "Join it under the handle.")
    send_form "/marks/#{mug.id}/strap", "down" => "40", "high" => "3 cm", "overlap" => "12", "handle" => "right",
      "join_top" => "16", "join_foot" => "75"
    expect(strap(mug)).to have_attributes(down: 40.0, high: 30.0, overlap: 12.0)
    get "/marks/#{mug.id}/strap"
    # 75 − 70
    expect(last_response.body).to match(/Passes inside the handle.*?5\.0 mm/m)
    send_form "/marks/#{mug.id}/strap", "down" => "80", "high" => "30"
    expect(last_response.status).to eq 422
    expect(last_response.body).to include("the wall is 95 mm long", 'value="80"')
    expect(strap(mug).down).to eq 40.0
  end

  it "prints true to the girth at that height, measured by another renderer" do
    send_form "/marks/#{mug.id}/strap", "down" => "34", "high" => "27", "overlap" => "0"
    get "/marks/#{mug.id}/strap.pdf"
    # its ends lean by half the angle π × 84 ÷ R, R = 84 × 95 ÷ 18; and a line of 0.2 is drawn round it
    radius, half = 84 * 95 / 18.0 - 34, Math::PI * 42 / (84 * 95 / 18.0)
    boxes = FoundMarks.ink_boxes(FoundMarks.pages(last_response.body, "pdf").last)
    wide = 2 * radius * Math.sin(half)
    high = radius - (radius - 27) * Math.cos(half)
    expect(boxes.map { |b| [b.width, b.height] })
      .to include match([be_within(0.1).of(wide + 0.2), be_within(0.1).of(high + 0.2)])
    get "/marks/#{mug.id}/strap.svg"
    expect(last_response.body[/viewBox="([^"]+)"/, 1].split[2].to_f).to be_within(0.001).of(wide + 4)
    get "/marks/#{mug.id}/strap/look?down=50&high=20&overlap=0"
    expect(JSON.parse(last_response.body)["said"]).to match(/Girth at its upper edge.*?234\.1 mm/m)
  end

  it "says what draws a line that shows on this piece" do
    get "/marks/#{mug.id}/place"
    expect(page_words).to include("Drawn in soft pencil")
    mug.piece.update!(colour: "#14202a", material: "brass", finish: "polished")
    get "/marks/#{mug.id}/place"
    expect(page_words).to include("Drawn in white wax pencil, or on low-tack tape")
  end

  it "cuts paper like a flat piece, with a window, and offers nothing where nothing would hold" do
    mark = ready_mark(method_key: "water-slide", printer: "laser")
    mark.piece.update!(shape: "disc", measures: {diameter_mm: 80.0})
    get "/marks/#{mark.id}/strap"
    expect(last_response.body).to include("Find the place with a ring", "fold the tabs down")
    mark.piece.update!(measures: {diameter_mm: 34.0})
    get "/marks/#{mark.id}/strap"
    expect(last_response.body).to include("nothing is left to hold")
    expect(last_response.body).not_to include("Print the ring")
  end
end
