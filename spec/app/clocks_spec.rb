# frozen_string_literal: true

require_relative "../shop_helper"

RSpec.describe "the computer's clock", :shop do
  let(:began) { Time.utc(2026, 10, 24, 18, 0) }

  def set(time) = allow(Web.settings).to receive(:clock).and_return(time)

  def done
    run = Run.last
    send_form "/runs/#{run.id}/done", "step" => run.clockwork.state(Web.settings.clock.to_f).step.key
  end

  def pages_go_on
    ["/", "/timetable", "/jobs", "/history", "/runs/#{Run.last.id}", "/marks/#{Mark.last.id}/record"].each do |path|
      expect([path, get(path).status]).to eq [path, 200]
    end
  end

  it "may be set back or forward in the middle of the work: no step ends before the one before it" do
    set(began)
    mark = ready_mark
    send_form "/marks/#{mark.id}/runs", "override" => "a trial"
    done
    [-7200, -86_400 * 400, 60, 86_400 * 3, 86_400 * 3 - 50, 86_400 * 800].each do |off|
      set(began + off)
      done
      pages_go_on
    end
    ends = StepEnd.order(:id).pluck(:done_at)
    expect([ends.size, ends]).to eq [7, ends.sort]
    expect(ends.first).to be >= Run.last.began_at
    # what was done at a moment still to come is told by the clock, not as a time ago
    set(began - 7200)
    get "/history"
    expect(page_words).not_to match(/-\d+ (minutes|hours) ago/)
  end

  it "goes back an hour in autumn: a wait keeps its length, a moment is told as the wall has it" do
    Preference.put("zone", "Europe/London")
    ShopZone.apply
    # Saturday 19:00 summer time; that night the hour from one to two comes twice
    set(began)
    expect(Presenters::Moments.clock(began, began)).to eq "19:00"
    expect(Presenters::Moments.clock(began + 86_400, began + 86_400)).to eq "18:00"
    expect(Presenters::Moments.ago(began, began + 6 * 3600)).to eq "6 hours ago"
    mark = ready_mark
    send_form "/marks/#{mark.id}/runs", "override" => "a trial"
    run = Run.last
    until (step = run.reload.clockwork.state(began.to_f).step).nil? || step.wait?
      Actions::RunMarks.finish_step(run, step.key, began)
    end
    expect(step).not_to be_nil
    opens = run.clockwork.state(began.to_f)
    later = run.clockwork.state((began + 7 * 3600).to_f)
    # the two o'clock that is one o'clock again changes nothing of when it opens
    expect(later.opens_at).to eq opens.opens_at
    expect(later.opens_at - began.to_f).to be_within(1).of(step.least_s)
  ensure
    Preference.put("zone", "")
    ShopZone.apply
  end

  it "counts codes and tries by what is never set back" do
    expect([Shelves::JoinCodes, Shelves::SlowedTries].map { |kind| kind.new.instance_variable_get(:@clock).call })
      .to all(be_within(5).of(Process.clock_gettime(Process::CLOCK_MONOTONIC)))
  end
end
