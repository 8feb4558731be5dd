# frozen_string_literal: true

require_relative "../shop_helper"

RSpec.describe Presenters::Timetable, :shop do
  let(:now) { Time.local(2026, 11, 30, 18, 0) }
  let(:table) { described_class.new(Actions::PlanWork.new(now), now: now) }

  before do
    3.times { ready_mark }
    ready_mark(
      method_key: "baked-medium",
      printer: "laser",
      shape: "disc",
      diameter_mm: "40",
      material: "brass",
      finish: "etched"
    )
  end

  it "draws every stretch by hand, true to its time, inside the maker's hours, none over another" do
    table.days.each do |day|
      bars = day.rows.filter_map { |lane, row| row if lane == :you }.flatten
      expect(day.rows.count { |lane, _| lane == :you }).to eq 1
      expect(bars.each_cons(2).map { |a, b| b.x - a.x - a.width }.min || 0).to be >= -0.2
      expect(bars)
        .to all satisfy { |bar| day.own.any? { |from, to| bar.x >= from - 0.2 && bar.x + bar.width <= to + 0.2 } }
      per_second = (day.x(day.marks[1]) - day.x(day.marks[0])) / 3600
      seconds = bars.map(&:entry).uniq.flat_map(&:pieces).sum do |from, to|
        (Shelves::LocalZone.date_of(from) == day.date) ? to - from : 0
      end
      expect(bars.sum(&:width)).to be_within(1 + 0.2 * bars.size).of(per_second * seconds)
    end
    drawn = table.days.flat_map { |day| day.rows.flat_map { |_, bars| bars.map(&:entry) } }.select(&:hands?).uniq
    expect(drawn).to match_array table.stretches.select(&:hands?)
  end

  it "leaves the figures of its hours room, however long the day" do
    [3, 12, 23].each do |long|
      day = Presenters::TimetableDay.new(now.to_date, [[now.to_i, now.to_i + long * 3600]], [])
      expect(day.marks.each_cons(2).map { |a, b| day.x(b) - day.x(a) }.min).to be >= 50
      expect(day.marks.size).to be > 3
    end
  end

  it "gives the oven a row only where something bakes, and stacks what waits together" do
    with_oven = table.days.select { |day| day.rows.any? { |lane, _| lane == :oven } }
    bakes = table.plan.entries.select { |e| e.step.place == :oven }
    expect(with_oven.map(&:date)).to include(*bakes.map { |e| Shelves::LocalZone.date_of(e.from) })
    waiting = table.days.flat_map { |day| day.rows.filter_map { |lane, row| row if lane == :waiting } }
    expect(waiting.flat_map { |row| row.each_cons(2).map { |a, b| b.x - a.x - a.width } }.min || 0).to be >= -0.6
  end

  it "says of every step why it stands where it does, in words" do
    expect(table.plan.entries.map { |entry| table.why(entry) })
      .to all match(/\A(at once|waits (for|until) .+|starts then, so that “.+” falls in its window)/)
  end
end
