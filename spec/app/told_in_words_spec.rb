# frozen_string_literal: true

require_relative "../shop_helper"

# Figures as pages say them, at the edges where the words change.
RSpec.describe "figures told in words", :shop do
  describe Presenters::Moments do
    it "says a length of time in the unit that fits it" do
      spans = {0 => "0:00", 59 => "0:59", 61 => "1:01", 3599 => "59:59", 3600 => "1 h 00", 86_399 => "23 h 59"}
      expect(spans.keys.to_h { |seconds| [seconds, described_class.span(seconds)] }).to eq spans
      expect([86_400, 100_800, -61].map { |seconds| described_class.span(seconds) }).to eq ["1 d", "1 d 4 h", "1:01"]
      about = {119 => "119 s", 120 => "2 min", 7199 => "120 min", 7200 => "2 h", 172_800 => "2 days"}
      expect(about.keys.to_h { |seconds| [seconds, described_class.about(seconds)] }).to eq about
    end

    it "says a moment by the clock, with its day where it is not today, and its date where it is far off" do
      now = Time.new(2026, 12, 10, 9, 0)
      moments = [Time.new(2026, 12, 10, 19, 5), Time.new(2026, 12, 12, 7, 30), Time.new(2026, 12, 16, 7, 30)]
      expect(moments.map { |moment| described_class.clock(moment, now) }).to eq ["19:05", "Sat 07:30", "16 Dec 07:30"]
      ago = {30 => "just now", 60 => "1 minute ago", 7300 => "2 hours ago", 86_400 => "Wed 09:00", -5 => "09:00"}
      expect(ago.keys.to_h { |seconds| [seconds, described_class.ago(now - seconds, now)] }).to eq ago
    end
  end

  it "says how long a cause takes, to the day" do
    spans = {40 => "40 s", 89 => "89 s", 90 => "2 min", 5399 => "90 min", 5400 => "1 h 30 min", 7200 => "2 h"}
    expect(spans.keys.to_h { |seconds| [seconds, UpClose::Diagnosis.span(seconds)] }).to eq spans
    expect([172_000, 172_800, 432_000].map { |seconds| UpClose::Diagnosis.span(seconds) })
      .to eq ["47 h 47 min", "2 days", "5 days"]
    expect([65, 3599, 3660].map { |seconds| UpClose::Diagnosis.clock(seconds) }).to eq ["1:05", "59:59", "61 min"]
  end

  describe UpClose::Record::LearnedWindow do
    def window(tries) = described_class.new(method_key: "ink-offset", step: "lay", starting_s: 3600, tries: tries)

    it "says until when it came out, from when it failed, and how sure that is" do
      good, lost = [300, 600, 900, 1100, 1200], [1500, 1800, 2400, 3000]
      learned = window((good.product([true]) + lost.product([false])).map { |after, came| [after.to_f, came] } * 4)
      expect(learned).to be_known
      # between the last that came out and the first that failed
      expect(learned.latest_s).to be_between(1200, 1600)
      expect(learned.words).to match(/\A2\d min from 36 tries of your own; 60 min is the starting value\z/)
      expect(learned.working.to_s).to match(/\Acame out up to 20 min, failed from 25 min: 2\d min, give or take \d+ %/)
    end

    it "knows nothing from few tries, or from early ones alone" do
      expect(window(Array.new(7) { |i| [1000.0 + i, i.even?] })).not_to be_known
      expect(window(Array.new(20) { [600.0, true] })).not_to be_known
    end
  end

  describe UpClose::Register::StrapFindings do
    # a strap 30 mm high, 40 mm below the rim: from 40 to 70
    def found(joins)
      strap = instance_double(UpClose::Register::Strap, down: 40.0, high: 30.0)
      paper = UpClose::Printing::Paper.fetch("a4")
      described_class.new(strap, writer: writer, paper: paper, joins_mm: joins).send(:handle)
    end

    it "measures what is free above and below it inside the handle, and says when it touches" do
      expect(found([15.0, 80.0])).to have_attributes(verdict: :fine, value: 10.0, reason: "It lies flat all round.")
      expect(found([45.0, 90.0])).to have_attributes(
        verdict: :watch, value: -5.0, figure: "5.0 mm", reason: /touches the handle. Cut the ends shorter/
      )
      expect(found([15.0, 65.0]).working.to_s).to include("free from 15 to 65, the strap from 40 to 70 mm below")
      expect(found(nil)).to be_nil
    end
  end
end
