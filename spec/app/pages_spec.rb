# frozen_string_literal: true

require_relative "../shop_helper"

RSpec.describe "the pages of the demo", :shop do
  before { Storytelling.tell }

  def mark(name) = Mark.all.find { |m| m.title == name }

  it "tells one story: dates from today, marks that fit, work at every stage" do
    expect(Job.open.pluck(:due_on).compact).to match_array([19, 33, 9, 16, 24].map { |days| Date.today + days })
    placed = Mark.all.select(&:artwork)
    # what covers its piece goes beyond it
    expect(placed.reject { |m| m.covering.any? }.map { |m| m.room.fits? }).to all(be true)
    # a coupon has lines that fail: that is what it is for
    judged = placed.select(&:method_key).reject { |m| Coupon.exists?(mark_id: m.id) }
    stops = judged.flat_map { |m| UpClose::Suitability.findings(m.situation).select(&:stop?) }
    expect(stops).to be_empty
    stages = placed.map { |m| Presenters::CardRow.new(m, writer: writer, now: Time.now).next_stage }
    expect(stages).to include("method", "place", "sheet", "apply", "record")
    # twelve of the fair, twenty-six pendants since the summer, eleven lids in gel, and one an hour ago
    expect(Attempt.group(:result).count).to eq("good" => 31, "usable" => 7, "spoilt" => 12)
    expect(Attempt.where.not(photo: nil).count).to eq 9
    expect(Coupon.read.pick(:readings)["line_mm"]["value"]).to be_within(0.05).of(0.18)
    open = Run.find_by(ended_at: nil).clockwork.state(Time.now.to_f)
    expect([open.step.key, open.name]).to eq ["lay", :best]
  end

  it "loads only into an empty shop" do
    expect { Database.load_demo }.not_to change(Job, :count)
  end

  it "speaks inches as well as millimetres on every stage" do
    Preference.put("unit", "in")
    rose = mark("Compass rose")
    Presenters::CardRow::STAGES.each_key do |stage|
      get "/marks/#{rose.id}/#{stage}"
      expect(last_response.status).to eq(200), stage
      expect(page_words).to include("4 7/8 × 4 7/8"), stage # 124 ÷ 25.4 = 4.882, nearest 4 56/64
    end
    send_form "/marks/#{rose.id}/place", "width" => "5"
    expect(rose.reload.width_mm).to be_within(1e-9).of(127)
  end

  it "gives an original back byte for byte, and its ink as the page shows it" do
    board = mark("Name board")
    get "/artworks/#{board.artwork_id}/original"
    expect(last_response.body).to eq Demo::Art::NameBoard.svg
    get "/artworks/#{board.artwork_id}/ink.svg"
    expect(last_response["content-type"]).to start_with("image/svg+xml")
    expect(last_response.body).to match(/viewBox="-?[\d.e-]+ -?[\d.e-]+ 120.0 17.0"/)
    get "/artworks/#{mark("The light at dusk").artwork_id}/ink.png"
    expect(Vips::Image.new_from_buffer(last_response.body, "").size).to eq [1200, 800]
    get "/artworks/#{mark("PELLOW NESS").artwork_id}/original"
    expect(last_response.status).to eq 404
  end

  it "uses an artwork the shop already has, and begins it anew at its own size" do
    ring = mark("Sector ring")
    send_form "/marks/#{ring.id}/artwork/use", "artwork" => mark("Compass rose").artwork_id
    expect(ring.reload).to have_attributes(artwork_id: mark("Compass rose").artwork_id, placed_at: nil)
    expect(ring.room).to be_fits
  end

  it "lets two pages change different things of one mark, and loses neither" do
    board = mark("Name board")
    one, two = Array.new(2) { Mark.find(board.id) }
    move = ->(m, typed) { Actions::PlaceMark.call(m, Forms::PlaceForm.new(typed, mark: m, writer: writer), Time.now) }
    move.call(one, {"x" => "-40"})
    # the other page was loaded before; it sends only the figure that was changed there
    move.call(Mark.find(two.id), {"width" => "50"})
    expect(board.reload).to have_attributes(x_mm: -40.0, width_mm: 50.0)
    2.times { Actions::PlaceMark.undo(board.reload) }
    expect(board.reload).to have_attributes(x_mm: -48.5, width_mm: 62.5)
  end

  it "does not move a run on from a page that has been overtaken" do
    run = Run.find_by(ended_at: nil)
    send_form "/runs/#{run.id}/done", "step" => "lay"
    send_form "/runs/#{run.id}/done", "step" => "lay"
    send_form "/runs/#{run.id}/done", "step" => "cure"
    expect(run.step_ends.reload.last.step).to eq "lay"
  end

  it "keeps an open run's steps when the sealer is changed, and uses the new one next time" do
    rose, run = mark("Compass rose"), Run.find_by(ended_at: nil)
    before = run.steps_core
    send_form "/marks/#{rose.id}/seal", "sealer" => "spray-lacquer"
    expect(Run.find(run.id).steps_core).to eq before
    expect(rose.reload.planned.steps.map(&:title)).to include("Spray lacquer: coat 4 of 4")
  end

  it "keeps only preferences it knows, and sends nobody elsewhere" do
    send_form "/preferences", "name" => "light", "value" => "disco"
    send_form "/preferences", "name" => "password", "value" => "x"
    expect(Preference.pluck(:name)).to eq ["timetable"] # the demo's own hours
    header "Referer", "http://elsewhere.example/steal"
    send_form "/preferences", "name" => "light", "value" => "shed"
    expect(URI(last_response["location"]).path).to eq "/"
    header "Referer", "http://localhost/jobs"
    send_form "/preferences", "name" => "light", "value" => "day"
    expect(URI(last_response["location"]).path).to eq "/jobs"
  end

  it "puts a mark away without losing it" do
    ring = mark("Sector ring")
    send_form "/marks/#{ring.id}/away"
    get "/marks/#{ring.id}/place"
    expect(last_response.status).to eq 404
    get "/jobs/#{ring.job.id}"
    expect(page_words).to match(/Put away Sector ring/)
    send_form "/marks/#{ring.id}/back"
    get "/marks/#{ring.id}/place"
    expect(last_response.status).to eq 200
  end
end
