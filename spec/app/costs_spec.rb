# frozen_string_literal: true

require_relative "../shop_helper"

RSpec.describe "what a job costs", :shop do
  it "adds up shares of sheets and supplies for good ones, shares the whole out, and says what has no price" do
    mark = ready_mark(method_key: "solvent-rub", printer: "laser")
    # not looked at: 30 % of 30 × 18.75 mm, a starting value
    expect(UpClose::Costing::Ink.new(printer: :laser, width_mm: 30.0, height_mm: 18.75).then { |ink|
      [ink.amount, ink.working.to_s]
    })
      .to match [be_within(1e-12).of(0.00084375), /30 % inked × 5 g a m².*coverage: check the artwork first/]
    get "/jobs/#{mark.job.id}/cost"
    expect(page_words)
      .to match(
        /No price yet, so not counted: a share of plain letter paper, toner/
      )
      .and match(/a share of plain letter paper, toner, acetone, cotton swabs, spray acrylic clear/)
    send_form "/stock/letter-paper", "pack_cents" => "5.20", "pack_sheets" => "500"
    {
      "toner" => ["60", "80"],
      "acetone" => ["4.90", "500"],
      "cotton-swabs" => ["1,50", "100"],
      "spray-acrylic-clear" => ["11.90", "400"]
    }.each do |supply, (cents, amount)|
      send_form "/supplies", "supply" => supply, "pack_cents" => cents, "pack_amount" => amount
    end
    Actions::LookAtArtwork.call(mark.reload)
    costed = Presenters::Costed.new(mark)
    # 40 × 25 with its border of 5; 2 ml of acetone are poured for both;
    # a swab each; 0.6 of 1; sealed: 3 coats × 24 cm² × 20 µm × 2
    ink = mark.height_mm.to_r * mark.width_mm.to_r / 1_000_000 * mark.checked.fetch("coverage").to_r * 5 * 6000 / 80
    expect(ink.to_f).to be_between(0.01, 1)
    every = ink + 520r / 500 * 43 * 28 / (197 * 280) + 490r / 500 * 1 + 150r / 100 * 1
    sealed = 1190r / 400 * 3 * 2400 * 20 / 1_000_000 * 2
    expect(costed.estimate.per_good.to_f).to be_within(1e-6).of((every/0.6r + sealed).to_f)
    expect([costed.shares.sum, costed.shares.size]).to eq [costed.whole_cents, 2]
    get "/jobs/#{mark.job.id}/cost"
    expect(page_words).to match(/The whole job €#{UpClose::Costing::Money.write(costed.whole_cents)}/)
    expect(page_words).not_to match(/No price yet/)
    expect([send_form("/jobs/#{mark.job.id}/cost", "hour" => "plenty").status, page_words])
      .to match [422, /“plenty” is not a price we can read/]
    send_form "/jobs/#{mark.job.id}/cost", "hour" => "15.00"
    get "/jobs/#{mark.job.id}/cost"
    expect(page_words).to match(/your time €\d+\.\d\d/)
  end

  it "keeps prices as typed, refuses what is none, and takes a price of nothing" do
    answer = send_form("/supplies", "supply" => "acetone", "pack_cents" => "free", "pack_amount" => "0")
    expect([answer.status, page_words, answer.body.include?('value="free"')])
      .to match [422, /is not a price we can read.*above 0/, true]
    expect(send_form("/supplies", "supply" => "moonshine", "pack_cents" => "1", "pack_amount" => "1").status).to eq 422
    expect(send_form("/supplies", "supply" => "acetone", "pack_cents" => "0", "pack_amount" => "500").status).to eq 303
    expect(SupplyPrice.pluck(:supply, :pack_cents)).to eq [["acetone", 0]]
  end

  it "takes supplies from the steps that use them, a school's own ones with it, and counts fewer coats" do
    mark = ready_mark(method_key: "varnish-paper", printer: "laser")
    supplies = -> { Presenters::Costed.new(mark.reload).estimate.lines.map(&:title) }
    expect(supplies.call).to include("varnish")
    expect(supplies.call).not_to include("acetone")
    mark.update!(picked: {"tack" => "acetone"})
    expect(supplies.call).to include("varnish", "acetone")
    get "/marks/#{mark.id}/apply"
    # 38 × 23 with its border of 4, two faces of 60 µm: 0.1 ml; a shop pours 1
    expect(page_words)
      .to match(/Takes, for one: 1 ml of varnish \(that is the least you can pour\)/)
      .and match(/8.7 cm² × 60 µm × 2 faces = 0.1 ml/)
    run = Actions::RunMarks.start(mark, Time.now)
    Actions::RunMarks.finish_step(
      run,
      run.clockwork.state(Time.now.to_f).step.key,
      Time.now
    ) until run.reload.clockwork.state(Time.now.to_f).step.key == "coat:1"
    get "/runs/#{run.id}"
    expect(page_words).to match(/Have at hand 1 ml of varnish/)
    send_form "/marks/#{mark.id}/seal", "sealer" => "spray-acrylic", "coats" => "6"
    six = Presenters::Costed.new(mark.reload).estimate
    send_form "/supplies", "supply" => "spray-acrylic-clear", "pack_cents" => "12.00", "pack_amount" => "400"
    sealed =
      ->(coats) {
        send_form("/marks/#{mark.id}/seal", "sealer" => "spray-acrylic", "coats" => coats) &&
          Presenters::Costed.new(mark.reload).estimate.lines.find { |l| l.title == "spray acrylic clear" }.cents
      }
    expect([sealed["6"] / sealed[""], six.lines.size]).to eq [2, Presenters::Costed.new(mark).estimate.lines.size]
  end

  it "tells from how many pieces on one stock is cheaper than another" do
    mark = ready_mark(method_key: "water-slide", printer: "laser", finish: "gloss-paint")
    {"clear-film" => ["5", "1"], "white-film" => ["40", "20"]}.each do |key, (cents, sheets)|
      send_form "/stock/#{key}", "pack_cents" => cents, "pack_sheets" => sheets
    end
    expect(Presenters::Costed.new(mark.reload).break_evens)
      .to match [/Clear water-slide film is cheaper at first; from \d+ pieces on, white water-slide film/]
    # on a dark piece clear film is no choice, however cheap
    mark.update!(stock: "white-film")
    mark.piece.update!(colour: "#1e3b2c")
    expect(Presenters::Costed.new(mark.reload).break_evens).to be_empty
  end
end
