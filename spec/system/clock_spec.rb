# frozen_string_literal: true

require_relative "../system_helper"

# The page's clock and the server's must never tell different stories.
RSpec.describe "the page's clock", :shop, :page do
  def in_page(call)
    page.evaluate_async_script(%(import("/js/widgets/clock.js").then((clock) => arguments[0](#{call}))))
  end

  it "says lengths of time as the server does" do
    visit "/jobs/new"
    seconds = [0, 1, 59, 60, 2480, 3599, 3600, 3661, 86_399, 86_400, 90_000, 300_000]
    expect(in_page("#{seconds.to_json}.map(clock.span)")).to eq(seconds.map { |s| Presenters::Moments.span(s) })
  end

  it "reads windows and waits as the core does, at every moment" do
    step = ->(kind, **rest) { UpClose::Methods::Step.new(key: "b", phase: :apply, kind: kind, title: "b", words: "", least_s: 600, after: "a", **rest) }
    cases = [step[:hands, earliest_s: 30, latest_s: 3600], step[:hands, earliest_s: 30, latest_s: 3600, best_s: 300], step[:hands, latest_s: 120], step[:hands, earliest_s: 0, latest_s: 120], step[:wait, most_s: 1200], step[:wait]]
    visit "/jobs/new"
    cases.each do |one|
      first = UpClose::Methods::Step.new(key: "a", phase: :apply, kind: :hands, title: "a", words: "", least_s: 1)
      clockwork = UpClose::Runs::Clockwork.new(steps: [first, one], began_at: 0, done_at: {"a" => 1000})
      [1001, 1029, 1031, 1060, 1299, 1301, 1090, 1119, 1121, 1599, 1601, 2140, 2199, 2201, 4500, 4550, 4599, 4601].each do |now|
        state = clockwork.state(now)
        moments = {opens: state.opens_at && state.opens_at * 1000, closes: state.closes_at && state.closes_at * 1000, best: state.best_at && state.best_at * 1000, wait: one.wait?}
        told = in_page("clock.reading(#{moments.to_json}, #{now * 1000}).name")
        expect(told).to eq(state.name.to_s), "#{one.kind} #{moments} at #{now}"
      end
    end
  end

  # how far from a true whole second the figure changes, three times, in seconds
  def astray(closes_ms)
    page.evaluate_async_script(<<~JS, closes_ms)
      const [closes, done] = arguments, off = [];
      const watch = new MutationObserver(() => {
        const left = (closes - Date.now()) / 1000;
        off.push(Math.abs(left - Math.round(left)));
        if (off.length === 3) { watch.disconnect(); done(Math.max(...off)); }
      });
      watch.observe(document.querySelector("[data-clock-figure]"), { childList: true, characterData: true, subtree: true });
    JS
  end

  it "is true to within 0.2 s on the bench, after a reload, and after the browser was asleep" do
    run = Actions::RunMarks.start(ready_mark, Time.now)
    until run.reload.clockwork.state(Time.now.to_f).closes_at
      Actions::RunMarks.finish_step(run, run.clockwork.state(Time.now.to_f).step.key, Time.now)
    end
    closes = run.clockwork.state(Time.now.to_f).closes_at * 1000
    visit "/runs/#{run.id}"
    expect(page).to have_css("[data-clock-figure]", text: /\A\d+:\d\d\z/)
    expect(astray(closes)).to be <= 0.2
    page.refresh
    expect(astray(closes)).to be <= 0.2
    # asleep: for three seconds nothing of the page runs
    page.execute_script("const until = Date.now() + 3000; while (Date.now() < until);")
    expect(astray(closes)).to be <= 0.2
  end

  it "follows the server's now, not this machine's" do
    visit "/jobs/new"
    page.execute_script(<<~JS)
      document.body.insertAdjacentHTML("beforeend", `<p id="far" data-now="${Date.now() + 7200000}" data-opens="" data-closes="${Date.now() + 7260000}" data-wait="false"><i data-clock-words></i> <b data-clock-figure></b></p>`);
      import("/js/widgets/clock.js").then((clock) => clock.wakeClock(document.getElementById("far")));
    JS
    expect(page).to have_css("#far b", text: /\A0:5\d\z/)
  end
end
