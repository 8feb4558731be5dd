# frozen_string_literal: true

require_relative "../shop_helper"

RSpec.describe "the bath of an etched mark", :shop do
  def etched(material = "brass")
    job = Job.create!(title: "Gauges")
    send_form "/jobs/#{job.id}/pieces", "name" => "plate", "shape" => "rectangle", "width_mm" => "60",
      "height_mm" => "40", "material" => material, "finish" => "sanded", "colour" => "#c9a646", "count" => "1"
    Mark.last.tap { |mark| mark.update!(purpose: "resist", afterwards: "etch") }
  end

  def keep(mark, **typed) = send_form("/marks/#{mark.id}/bath", typed.transform_keys(&:to_s))

  it "works out time and laps by a strip test, keeps them, and gives them to the bench" do
    mark = etched
    # 60 × 40 mm of brass, 0.2 mm deep: 4.0656 g; 166 ml hold it at 49 %: 200 ÷ 1.5 min × −ln(1 − x) ÷ x
    keep(mark, depth: "0.2", bath: "ferric-chloride", temperature_c: "24", strip_um: "18", strip_min: "12")
    expect(last_response.status).to eq 303
    poured = [4.0656 / 35 * 1000, 2400 * 15 / 1000.0, 100].max
    share = 4.0656 / (poured / 1000 * 50)
    minutes = 200 / 1.5 * -Math.log(1 - share) / share
    expect(mark.reload.work_s / 60).to be_within(0.01).of(minutes)
    get "/marks/#{mark.id}/bath"
    laps = (minutes / 120).ceil
    expect(page_words).to include("in #{laps} goes", "18 µm ÷ 12 min = 1.5 µm/min", "2400 mm²", "4.07 g of brass")
    setting = UpClose::Methods::MethodChoice.new(
      method: UpClose::Methods.fetch("heat-resist"), printer: :laser, work_s: mark.work_s
    )
    soaks = UpClose::Afterwards::Etch.steps(setting).select { |step| step.title.start_with?("Etch, lap") }
    expect(soaks.size).to eq laps
    expect(soaks.sum(&:least_s)).to be_within(1e-6).of(mark.work_s)
  end

  it "stops for one line that the bath eats away, with its own width, on Artwork and here alike" do
    mark = etched
    # 40 mm wide; a stroke of 0.4 mm, 5 mm long, beside broad ones: 2 × 0.4 ÷ 1.5 = 0.533 mm is eaten 0.4 deep
    drawing = svg('<path d="M0 0h40v12H0z"/><path d="M0 14h40v6H0z"/><path d="M20 12h.4v2h-.4z"/>')
    send_form "/marks/#{mark.id}/artwork", "kind" => "file", "file" => upload(drawing, "gauge.svg")
    send_form "/marks/#{mark.id}/method", "method_key" => "heat-resist", "printer" => "laser"
    send_form "/marks/#{mark.id}/place", "width" => "40"
    line = lambda do |depth|
      keep(mark, depth: depth, bath: "ferric-chloride", temperature_c: "24")
      looked = Actions::LookAtArtwork.once(Mark.find(mark.id)).then { Mark.find(mark.id) }
      here = MarkEtching.new(looked).then { |etching| etching.undercut.finding(etching.line_mm) }
      [looked.design.findings.find { |f| f.key == :thinnest_line }, here]
    end
    drawn, here = line.call("0.4")
    expect(drawn).to have_attributes(verdict: :stop, value: be_within(0.02).of(0.4), places: be_any)
    expect(drawn.working.source).to match(/eaten at both edges.*0\.4 mm ÷ 1\.5/)
    expect(here).to have_attributes(verdict: :stop, figure: "gone")
    expect(line.call("0.05").map(&:verdict)).to eq %i[fine fine]
  end

  it "keeps what cannot be read in its field, and says what to type" do
    mark = etched
    keep(mark, depth: "deep", bath: "ferric-chloride", temperature_c: "90", strip_um: "18", strip_min: "")
    expect([last_response.status, error_at("depth"), error_at("temperature_c")])
      .to match([422, /“deep” is not a length/, /from 5 to 60, such as 24/])
    expect(last_response.body).to include('value="deep"', 'value="90"')
    keep(mark, depth: "0.1", strip_um: "18")
    expect(error_at("strip_min")).to match(/wants both/)
    keep(mark, depth: "0.1", bath: "copper-sulphate")
    expect(error_at("bath")).to eq "Choose one of these."
    expect(mark.reload).to have_attributes(etching: {}, work_s: nil)
  end

  it "sends a piece that no bath eats, and a mark that is not etched, back to what it is for" do
    mark = etched("wood")
    get "/marks/#{mark.id}/bath"
    expect(last_response.headers["Location"]).to end_with("/marks/#{mark.id}/purpose")
    picture = etched.tap { |brass| brass.update!(purpose: "picture", afterwards: nil) }
    keep(picture, depth: "0.1")
    expect(last_response.headers["Location"]).to end_with("/marks/#{picture.id}/purpose")
    expect(picture.reload.work_s).to be_nil
  end
end
