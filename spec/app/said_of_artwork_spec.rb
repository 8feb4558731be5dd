# frozen_string_literal: true

require_relative "../shop_helper"
require_relative "../support/drawn_pictures"

# What only its maker can say of a mark's artwork, and what its checks make of that.
RSpec.describe Actions::SayOfArtwork, :shop do
  # a photograph for a piece of dark wood, 40 mm wide
  def photograph(method_key, stock)
    send_form "/jobs", "title" => "Lids"
    send_form "/jobs/#{Job.last.id}/pieces", Shop::PLATE.merge("colour" => "#6a4422")
    mark = Mark.last
    send_form "/marks/#{mark.id}/artwork",
      "kind" => "file", "file" => upload(DrawnPictures.photograph(5).bytes, "scene.jpg")
    send_form "/marks/#{mark.id}/method", "method_key" => method_key, "printer" => "inkjet", "stock" => stock
    send_form "/marks/#{mark.id}/place", "width" => "40"
    Mark.find(mark.id)
  end

  def stops(mark) = Mark.find(mark.id).design.findings.select(&:stop?).map(&:key)

  def look(mark) = Mark.find(mark.id).design.findings.find { |finding| finding.key == :look }

  it "takes a photograph as one, and as line work when its maker says so, till other artwork comes" do
    mark = photograph("water-slide", "white-film")
    expect([stops(mark), mark.design.kind.key]).to eq [[], :photograph]
    send_form "/marks/#{mark.id}/kind", "kind" => "lines"
    expect(stops(mark)).to include :thinnest_gap
    expect(get("/marks/#{mark.id}/artwork").body).to include("You say it is", 'value="lines" aria-pressed="true"')
    expect(send_form("/marks/#{mark.id}/kind", "kind" => "oil").status).to eq 422
    send_form "/marks/#{mark.id}/kind", "kind" => "told"
    expect([Mark.find(mark.id).artwork_kind, stops(mark)]).to eq [nil, []]
    send_form "/marks/#{mark.id}/kind", "kind" => "flat"
    send_form "/marks/#{mark.id}/artwork",
      "kind" => "file", "file" => upload(svg("<rect width='9' height='9'/>"), "a.svg")
    expect(Mark.find(mark.id).artwork_kind).to be_nil
  end

  it "judges the look on the piece by what may show through" do
    mark = photograph("water-slide", "clear-film")
    expect(look(mark)).to have_attributes(verdict: :stop, remedy: /white film/)
    { # what is asked → its verdict, its words, and what the method's own advice stops
      "tinted" => [:watch, /: as you asked/], "faint" => [:fine, /as you asked/], "kept" => [:stop, /changes colour/]
    }.each do |asked, (verdict, words)|
      send_form "/marks/#{mark.id}/show-through", "answer" => asked
      expect([asked, look(mark)]).to match [asked, have_attributes(verdict: verdict, reason: words)]
      Actions::LookAtArtwork.once(Mark.find(mark.id))
      advice = Mark.find(mark.id).planned.suitability.find { |finding| finding.key == :look }
      expect([asked, advice&.verdict || :fine]).to eq [asked, verdict]
    end
    expect(send_form("/marks/#{mark.id}/show-through", "answer" => "glowing").status).to eq 422
    expect(Mark.find(mark.id).show_through).to eq "kept"
    sizes = %w[clear white faint].map { |film| get("/marks/#{mark.id}/look.png?film=#{film}").body.bytesize }
    expect(sizes.uniq.size).to eq 3
  end

  it "shows before and after each step of preparing, at its own address" do
    mark = mark_with_artwork
    Actions::PrepareArtwork.call(mark, [{"key" => "thicken", "on" => true, "by_mm" => 1.0}])
    sizes = [0, 1].map { |n| Vips::Image.new_from_buffer(get("/marks/#{mark.id}/steps/#{n}.png").body, "").size }
    # 360 across and a margin of 16; 56 × 28 mm, and a millimetre more all round: 58 × 30
    expect(sizes).to eq [[392, 212], [392, (360 * 30 / 58.0).ceil + 32]]
    expect(%w[2 x].map { |n| get("/marks/#{mark.id}/steps/#{n}.png").status }).to eq [404, 404]
    expect(get("/marks/#{mark.id}/artwork").body.scan(%r{steps/(\d)\.png}).flatten).to eq %w[0 1]
  end

  it "names beside each answer what does it on this piece, with its chance" do
    rows = lambda do |**piece|
      send_form "/jobs", "title" => "Lids"
      send_form "/jobs/#{Job.last.id}/pieces", Shop::PLATE.merge(piece.transform_keys(&:to_s))
      file = upload(DrawnPictures.photograph(5).bytes, "scene.jpg")
      send_form "/marks/#{Mark.last.id}/artwork", "kind" => "file", "file" => file
      Actions::LookAtArtwork.call(Mark.last)
      Presenters::ShowThrough.new(Mark.last).rows
    end
    kept, tinted, faint = rows.call(colour: "#b08a5a")
    # what has no white beneath turns the light parts to straw
    expect([kept.now, tinted.now, kept.ways.first.setting.stock.white?]).to eq [false, true, true]
    expect(tinted.ways.map { |way| way.transfer_method.key }).to include "gel-medium"
    expect([kept, tinted, faint].flat_map(&:ways)).to all(satisfy { |way| !way.refused? && way.transfer_method.inked? })
    kept, = rows.call(finish: "gloss-paint", colour: "#20406a")
    expect(Presenters::ShowThrough.words(kept.ways.first)).to eq "White water-slide film"
    # what stands there is what Compare comes to for the same answer
    mark = Mark.last
    mark.change(show_through: "kept")
    Actions::LookAtArtwork.call(mark)
    best = Presenters::Compared.new(mark).to_core.sorted("fit").find { |way| way.transfer_method.key == "water-slide" }
    expect(best.chance).to eq kept.ways.first.chance
    page = get("/marks/#{mark.id}/artwork").body
    words = /White water-slide film +#{(best.chance * 100).round} in 100 succeed/
    expect(page.gsub(/<[^>]+>|\s+/, " ")).to match(words)
  end

  it "counts only what cannot be seen where a tint was asked for" do
    verdict = lambda do |colours, surface, asked|
      palette = UpClose::Artwork::Palette.from(colours.map { |hex| [hex, 1.0 / colours.size] })
      on = UpClose::Artwork::ColoursOnPiece.new(palette, surface: UpClose::Colour.hex(surface))
      UpClose::Artwork::Checks::Look.verdict(on, white_film: true, asked: UpClose::ShowThrough.fetch(asked))
    end
    # black on dark blue is lost; yellow on brown turns, and is seen
    expect(%w[tinted kept faint].map { |asked| verdict[["#000000"], "#1b2f5a", asked] }).to eq %i[stop stop fine]
    expect(["tinted", "kept", nil].map { |asked| verdict[["#f0d020"], "#b08050", asked] }).to eq %i[fine stop stop]
  end
end
