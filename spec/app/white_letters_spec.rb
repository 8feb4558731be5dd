# frozen_string_literal: true

require_relative "../shop_helper"

# A maker's dark letters on a dark piece, in white instead.
RSpec.describe Actions::TakeWhiteWay, :shop do
  # a boat's name, 60 mm wide on a navy hull
  def name_on_hull(**more)
    send_form "/jobs", "title" => "Boat"
    send_form "/jobs/#{Job.last.id}/pieces", Shop::PLATE.merge(
      "name" => "hull", "colour" => "#1d2f4f", "material" => "wood", "finish" => "gloss-paint", "width_mm" => "200",
      "height_mm" => "60"
    ).merge(more.transform_keys(&:to_s))
    mark = Mark.last
    send_form "/marks/#{mark.id}/purpose", "purpose" => "picture"
    send_form "/marks/#{mark.id}/artwork", "kind" => "lettering",
      "text" => "SOLVEIG", "font" => "overpass-bold", "cap_height" => "9"
    send_form "/marks/#{mark.id}/place", "width" => "60"
    Mark.find(mark.id)
  end

  def fresh(mark) = Mark.find(mark.id)

  def looked(mark) = Actions::LookAtArtwork.once(fresh(mark)).then { fresh(mark) }

  it "offers white ways alone where dark letters vanish, each tried, and pictured on the piece" do
    mark = looked(name_on_hull)
    offers = Actions::Remedies.offers(mark)
    # as many as there is time to try
    expect(offers.map(&:key)).to start_with("white:field").and all start_with("white:")
    body = get("/marks/#{mark.id}/artwork").body
    expect(page_words).to match(/In white\?.*Open letters.*\d+ in 100 succeed, \d+ minutes of hands.*stencil/)
    expect(body).not_to include "What may show through"
    ways = UpClose::Artwork::WaysWithWhite.for_ink.map(&:key)
    pictures = ways.map { |way| get("/marks/#{mark.id}/white.png?way=#{way}").body }
    expect(pictures.uniq.size).to eq 4
    light = pictures.map { |png| Vips::Image.new_from_buffer(png, "").colourspace(:"b-w") }
    # all on the piece's own colour, with something near white in it
    expect(light.map { |image| [image.getpoint(0, 0).first, image.max] })
      .to all match [be_within(2).of(48), be > 140]
    expect(get("/marks/#{mark.id}/white.png?way=invert").status).to eq 404
  end

  it "makes them white by each way: letters keep their size, and nothing says stop of their look" do
    mark = name_on_hull
    made = UpClose::Artwork::WaysWithWhite.for_ink.to_h do |way|
      send_form "/marks/#{mark.id}/white", "way" => way.key
      now = looked(mark)
      expect([way.key, now.white.way, now.stops.open.map(&:name)]).to eq [way.key, way, []]
      [way.key, [now.method_key, now.stock, now.purpose, now.width_mm.round(2)]]
    end
    expect(made).to eq(
      "field" => ["water-slide", "white-film", "picture", 66.0], "trace" => ["tracing", "letter-paper", "guide", 60.0],
      "stencil" => ["cut-template", "template-card", "guide", 60.0],
      "cut-round" => ["water-slide", "white-film", "picture", 60.6]
    )
    expect(looked(mark).setting.border_mm).to eq 1.0
  end

  it "follows the piece's colour, takes another that is typed, and undoes" do
    mark = name_on_hull
    send_form "/marks/#{mark.id}/white", "way" => "field"
    drawn = -> { get("/marks/#{mark.id}/ink.svg").body[/#\h{6}/] }
    navy = drawn.call
    fresh(mark).piece.change(colour: "#3b1c10")
    expect(drawn.call).not_to eq navy
    step = {"key" => "field", "on" => "1", "margin_mm" => "3", "round_mm" => "2"}
    send_form "/marks/#{mark.id}/recipe", "act" => "keep", "steps" => {"0" => step.merge("colour" => "#204060")}
    expect(fresh(mark).recipe.first["colour"]).to eq "#204060"
    refused = send_form "/marks/#{mark.id}/recipe", "act" => "keep", "steps" => {"0" => step.merge("colour" => "sea")}
    expect([refused.status, refused.body]).to match [422, include("is written as #5b3a29", 'value="sea"')]
    2.times { send_form "/marks/#{mark.id}/recipe", "act" => "undo" }
    expect([fresh(mark).recipe, fresh(mark).width_mm.round(6)]).to eq [[], 60.0]
  end

  it "leaves colours, photographs and light pieces alone" do
    light = looked(name_on_hull(colour: "#d8c8a0"))
    expect(light.white.wanted?).to be false
    mark = name_on_hull
    red = upload(svg('<rect width="30" height="9" fill="#e03020"/>'), "flag.svg")
    send_form "/marks/#{mark.id}/artwork", "kind" => "file", "file" => red
    expect(looked(mark).white.wanted?).to be false
    expect(send_form("/marks/#{mark.id}/white", "way" => "glow").status).to eq 422
  end
end
