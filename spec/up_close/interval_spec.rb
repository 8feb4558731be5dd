# frozen_string_literal: true

RSpec.describe UpClose::Timetable::Interval do
  def interval(from, to) = described_class.new(from, to)

  it "cuts, joins and holds, its end left out" do
    evening = interval(19, 22)
    expect([evening & interval(20, 24), evening & interval(22, 24), evening & interval(20, 21)])
      .to eq [interval(20, 22), nil, interval(20, 21)]
    left = [[20, 21], [18, 20], [18, 23], [1, 2]].map { |from, to| evening - interval(from, to) }
    expect(left).to eq [[interval(19, 20), interval(21, 22)], [interval(20, 22)], [], [evening]]
    expect([19, 21.9, 22].map { |moment| evening.contains?(moment) }).to eq [true, true, false]
    expect([evening.cover?(interval(19, 22)), evening.cover?(interval(19, 22.1))]).to eq [true, false]
    expect([evening.meets?(interval(22, 23)), evening.meets?(interval(22.1, 23))]).to eq [true, false]
    expect([evening | interval(22, 23), evening.length]).to eq [interval(19, 23), 3]
    from, to = *evening
    expect([from, to, [interval(3, 4), interval(1, 2)].min]).to eq [19, 22, interval(1, 2)]
  end
end
