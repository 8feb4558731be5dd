# frozen_string_literal: true

require_relative "../system_helper"
require "pdf/inspector"

# After the piece, the size or the method was changed, nothing is told by what was found before.
RSpec.describe "artwork that has to be looked at again", :shop, :page do
  let(:mark) do
    made = ready_mark(method_key: "water-slide", printer: "laser")
    Actions::LookAtArtwork.call(made)
    made.reload
  end

  def told(stage) = find(".row [data-stage=#{stage}] b").text

  # black letters on a piece that is black now
  def blacken = mark.piece.change(colour: "#0a0a0a")

  it "is told as being looked at, on every cell that hangs on it, till it was" do
    expect(mark.looked["verdict"]).not_to eq "stop"
    blacken
    get "/jobs/#{mark.job.id}"
    cells = Nokogiri::HTML5(last_response.body).css(".row [data-stage] b")
      .to_h { |told| [told.parent["data-stage"], told.text] }
    expect(cells).to include("artwork" => "looking …", "method" => "looking …", "measure" => /60.* × /)
    visit "/jobs/#{mark.job.id}"
    expect(page).to have_css(".row [data-stage=artwork].stop", text: "■")
    expect([told("method"), page.has_css?(".row [data-stage=method].stop")]).to eq ["refused ■", true]
    expect(page).to have_no_css("[data-looking]")
  end

  it "keeps pages that hang on it waiting, and they bring themselves up to date" do
    blacken
    allow(Web.settings).to receive(:patience_s).and_return(0.0)
    looks = Queue.new
    allow(Actions::LookAtArtwork).to receive(:once)
      .and_wrap_original { |real, *given| looks.pop && real.call(*given) }
    %w[method compare sheet apply seal record purpose].each do |stage|
      get "/marks/#{mark.id}/#{stage}"
      expect([stage, page_words]).to match [stage, /Looking at the artwork The piece, the size or the method was/]
      expect(page_words).not_to include("in 100")
    end
    looks << true
    visit "/marks/#{mark.id}/method"
    expect(page).to have_css("h1", text: "How to transfer it")
    expect(page).to have_text("■")
    expect(mark.reload.looked["verdict"]).to eq "stop"
  end

  it "tells on the Artwork stage what was not finished before" do
    Actions::LookAtArtwork.unseen(mark, UpClose::Errors::Stopped.new("You stopped it."), "Again.")
    # nothing is printed as if it had been checked
    visit "/marks/#{mark.id}/sheet"
    expect(page).to have_css(".caution", text: "Not checked: You stopped it. Look at it yourself")
    card = Presenters::BenchCard.new(mark.reload, writer: UpClose::Measure::LengthWriter.new("mm")).pdf
    expect(PDF::Inspector::Text.analyze(card).strings.join(" ")).to match(/Not checked: +look at the print/)
    Shelves::KeptAnswers.forget
    visit "/marks/#{mark.id}/artwork"
    expect(page).to have_no_css("#checks [data-waiting]")
    expect(page).to have_no_css(".row", text: "not looked at")
    expect(told("artwork")).to match(/line|gap|look|fine|ink/)
  end
end
