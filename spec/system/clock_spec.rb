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

  # one open run at the last of two steps, the first done at 1000
  def at_second(now, **step)
    second = {key: "b", phase: "apply", kind: "hands", title: "b", words: "", least_s: 600, after: "a", **step}
    run = Run.new(
      mark: Mark.new,
      began_at: Time.at(0),
      steps: [{key: "a", phase: "apply", kind: "hands", title: "a", words: "", least_s: 1}, second].map { |hash|
        hash.transform_keys(&:to_s)
      }
    )
    run.step_ends.build(step: "a", done_at: Time.at(1000))
    Presenters::BenchStep.new(run, now: Time.at(now))
  end

  it "shows what the server sent for each moment, and decides nothing itself" do
    cases = [
      {earliest_s: 30, latest_s: 3600},
      {earliest_s: 30, latest_s: 3600, best_s: 300},
      {latest_s: 120},
      {kind: "wait", most_s: 1200},
      {kind: "wait"}
    ]
    visit "/jobs/new"
    cases.each do |one|
      sent = at_second(1001, **one).clock_data[:faces].to_json
      [
        1001, 1029, 1031, 1059, 1061, 1119, 1121, 1299, 1301, 1599, 1601, 2139, 2141, 2201, 4539, 4541, 4599, 4601
      ].each do |now|
        step = at_second(now, **one)
        told = in_page("clock.reading(#{sent}, #{now * 1000})")
        expect([told["name"], told["words"], told["figure"]]).to eq([step.state.name.to_s, *step.clock]),
          "#{one} at #{now}"
      end
    end
  end

  # how far from a true whole second the figure changes, in seconds: the middle of three, as a page just loaded
  # puts right what it was sent, and a busy machine may hold up a tick; a wrong clock is wrong at each
  def astray(closes_ms)
    page.evaluate_async_script(<<~JS, closes_ms)
      const [closes, done] = arguments, off = [];
      const watch = new MutationObserver(() => {
        const left = (closes - Date.now()) / 1000;
        off.push(Math.abs(left - Math.round(left)));
        if (off.length === 3) { watch.disconnect(); done(off.sort((a, b) => a - b)[1]); }
      });
      watch.observe(document.querySelector("[data-clock-figure]"),
        { childList: true, characterData: true, subtree: true });
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

  # s between what the page takes for the server's now, and that
  def off
    shown = page.evaluate_async_script(<<~JS)
      import("/js/lib/server_clock.js").then((clock) => arguments[0](clock.serverNow()))
    JS
    (shown / 1000.0 - Time.now.to_f).abs
  end

  it "counts by the device's steady clock, and asks the server when that stood still or the date was set" do
    run = Actions::RunMarks.start(ready_mark, Time.now)
    visit "/runs/#{run.id}"
    until run.reload.clockwork.state(Time.now.to_f).closes_at
      Actions::RunMarks.finish_step(run, run.clockwork.state(Time.now.to_f).step.key, Time.now)
    end
    visit "/runs/#{run.id}"
    expect(page).to have_css("[data-clock-figure]", text: /\d/)
    expect(off).to be < 0.4
    # its date is set an hour on; then it sleeps for forty seconds, in which its steady clock stands still
    page.execute_script("const date = Date.now.bind(Date); Date.now = () => date() + 3600000;")
    sleep 0.6
    expect(off).to be < 0.4
    page.execute_script("const steady = performance.now.bind(performance); performance.now = () => steady() - 40000;")
    sleep 1
    expect(off).to be < 0.4
    # while the server is away, what the date says was slept is counted
    page.execute_script(<<~JS)
      window.fetch = () => Promise.reject(new Error("away"))
      const last = performance.now.bind(performance)
      performance.now = () => last() - 20000
    JS
    sleep 0.6
    expect(off).to be < 0.4
  end

  it "follows the server's now, not this machine's" do
    visit "/jobs/new"
    page.execute_script(<<~JS)
      document.body.insertAdjacentHTML("beforeend",
        `<p id="far"><i data-clock-words></i> <b data-clock-figure></b></p>`);
      const faces = [{ at: null, name: "open", words: "Open for another", count: "down", to: Date.now() + 7260000 }];
      document.body.dataset.sent = Number(document.body.dataset.sent) + 7200000;
      import("/js/widgets/clock.js").then((clock) => clock.wakeClock(document.getElementById("far"),
        JSON.stringify({ faces })));
    JS
    expect(page).to have_css("#far b", text: /\A0:5\d\z/)
  end
end
