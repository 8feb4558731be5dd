# frozen_string_literal: true

require_relative "../shop_helper"
require "command_line/runner"

# Eight makers' jobs through the real forms, and the same asked of the command line: every
# figure that the verb gives stands on the mark's pages.
RSpec.describe "a maker's job", :shop do
  solid = '<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 80 80"><rect width="80" height="%d"/></svg>'
  board = {"shape" => "rectangle", "material" => "wood", "finish" => "sanded", "colour" => "#ecd9b0"}
  dumbbell = "0 0\n40 0\n40 15\n60 15\n60 0\n100 0\n100 40\n60 40\n60 25\n40 25\n40 40\n0 40"

  # in words: the piece, the artwork, width and place, method and printer, the sealer; slow ones go whole alone
  jobs = {
    "a rose on a sign of one" => [
      board.merge("width_mm" => "304.8", "height_mm" => "139.7", "count" => "1"),
      {svg: solid % 40},
      [124, 0, 0, 0],
      %w[ink-offset inkjet],
      "spray-matt"
    ],
    "24 brass discs" => [{
      "shape" => "disc",
      "diameter_mm" => "25",
      "material" => "brass",
      "finish" => "etched",
      "colour" => "#c9a646",
      "count" => "24"
    }, {svg: solid % 60}, [15, 0, 1, 0], %w[baked-medium laser], "baked-gloss"],
    "two tapered cups" => [{
      "shape" => "cup",
      "top_mm" => "82",
      "foot_mm" => "60",
      "slant_mm" => "95",
      "material" => "glazed",
      "finish" => "polished",
      "colour" => "#ffffff",
      "count" => "2"
    }, {text: "HARBOUR"}, [50, 4, -6, 0], %w[water-slide laser], "cup-coat"],
    "an outline to trace" => [
      board.merge("shape" => "free-polygon", "points" => dumbbell, "count" => "1"),
      {svg: solid % 80},
      [18, -30, 0, 10],
      %w[tracing laser],
      "none"
    ],
    "24 boards, near the edge" => [
      board.merge("width_mm" => "400", "height_mm" => "400", "count" => "24"),
      {svg: solid % 80},
      [296, 20, 20, 0],
      %w[solvent-rub laser],
      "spray-acrylic"
    ],
    "a hull name" => [{
      "shape" => "rectangle",
      "width_mm" => "90",
      "height_mm" => "20",
      "material" => "polystyrene",
      "finish" => "gloss-paint",
      "colour" => "#1e3b2c",
      "count" => "2"
    }, {text: "SANDPIPER"}, [38, 0, 2, 0], %w[water-slide laser], "spray-acrylic"],
    "a copper board" => [{
      "shape" => "rectangle",
      "width_mm" => "48",
      "height_mm" => "32",
      "material" => "copper",
      "finish" => "polished",
      "colour" => "#b87333",
      "count" => "1"
    }, {svg: solid % 50}, [40, 0, 0, 0], %w[heat-resist laser], "none"],
    "a tube" => [
      board.merge("shape" => "cylinder", "diameter_mm" => "40", "height_mm" => "120", "film_mm" => "0", "count" => "3"),
      {svg: solid % 30},
      [30, 5, 10, 0],
      %w[gel-medium laser],
      "wiped-oil"
    ]
  }
  by_default = ["a rose on a sign of one", "24 brass discs", "two tapered cups", "an outline to trace"]

  def through_the_pages(piece, artwork, place, way, sealer)
    send_form "/jobs", "title" => "Fair"
    send_form "/jobs/#{Job.last.id}/pieces", {"name" => "piece"}.merge(piece)
    expect(last_response.status).to eq(303), page_words
    mark = Mark.last
    send_form "/marks/#{mark.id}/artwork", artwork_fields(artwork)
    send_form "/marks/#{mark.id}/method", "method_key" => way.first, "printer" => way.last
    send_form "/marks/#{mark.id}/place", %w[width x y turn].zip(place.map(&:to_s)).to_h
    send_form "/marks/#{mark.id}/seal", "sealer" => sealer
    get "/marks/#{mark.id}/checks"
    mark.reload
  end

  def artwork_fields(artwork)
    return {"kind" => "lettering", "text" => artwork[:text], "font" => "atkinson-hyperlegible"} if artwork[:text]
    {"kind" => "file", "file" => upload(artwork[:svg], "solid.svg")}
  end

  def asked(mark, piece, artwork)
    shape = piece.slice("shape", "material", "finish", "colour")
      .merge("count" => mark.piece.count, "measures" => mark.piece.measures)
    drawn = artwork[:text] ? {text: artwork[:text]} : {artwork: "solid.svg"}
    {piece: shape, **drawn, width_mm: mark.width_mm, at: {
      right_mm: mark.x_mm,
      down_mm: mark.y_mm,
      turn_deg: mark.turn_deg
    }, clearance_mm: mark.clearance_mm, method: mark.method_key, printer: mark.printer,
     stock: mark.stock, prints: mark.copies_wanted, sealer: mark.sealer, paper: mark.paper}
  end

  def told(mark, piece, artwork)
    Dir.mktmpdir do |dir|
      File.write("#{dir}/solid.svg", artwork[:svg]) if artwork[:svg]
      File.write("#{dir}/request.json", JSON.generate(asked(mark, piece, artwork)))
      out, err = StringIO.new, StringIO.new
      expect([CommandLine::Runner.call(["mark", "#{dir}/request.json"], out: out, err: err), err.string]).to eq [0, ""]
      JSON.parse(out.string, symbolize_names: true)
    end
  end

  def words_of(path)
    get path
    expect(last_response.status).to eq 200
    CGI.unescapeHTML(page_words)
  end

  # what the Sheet stage says of how many: nothing yet of what no sheet holds
  def on_the_sheet(mark, told)
    return "too large" if mark.width_mm > 210
    if told[:spares] == mark.good_wanted
      "print #{told[:spares]} to get #{mark.good_wanted}"
    else
      "Print #{told[:spares]} to get #{mark.good_wanted}"
    end
  end

  jobs.each do |name, (piece, artwork, place, way, sealer)|
    it "is told alike by its pages and on the command line: #{name}", slow: !by_default.include?(name) do
      mark = through_the_pages(piece, artwork, place, way, sealer)
      expect(mark)
        .to have_attributes(
          method_key: way.first, sealer: sealer, width_mm: be_within(1e-6).of(place.first), x_mm: place[1]
        )
      told = told(mark, piece, artwork)
      # the shop has no prices of its own yet; the verb has the starting ones
      allow(ShopPrices).to receive(:list).and_return(UpClose::Costing::PriceList.starting)
      now = Time.now
      allow(Web.settings).to receive(:clock).and_return(now)
      expect(words_of("/marks/#{mark.id}/place")).to include(*told[:pencil_lines].map { |line| line[:words] })
      expect(words_of("/marks/#{mark.id}/method")).to include(
        "#{(told[:chance] * 100).round} in 100",
        (told[:reading] == "mirrored") ? "Printed mirrored" : "Printed as it reads"
      )
      expect(words_of("/marks/#{mark.id}/sheet")).to include(on_the_sheet(mark, told))
      work = %w[apply seal].map { |stage| words_of("/marks/#{mark.id}/#{stage}") }.join
      expect(work).to include(
        Presenters::Moments.about(told[:hands_s]),
        Presenters::Moments.clock(now + told[:ready_s][:full], now),
        *told[:steps].map { |step| step[:title] }
      )
      expect(words_of("/jobs/#{mark.job.id}/cost")).to include(UpClose::Costing::Money.write(told[:cost_cents]))
      seen = told[:findings].reject { |f| f[:verdict] == "fine" || (f[:check] == "spares" && mark.width_mm > 210) }
        .map { |f| f[:reason] }
        .compact
      every = %w[place method sheet]
        .map { |stage| words_of("/marks/#{mark.id}/#{stage}") }
        .join + CGI.unescapeHTML(get("/marks/#{mark.id}/checks").body)
      expect(seen.reject { |reason| every.include?(reason) }).to be_empty
    end
  end

  it "waits as long at the bench, under its finish and in the Timetable as a cold room makes it" do
    piece, artwork, place, way, = jobs["two tapered cups"]
    ShopTime.keep("temperature_c" => 10)
    mark = through_the_pages(piece, artwork, place, way, "spray-acrylic")
    # film dries 30 min at 20 °C, twice as long at 10
    send_form "/marks/#{mark.id}/runs"
    dries = [mark.planned.steps, Run.last.steps_core, Actions::PlanWork.new(Time.now).chains.first.steps].map do |steps|
      steps.find { |step| step.key == "film_dry" }.least_s
    end
    bare = mark.planned.bare_steps.find { |step| step.key == "film_dry" }.least_s
    expect(dries).to eq [bare * 2] * 3
  end
end
