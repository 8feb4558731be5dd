# frozen_string_literal: true

require_relative "../shop_helper"

RSpec.describe Shelves::BackgroundTasks, :shop do
  let(:work) { described_class.new }

  def ended(key) = work[key].thread.join(5)

  it "does a thing once at a time, tells how far it is, and gives its outcome once" do
    gate = Thread::Queue.new
    first = work.start(1) { |task| task.at(0.25) && gate.pop }
    second = work.start(1) { raise "never begun" }
    expect([second.equal?(first), work.going?(1), work.take(1)]).to eq [true, true, nil]
    sleep 0.01 until first.share > 0.2
    gate << "laid"
    ended(1)
    expect([work.going?(1), work.take(1), work.take(1)]).to eq [false, "laid", nil]
    expect(work.start(1) { 2 }).not_to equal(first)
  end

  it "tells the work to stop, which ends with what it has" do
    work.start("a") { |task| (1..).find { |i| sleep(0.001) && !task.at(i / 1e6) } }
    sleep 0.02
    work.stop("a")
    ended("a")
    expect(work.take("a")).to be > 0
    expect(work.stop("never begun")).to be_nil
  end
end

RSpec.describe Shelves::LocalZone do
  around do |example|
    was, ENV["TZ"] = ENV["TZ"], "Europe/Paris"
    example.run
  ensure
    ENV["TZ"] = was
  end

  it "goes by the clock on the wall: 19:00 is 19:00 on either side of the night the clocks change" do
    before, after = [24, 25].map { |day| described_class.at(Date.new(2026, 10, day), 1140) }
    expect([Time.at(before).hour, Time.at(after).hour, (after - before) / 3600]).to eq [19, 19, 25]
    expect(described_class.at(Date.new(2026, 3, 29), 1140) - described_class.at(Date.new(2026, 3, 28), 1140))
      .to eq 23 * 3600
    expect(described_class.date_of(described_class.at(Date.new(2026, 11, 30), 1500))).to eq Date.new(2026, 12, 1)
  end
end
