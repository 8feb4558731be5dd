# frozen_string_literal: true

require "pdf/inspector"
require_relative "../shop_helper"

RSpec.describe "schools of one's own", :shop do
  let(:copied) do
    UpClose::Methods::OwnSteps
      .copied(UpClose::Methods::MethodChoice.new(method: UpClose::Methods.fetch("ink-offset"), printer: "inkjet"))
  end

  # the page's own rows, as it sends them
  def rows(**changes)
    copied.each_with_index.to_h do |step, i|
      minutes = %w[least_s each_s earliest_s latest_s].to_h { |name| [name, step[name] && (step[name] / 60.0).to_s] }
      [
        i.to_s,
        {
          "key" => step["key"],
          "keep" => "1",
          "title" => step["title"],
          "words" => step["words"],
          "after" => step["after"]
        }
          .merge(minutes)
          .merge(changes.fetch(step["key"].to_sym, {}))
      ]
    end
  end

  def keep(title, list) = send_form("/methods/ink-offset/own", "title" => title, "steps" => list)

  it "copies a method's steps, changes times and words, leaves out and adds, and is used by a mark and its run" do
    get "/methods/ink-offset/own"
    expect(last_response.body).to include('value="Sand it smooth"')
    list = rows(
      ground: {"least_s" => "5", "each_s" => "2"},
      pencil: {"keep" => "0"},
      lay: {"words" => "With two hands.", "latest_s" => "40"}
    )
      .merge(
        "90" => {"keep" => "1", "title" => "Breathe on it", "words" => "Once.", "least_s" => "1", "kind" => "hands"}
      )
    expect(keep("my way", list).status).to eq 303
    mark = ready_mark
    send_form "/marks/#{mark.id}/method",
      "method_key" => "ink-offset", "printer" => "inkjet", "own_school" => OwnSchool.last.id.to_s
    steps = mark.reload.setting.steps
    # two copies: 5 + 2 × 2 min
    expect([steps.first.least_s, steps.map(&:key).include?("pencil"), steps.last.title])
      .to eq [540, false, "Breathe on it"]
    lay = steps.find { |s| s.key == "lay" }
    # within 40 minutes of the print, and its cautions still with it
    expect([lay.words, lay.latest_s, lay.after, lay.cautions, lay.source])
      .to eq ["With two hands.", 2400, "print", [:ink], "your own figure"]
    get "/marks/#{mark.id}/apply"
    expect(page_words).to match(/Breathe on it/)
    card = PDF::Inspector::Text
      .analyze(Presenters::BenchCard.new(mark, writer: UpClose::Measure::LengthWriter.new("mm")).pdf)
      .strings
      .join(" ")
    expect(card).to match(/Own school: *my way.*Breathe on it/)
    run = Actions::RunMarks.start(mark, Time.now)
    send_form "/methods/ink-offset/own/#{OwnSchool.last.id}/drop"
    expect([mark.reload.setting.steps.map(&:key), run.reload.steps_core.map(&:key)])
      .to match [include("pencil"), satisfy { |keys| !keys.include?("pencil") }]
  end

  it "says what is wrong with one, and keeps what was typed" do
    {
      [" ", rows] => /Give it a name/,
      ["mine", rows(print: {"keep" => "0"})] =>
        /“Lay it, once” has a time limit after a step that no longer comes before it/,
      ["mine", rows(lay: {"earliest_s" => "70"})] => /ends before it begins/,
      ["mine", rows(press: {"least_s" => "long"})] => /“long” at “Rub gently, then firmly” is no number of minutes/,
      ["mine", rows.transform_values { |row| row.merge("keep" => "0") }] => /at least one step/
    }.each do |(title, list), words|
      answer = keep(title, list)
      expect([answer.status, page_words.gsub("&#39;", "'")]).to match [422, words]
      expect(answer.body).to include('value="Sand it smooth"')
    end
    expect(OwnSchool.count).to eq 0
    2.times { keep("mine", rows) }
    expect(OwnSchool.count).to eq 1
    expect(get("/methods/telepathy/own").status).to eq 404
  end

  it "copied and unchanged is the method itself" do
    [1, 7, 30].each do |copies|
      UpClose::Methods.all.each do |method|
        setting = UpClose::Methods::MethodChoice.new(method: method, printer: method.printers.first, copies: copies)
        own = UpClose::Methods::OwnSteps.call(UpClose::Methods::OwnSteps.copied(setting), copies)
        expect(own.map { |s| [s.key, s.least_s, s.most_s, s.latest_s] })
          .to eq setting.steps.map { |s| [s.key, s.least_s, s.most_s, s.latest_s] }
      end
    end
  end
end
