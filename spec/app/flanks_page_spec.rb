# frozen_string_literal: true

require_relative "../shop_helper"

RSpec.describe "Two flanks of one body", :shop do
  let(:stations) { [[0, 6], [12, 34], [30, 58], [50, 66], [70, 54], [86, 28], [95, 12]] }

  # an eye at the left of a long fish
  let(:left) do
    mark = mark_with_artwork
    mark.piece.update!(shape: "loft", measures: {stations: stations}, count: 3)
    fish = svg('<rect width="80" height="20" fill="#456"/><circle cx="10" cy="8" r="2"/>')
    send_form "/marks/#{mark.id}/artwork", "kind" => "file", "file" => upload(fish, "fish.svg")
    send_form "/marks/#{mark.id}/cover/begin"
    send_form "/marks/#{mark.id}/method", "method_key" => "water-slide", "printer" => "laser"
    mark.reload
  end

  def right = Mark.find_by(flank: "right")

  def features(mark) = Mark.find(mark.id).covering.features.map { |f| [f.kind, f.x_mm, f.y_mm] }

  it "makes the other flank as a mirror of this one, which follows every change until it is let go" do
    send_form "/marks/#{left.id}/flanks", "own" => "0"
    expect(right).to have_attributes(mirror_of: left.id, flank: "right", recipe: [{"key" => "flip", "on" => true}])
    send_form "/marks/#{left.id}/cover", "x" => "4", "turn" => "5"
    expect(right.covering.cover).to have_attributes(x_mm: -4.0, turn_deg: -5.0)
    # cut out, one is the other seen in a mirror
    expect(right.cutting.cut.region.edge_distance(left.reload.cutting.cut.mirrored.region)).to be < 0.01
    # and so is what is printed
    seen = [left, right].map { |mark| shown(Mark.find(mark.id)) }
    expect((seen[0].fliphor - seen[1]).abs.avg).to be < 1
    expect((seen[0] - seen[1]).abs.avg).to be > 2
    send_form "/marks/#{right.id}/flanks/part"
    send_form "/marks/#{left.id}/cover", "x" => "9"
    expect(right).to have_attributes(mirror_of: nil)
    expect(right.covering.cover.x_mm).to eq(-4.0)
  end

  def shown(mark)
    drawn = mark.design.drawn.artwork
    box = drawn.ink.box
    UpClose::Formats::SVG::Raster.call(drawn, frame: box, scale: 400 / box.width)[0].crop(0, 0, 400, 140).cast(:int)
  end

  it "pins an eye to the body, the same on both sides, and holds the picture's eye to it" do
    send_form "/marks/#{left.id}/flanks", "own" => "0"
    send_form "/marks/#{left.id}/features", "feature" => {
      "0" => {"kind" => "eye", "along" => "9", "up" => "2", "size" => "5"}, "1" => {"kind" => "fin", "along" => ""}
    }
    # 9 from the nose of a body 95 long, 2 towards the back
    expect(features(left)).to eq [["eye", -38.5, -2.0]]
    expect(features(right)).to eq [["eye", 38.5, -2.0]]
    # where the picture's eye lies now: 10, 8 of 80 × 20
    cover = left.reload.covering.cover
    at = [(10 - 40) / 80.0 * cover.picture_mm + cover.x_mm, (8 - 10) / 80.0 * cover.picture_mm + cover.y_mm]
    send_form "/marks/#{left.id}/cover/pin", "feature" => "0", "x_mm" => at[0], "y_mm" => at[1]
    held = Mark.find(left.id).covering
    eye = UpClose::Geometry::Point[-30 / 80.0, -2 / 80.0] * held.cover.picture_mm + held.cover.centre
    expect(eye.to_a).to match [be_within(1e-6).of(-38.5), be_within(1e-6).of(-2)]
    get "/marks/#{left.id}/cover"
    expect(page_words).to include("The picture&#39;s eye", "where it is on the body", "Back and belly")
  end

  it "takes nothing that is no row of the table, and says what does not read" do
    send_form "/marks/#{left.id}/features", "feature" => {"a" => ["b"]}
    expect(last_response.status).to eq 303
    send_form "/marks/#{left.id}/features", "feature" => {"0" => {"kind" => "eye", "along" => "a thumb"}}
    expect([last_response.status, page_words]).to match [422, include("“a thumb” is not a length we can read")]
    expect(last_response.body).to include('value="a thumb"')
  end

  it "gives the other flank artwork of its own, and lays both on one sheet with slits to close up" do
    send_form "/marks/#{left.id}/flanks", "own" => "1"
    expect(right).to have_attributes(mirror_of: nil, artwork: nil)
    send_form "/marks/#{right.id}/artwork",
      "kind" => "file", "file" => upload(svg('<rect width="80" height="20"/>'), "b.svg")
    send_form "/marks/#{right.id}/cover/begin"
    send_form "/marks/#{left.id}/flanks/lay"
    expect(Layout.last.marks.map(&:flank)).to eq %w[left right]
    expect(Layout.last.sheets.sum { |sheet| sheet.places.size }).to eq left.good_wanted + right.good_wanted
    get "/marks/#{left.id}/cut/1.dxf"
    open_lines = last_response.body.scan(/POLYLINE\n8\n[^\n]+\n66\n1\n70\n(\d)/).flatten.count("0")
    expect(open_lines).to be >= left.covering.slits.size
    expect(left.covering.slits).not_to be_empty
    get "/marks/#{left.id}/cover"
    expect(page_words).to include("#{left.covering.slits.size} slits from the edge are cut into it")
  end
end
