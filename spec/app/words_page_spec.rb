# frozen_string_literal: true

require_relative "../shop_helper"
require_relative "../support/photographed"

RSpec.describe "Letters over a word in a photo", :shop do
  include Photographed

  let(:face) { Shelves::FontShelf.fetch("dancing-script-bold") }
  # on the board above the card, 56 mm wide or so
  let(:real) do
    UpClose::Artwork::WordPose.from_h(x_mm: 40, y_mm: -14, cap_mm: 11.0, turn_deg: 3.0, slant_deg: 5.0, spacing: 0.03)
  end
  let(:mark) { ready_mark(method_key: "water-slide", printer: "laser") }

  def take_photo(**named) = photograph_word(mark, face, "Wrenfold", real, **named)

  # a first guess, as hands lay it
  let(:guess) do
    {"text" => "Wrenfold", "font" => "dancing-script-bold", "x_mm" => "38.5", "y_mm" => "-12.8", "cap_mm" => "10.2",
     "turn_deg" => "1", "slant_deg" => "0", "stretch" => "1", "spacing" => "0", "bend" => "0"}
  end

  it "covers it by itself within 0.2 mm from a rough guess, and becomes the mark's artwork where it stands" do
    take_photo
    send_form "/marks/#{mark.id}/over", guess.merge("act" => "fit")
    expect(last_response.status).to eq 200
    left = page_words[/Difference between letters and photo : fine ([\d.]+) mm/, 1]
    expect(left.to_f).to be < 0.2
    # the pose that the page now holds
    found = %w[x_mm y_mm cap_mm turn_deg slant_deg stretch spacing bend].to_h do |name|
      [name, last_response.body[/name="#{name}"[^>]*value="([^"]*)"/m, 1]]
    end
    outline = UpClose::Artwork::WordOutline.new(face, "Wrenfold")
    boxes = [real, UpClose::Artwork::WordPose.from_h(found.transform_values(&:to_f))].map do |pose|
      UpClose::Geometry::Box.around(outline.points(pose))
    end
    expect(boxes[1].to_a).to match(boxes[0].to_a.map { |value| be_within(0.25).of(value) })
    send_form "/marks/#{mark.id}/over", guess.merge(found).merge("act" => "use")
    own = Mark.find(mark.id)
    expect(own.artwork).to have_attributes(lettering: "Wrenfold", kind: "lettering")
    # where it stands on the piece: the card's middle is the piece's
    placed = UpClose::Placing::PlacedInk.new(own.design.ink, own.placement).box
    wanted = boxes[0].centre - UpClose::Geometry::Point[42.8, 26.99]
    expect(placed.centre.to_a).to match(wanted.to_a.map { |value| be_within(0.4).of(value) })
    expect(placed.width).to be_within(0.4).of(boxes[0].width)
  end

  it "takes one length where no rectangle is in sight, and tells how unsure that is" do
    take_photo(mode: "reference")
    get "/marks/#{mark.id}/over?text=Wrenfold&font=dancing-script-bold"
    expect(page_words).to include("By one length only. A camera tilted by 10° makes an error of 1.5 %.")
    get "/marks/#{mark.id}/over/look?#{URI.encode_www_form(guess)}"
    expect(JSON.parse(last_response.body).keys).to eq %w[pose path handles]
  end

  it "says what is missing at its field, and where nothing stands out" do
    take_photo
    get "/marks/#{mark.id}/over?text=&font=dancing-script-bold"
    expect(page_words).to include("Type what it reads.")
    send_form "/marks/#{mark.id}/over", guess.merge("act" => "fit", "x_mm" => "42", "y_mm" => "40", "cap_mm" => "4")
    expect([last_response.status, page_words]).to match [422, include("No letters can be found")]
    other = ready_mark
    get "/marks/#{other.id}/over"
    expect(last_response.location).to end_with "/pieces/#{other.piece_id}/photo"
  end
end
