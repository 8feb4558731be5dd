# frozen_string_literal: true

require_relative "../shop_helper"
require "nokogiri"
require "pdf/reader"

RSpec.describe "how a page is built", :shop do
  before { Storytelling.tell }

  let(:rose) { Mark.all.find { |m| m.title == "Compass rose" } }

  def seen(path)
    get path
    expect(last_response.status).to eq(200), path
    Nokogiri::HTML5(last_response.body)
  end

  Presenters::CardRow::STAGES.each_key.with_index(1) do |stage, number|
    it "has the row on top, one heading and one next thing to do: #{stage}" do
      page = seen("/marks/#{rose.id}/#{stage}")
      cells = page.css(".row .cell")
      expect(cells.map { |c| c["data-key"] }).to eq %w[1 2 3 4 5 6 7 8]
      expect(page.css(".row [aria-current=step]").map { |c| c["data-key"] }).to eq [number.to_s]
      expect(page.css("main h1").size).to eq 1
      expect(page.css("main .next:not([hidden])").size).to eq 1
      expect(page.css("main [data-next]").size).to eq 1
      expect(page.at_css("main").children.find(&:element?)["class"]).to eq "row-scroll"
    end
  end

  it "draws the image's way from the sheet as printed to what reads right on the piece, whatever the method" do
    UpClose::Methods.all.each do |method|
      letters = seen("/methods/#{method.key}").css(".turning").first.css("text").map(&:text)
      mirrored = UpClose::Methods::Orientation.new(method).mirrored?
      expect([letters.first, letters.last]).to eq([mirrored ? "Я" : "R", "R"]), method.key
    end
  end

  it "shows the working of every figure it works out" do
    %w[place sheet apply method].each do |stage|
      figures = seen("/marks/#{rose.id}/#{stage}").css(".findings .finding").reject do |f|
        f.at_css(".sign").text.match?(/[▭⊢↺]/)
      end
      bare = figures.select { |f| f.at_css(".figure")&.text.to_s.match?(/\d/) && f.at_css(".working").nil? }
      # a sealer's coats are its recipe
      expect(bare.map { |f| f.at_css(".what").text }).to all(match(/over raw dye ink/)), stage
    end
  end

  it "guards every form, labels every field, and carries nothing inline" do
    paths = [
      "/",
      "/jobs",
      "/jobs/new",
      "/jobs/#{rose.job.id}",
      "/jobs/#{rose.job.id}/pieces/new",
      "/methods/ink-offset",
      "/runs/#{Run.last.id}"
    ] + Presenters::CardRow::STAGES.keys.map { |s| "/marks/#{rose.id}/#{s}" }
    paths.each do |path|
      page = seen(path)
      expect(page.css("form[method=post]").reject { |f| f.at_css("input[name=authenticity_token]") }).to be_empty, path
      fields = page.css("input:not([type=hidden]), select, textarea")
      unlabelled = fields.reject { |f| f["aria-label"] || page.at_css("label[for='#{f["id"]}']") }
      expect(unlabelled.map { |f| f["name"] }).to be_empty, path
      expect(page.css("[style], style, script:not([src])")).to be_empty, path
      expect(page.css("*").flat_map { |e| e.attribute_nodes.map(&:name) }.grep(/\Aon/)).to be_empty, path
      expect(page.css("[id]").map { |e| e["id"] }.tally.select { |_, n| n > 1 }).to be_empty, path
    end
  end

  it "says in words as well as in signs what is fine, to watch, or to stop" do
    rose.update!(width_mm: 160)
    page = seen("/marks/#{rose.id}/place")
    said = page.css(".finding").to_h { |f| [f["class"][/is-(\w+)/, 1], f.at_css(".said")&.text] }
    expect(said["stop"]).to eq ": stop"
    expect(page.at_css(".row [aria-current]").text).to include("■")
  end

  it "gives a caution once, at the first step that needs it, and says whose word comes first" do
    page = seen("/marks/#{Mark.all.find { |m| m.title == "Pellow Ness Light" }.id}/apply")
    said = page.css(".steps .caution").map { |words| words.text.squish }
    expect(said).to eq said.uniq
    expect(said.join).to include("burn skin and scorch").and include("not used for food again")
    first = page.css(".steps li").find { |step| step.text.include?("not used for food again") }
    expect(first.text).to match(/oven|bake|dryer|warm/i)
    expect(page.text).to include("local rules and licensed trades come first")
    expect(page.text.scan("are starting values").size).to eq 1
  end

  describe "the bench card" do
    it "is one page for every mark, on either paper, and holds what the bench needs" do
      Mark.all.select { |m| m.method_key && m.artwork }.product(%w[a4 letter]).each do |mark, paper|
        mark.update!(paper: paper)
        card = PDF::Reader.new(StringIO.new(Presenters::BenchCard.new(Mark.find(mark.id), writer: writer).pdf))
        words = card.pages.map(&:text).join.gsub(/\s+/, " ")
        expect(card.page_count).to eq(1), mark.title
        expect(words).to include(
          mark.job.title,
          "Pencil lines",
          mark.sealer_core.title,
          mark.planned.reading.mirrored? ? "Printed mirrored" : "Printed as it reads"
        )
        mark.method_core.choices.each do |choice|
          # a line that is broken has the other column's words between
          option = choice.options[mark.setting.picked[choice.key]].first
          expect(words).to match(option.split(/(?<=-)|\s+/).map { |word| Regexp.escape(word) }.join(".{0,260}?"))
        end
        mark.planned.steps.each do |step|
          expect(words).to include(step.title.split(":").first), "#{mark.title}: #{step.key}"
        end
        expect(words).not_to include("\u0000")
      end
    end
  end
end
