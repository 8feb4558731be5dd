# frozen_string_literal: true

require_relative "../shop_helper"

RSpec.describe "bad input", :shop do
  it "tells everything wrong with a piece at once, each at its field, and keeps what was typed" do
    send_form "/jobs", "title" => "Fair"
    send_form "/jobs/#{Job.last.id}/pieces", "name" => "dish", "shape" => "ring", "outer_mm" => "three spans",
      "hole_mm" => "-4", "material" => "wood", "finish" => "raw", "colour" => "puce", "count" => "none"
    expect(last_response.status).to eq 422
    expect(%w[outer_mm hole_mm colour count].map { |f| error_at(f) })
      .to match [/“three spans” is not a length/, /must be above 0/, /is not a colour we can read/, /whole number/]
    expect(last_response.body).to include('value="three spans"', 'value="dish"')
    expect([Piece.count, Mark.count]).to eq [0, 0]
  end

  it "keeps the old size when a new one cannot be read, and says why at the field" do
    mark = ready_mark
    {
      "width" => ["3 m", /too long/],
      "height" => ["0", /must be above 0/],
      "x" => ["left a bit", /not a length we can read/],
      "turn" => ["askew", /turn in degrees/]
    }.each do |field, (typed, words)|
      send_form "/marks/#{mark.id}/place", field => typed
      expect([last_response.status, error_at(field)]).to match([422, words]), field
      expect(last_response.body).to include(%(value="#{typed}"))
    end
    expect(mark.reload.width_mm).to eq 30
  end

  it "lets a mark be larger than its piece or its sheet, and says stop where it matters" do
    mark = ready_mark
    send_form "/marks/#{mark.id}/place", "width" => "500"
    get "/marks/#{mark.id}/place"
    expect(page_words).to include("Outside the edge : stop")
    get "/marks/#{mark.id}/sheet"
    expect(page_words).to match(/500 × 250 mm does not fit on A4.*At most/)
    get "/marks/#{mark.id}/pack.pdf"
    expect([last_response.status, page_words]).to match [422, /does not fit on A4/]
    send_form "/marks/#{mark.id}/sheet", "copies" => "0", "paper" => "a4"
    expect(error_at("copies")).to match(/1 to 500/)
  end

  it "turns away files that are not what they say, and keeps the other fields" do
    mark = mark_with_artwork
    {
      ["the tide is out", "tide.png"] => /cannot read this kind of file/,
      ["", "empty.svg"] => /empty|Choose/,
      ["0" * (60 * 1024 * 1024), "big.png"] => /60 MB; 40 MB is the most/
    }.each do |(bytes, name), words|
      send_form "/marks/#{mark.id}/artwork", "kind" => "file", "source" => "my aunt", "file" => upload(bytes, name)
      expect([last_response.status, error_at("file")]).to match([422, words]), name
      expect(last_response.body).to include('value="my aunt"')
    end
    send_form "/marks/#{mark.id}/artwork", "kind" => "lettering", "text" => "ज्योति", "font" => "bebas-neue"
    expect(error_at("text")).to match(/Bebas Neue has no “ज”/)
    expect(last_response.body).to include("ज्योति")
    expect(Artwork.count).to eq 1
  end

  it "refuses methods that cannot work, in words, and keeps the old one" do
    mark = ready_mark
    send_form "/marks/#{mark.id}/method", "method_key" => "solvent-rub", "printer" => "inkjet"
    expect(error_at("method_key")).to match(/Solvent rub cannot work from an inkjet print.*laser printer/)
    expect(mark.reload.method_key).to eq "ink-offset"
    send_form "/marks/#{mark.id}/seal", "sealer" => "wiped-oil"
    expect(page_words).to match(/Oil varnish makes raw dye ink bleed. Use spray acrylic/)
    # the piece changes under a method already chosen
    mark.piece.update!(finish: "sealed")
    get "/marks/#{mark.id}/apply"
    expect(page_words).to match(/nothing to sink into.*This makes it go/)
    send_form "/marks/#{mark.id}/runs"
    expect([last_response.status, Run.count]).to eq [422, 0]
  end

  it "takes nothing from elsewhere, serves no other name, and lets no script or style in" do
    post "/jobs", "title" => "forged"
    expect([last_response.status, Job.count, page_words]).to match [403, 0, /Nothing was changed/]
    get "/", {}, "HTTP_HOST" => "shop.example"
    expect(last_response.status).to eq 403
    header "Host", "localhost"
    send_form "/jobs", "title" => "<script>alert(1)</script>"
    get "/jobs"
    expect(last_response.body).to include("&lt;script&gt;alert(1)").and not_include("<script>alert")
    expect(last_response["content-security-policy"])
      .to include("default-src 'none'", "script-src 'self'", "style-src 'self'").and not_include("unsafe")
  end

  it "answers a wrong address or a thing put away plainly" do
    get "/marks/99999/place"
    expect([last_response.status, page_words]).to match [404, /nothing at this address/]
    mark = ready_mark
    get "/marks/#{mark.id}/record?piece=banana"
    expect(last_response.status).to eq 200
    get "/artworks/#{mark.artwork_id}/ink.png"
    expect(last_response.status).to eq 404
  end
end
