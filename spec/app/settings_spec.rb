# frozen_string_literal: true

require_relative "../shop_helper"
require "nokogiri"

RSpec.describe "settings and help", :shop do
  let(:typed) do
    {"unit" => "in", "fractions" => "32", "light" => "shed", "week_start" => "0", "fumes" => "low", "paper" => "letter",
     "currency" => "kr", "zone" => "", "hour" => "30,50"}
  end

  after { ShopZone.apply }

  it "are kept together, and every page follows them" do
    mark = ready_mark
    mark.update!(width_mm: 52.4)
    StockFact.create!(stock: "label-backing", pack_cents: 1200, pack_sheets: 10)
    send_form "/settings", typed
    expect(Preference.everything.slice("unit", "hour_cents", "currency")).to eq(
      "unit" => "in", "hour_cents" => "3050", "currency" => "kr"
    )
    get "/jobs/#{mark.job.id}/cost"
    expect(page_words).to match(/your time [\d.]+ kr/).and match(/The whole job [\d.]+ kr/)
    get "/marks/#{mark.id}/place"
    # 52.4 ÷ 25.4 = 2.063, nearest 2 2/32
    expect(page_words).to include "2 1/16"
    get "/timetable"
    days = Nokogiri::HTML5(last_response.body).css("label[for^=day_]").map(&:text)
    expect([days.first, days.last]).to eq %w[Sunday Saturday]
  end

  it "say at their field what cannot be, and keep what was typed" do
    send_form "/settings", typed.merge("currency" => "12", "zone" => "Atlantis/Centre", "hour" => "much")
    expect(last_response.status).to eq 422
    expect(%w[currency zone hour].map { |name| error_at(name) }).to match [
      /sign or letters/, /no such time zone/, /not a price/
    ]
    expect(last_response.body).to include 'value="Atlantis/Centre"'
    expect(Preference.get("unit")).to eq "mm"
  end

  it "shift every moment to another time zone, and back" do
    skip "no zones here" if ShopZone.all.empty?
    moment = Time.at(1_796_000_000)
    send_form "/settings", typed.merge("zone" => "Asia/Kathmandu")
    expect(moment.getlocal.utc_offset).to eq 20_700
    send_form "/settings", typed
    expect(moment.getlocal.utc_offset).not_to eq 20_700
  end

  it "name every caution under one hazard, with the methods that show it" do
    keys = UpClose::Safety::ALL.flat_map(&:keys)
    expect(keys.tally.values.uniq).to eq [1]
    expect(keys).to match_array(UpClose::Cautions::ALL.keys)
    solvents = UpClose::Safety.methods_with(UpClose::Safety.of(:solvent)).map(&:key)
    expect(solvents).to include("solvent-rub").and not_include("tape-lift")
    expect(get("/safety").body).to include('id="etch"', "/methods/lacquer-pull")
  end

  it "explain each word, with a drawing where there is one, and find things by a part of their name" do
    shown = UpClose::Glossary::ALL.filter_map(&:drawing)
    expect(shown.map { |name| File.exist?("app/views/drawings/words/#{name}.erb") }).to all(be true)
    mark = ready_mark
    get "/search?q=#{mark.piece.name[0, 3]}"
    expect(page_words).to include mark.title
    get "/search?q=#{Rack::Utils.escape("100%_\\")}"
    expect(page_words).to include "Nothing is called"
    expect(get("/words").body).to include 'id="pencil-lines"'
  end

  it "undo a spoilt try that was pressed by mistake, and no longer once the run has gone on" do
    mark = ready_mark
    run = Actions::RunMarks.start(mark, Time.now)
    key = run.clockwork.state(Time.now.to_f).step.key
    spoilt = Actions::RunMarks.spoil(run, key, Time.now)
    get "/attempts/#{spoilt.id}/wrong"
    expect(page_words).to include "Undo: it is not spoilt"
    send_form "/attempts/#{spoilt.id}/unspoil"
    expect([mark.attempts.reload.size, run.reload.clockwork.state(Time.now.to_f).step.key]).to eq [0, key]
    spoilt = Actions::RunMarks.spoil(run, key, Time.now)
    Actions::RunMarks.finish_step(run.reload, run.clockwork.state(Time.now.to_f).step.key, Time.now)
    expect(Actions::UndoSpoilt.call(spoilt)).to be false
    expect(mark.attempts.reload.size).to eq 1
  end

  it "plan a mark not before the moment that is said, and at once again" do
    mark = ready_mark
    mark.update!(placed_at: Time.now)
    later = Time.now + 5 * 86_400
    send_form "/marks/#{mark.id}/not-before", "at" => later.strftime("%Y-%m-%dT%H:%M")
    plan = -> { Actions::PlanWork.new(Time.now).plan.entries.select { |e| e.chain.id == mark.id }.map(&:from).min }
    expect(plan.call).to be >= later.to_i - 60
    send_form "/marks/#{mark.id}/not-before", "clear" => "1"
    expect(plan.call).to be < later.to_i - 60
    send_form "/marks/#{mark.id}/not-before", "at" => "soon"
    expect(last_response.status).to eq 422
  end
end
