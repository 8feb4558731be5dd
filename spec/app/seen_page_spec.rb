# frozen_string_literal: true

require_relative "../shop_helper"
require_relative "../support/photographed"

RSpec.describe "A piece with its marks as they will look", :shop do
  include Photographed

  let(:mark) { ready_mark(method_key: "water-slide", printer: "laser", colour: "#101820") }

  def picture(film)
    get "/pieces/#{mark.piece_id}/seen/#{film}.png"
    Vips::Image.new_from_buffer(last_response.body, "")
  end

  # where a place of the plate, mm from its middle, is on the picture
  def at(image, x, y)
    box = PieceSeen.new(mark.piece.reload).box
    image.getpoint(((x - box.x) / box.width * image.width).to_i, ((y - box.y) / box.height * image.height).to_i)
  end

  it "shows it on its own photo, place by place, on clear film and on white" do
    photograph_plate(mark.piece)
    get "/pieces/#{mark.piece_id}/seen"
    expect(page_words).to include("How it will look on the piece", "Light in the photo", "hard to read, ringed")
    # black on the light half and on the dark one
    clear = picture("clear")
    expect(at(clear, -10, 0)).to all be < 12
    expect(at(clear, -25, 0)[0]).to be > at(clear, 25, 0)[0] + 60
    # white film lies under it as far as it is cut out, 3 round it: on the dark half too
    white = picture("white")
    expect(at(white, 16.5, 0)).to all be > 200
    expect(at(white, 25, 0)).to all be < 90
    get "/pieces/#{mark.piece_id}/seen/white.png?download=1"
    expect(last_response.headers["content-disposition"]).to include "attachment"
  end

  it "shows it on its colour without a photo, and goes by white paper that was clicked" do
    get "/pieces/#{mark.piece_id}/seen"
    expect(page_words).to include("On its colour, without a photo", "add one, mark")
    photograph_plate(mark.piece)
    send_form "/pieces/#{mark.piece_id}/seen/white", "x_mm" => "-20", "y_mm" => "-12"
    expect(mark.piece.reload.photo["white_mm"]).to eq [-23.0, -15.0, 6.0, 6.0]
    get "/pieces/#{mark.piece_id}/seen"
    expect(page_words).to include("Each place is measured against the white paper", "Use the typed colour instead")
    # that half is paper now: 0.85 of the light, 236 of 255
    expect(at(picture("bare"), -25, 15)).to all be_within(4).of(237)
    send_form "/pieces/#{mark.piece_id}/seen/white"
    expect(mark.piece.reload.photo["white_mm"]).to be_nil
  end
end
