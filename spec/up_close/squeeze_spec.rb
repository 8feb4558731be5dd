# frozen_string_literal: true

require_relative "../shop_helper"

RSpec.describe UpClose::Artwork::Preparing::Squeeze do
  it "narrows lines and pictures alike, their height and their strokes kept" do
    bar = opened(svg('<rect x="10" y="10" width="60" height="20" fill="none" stroke="#000" stroke-width="2"/>'))
    made = UpClose::Artwork::Recipe.new([{"key" => "squeeze", "across" => 90}]).call(bar, per_mm: 1.0).artwork
    # 60 and half a stroke at either side, of which the strokes are not squeezed
    expect([made.ink.box.width, made.ink.box.height]).to match [be_within(1e-3).of(56), be_within(1e-3).of(22)]
    photo = UpClose::Artwork::Picture.made(Vips::Image.black(200, 100) + 90)
    made = UpClose::Artwork::Recipe.new([{"key" => "squeeze", "across" => 99.5}]).call(photo, per_mm: 1.0).artwork
    expect([made.image.width, made.image.height]).to eq [199, 100]
  end
end
