# frozen_string_literal: true

require_relative "../shop_helper"

RSpec.describe "A mark that covers its piece", :shop do
  # 40 × 30 mm at 10 pixels a millimetre
  let(:photo) { Vips::Image.black(400, 300).linear(1, 90).cast(:uchar).copy(interpretation: :"b-w").pngsave_buffer }

  let(:mark) do
    ready_mark(method_key: "baked-medium", printer: "laser", material: "brass", finish: "raw").tap do |mark|
      mark.piece.update!(shape: "disc", measures: {diameter_mm: 30.0})
      send_form "/marks/#{mark.id}/artwork", "kind" => "file", "file" => upload(photo, "photo.png")
      send_form "/marks/#{mark.id}/cover/begin"
    end.reload
  end

  def again = Mark.find(mark.id)

  it "begins as large as covers all of it, and goes to paper at the outline with what is to be trimmed" do
    expect(again.covering.shown_mm).to be_within(0.05).of(44.0)
    expect(again.width_mm).to be_within(0.11).of(33.0)
    get "/marks/#{mark.id}/cover"
    expect(last_response.body).to include("Cover the whole piece", "covers all of it")
    # what is cut is the outline itself, to a hundredth, whatever its pixels come to
    cut = again.cutting.cut
    expect(cut.outline.map { |x, y| Math.hypot(x, y) }).to all be_within(0.005).of(16.5)
    get "/marks/#{mark.id}/cut/1.svg"
    expect(last_response.body).to include('id="copy 1"')
    printed = FoundMarks.pages(get("/marks/#{mark.id}/pack.pdf").body, "pdf").first
    expect(FoundMarks.ink_boxes(printed).map { |b| [b.width, b.height] })
      .to include match([be_within(0.15).of(33), be_within(0.15).of(33)])
  end

  it "moves and sizes by figures or by a drag, tells what is bare, and takes it back" do
    send_form "/marks/#{mark.id}/cover", "wide" => "40", "x" => "-1,5", "turn" => "30", "edge" => "0.8",
      "side" => "inside"
    expect(again.covering.cover).to have_attributes(x_mm: -1.5, turn_deg: 30.0, edge_mm: -0.8)
    expect([again.covering.shown_mm, again.width_mm]).to match [be_within(1e-6).of(40), be_within(0.11).of(28.4)]
    header "Accept", "application/json"
    send_form "/marks/#{mark.id}/cover", "x_mm" => "9.25", "y_mm" => "0"
    header "Accept", "text/html"
    told = JSON.parse(last_response.body)
    expect(told["said"]).to include("Empty corners", "on the left")
    expect(told["fields"]["x"]).to eq "9.25"
    send_form "/marks/#{mark.id}/cover", "act" => "fill"
    expect(again.covering.findings(UpClose::Measure::LengthWriter.new("mm")).map(&:verdict)).to all be :fine
    3.times { send_form "/marks/#{mark.id}/cover/undo" }
    expect(again.covering.cover).to have_attributes(x_mm: 0.0, edge_mm: 1.5)
  end

  it "refuses at the field what leaves nothing, keeps what was typed, and can be ended" do
    send_form "/marks/#{mark.id}/cover", "edge" => "20", "side" => "inside"
    expect(last_response.status).to eq 422
    expect(last_response.body).to include("Nothing of the piece is left", 'value="20"')
    send_form "/marks/#{mark.id}/cover", "wide" => "two"
    expect([last_response.status, again.covering.cover.edge_mm]).to eq [422, 1.5]
    send_form "/marks/#{mark.id}/cover/end"
    expect(again).to have_attributes(cover: nil, width_mm: be < 30)
    get "/marks/#{mark.id}/place"
    expect(page_words).to include("Cover the whole piece")
  end

  it "follows a piece that is measured anew" do
    mark.piece.change(measures: {diameter_mm: 20.0})
    expect(again.width_mm).to be_within(0.11).of(23.0)
  end
end
