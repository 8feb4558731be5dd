# frozen_string_literal: true

module Presenters
  # A day's drawing in the timetable: its hours, and its bars lane by lane; what waits together is stacked.
  class TimetableDay
    # A bar on a day's drawing: in pixels.
    Bar = Struct.new(:entry, :x, :width, :lane, :kind) do
      # as much as it has room for
      def words
        whole, room = "#{entry.chain.title}: #{entry.step.full_title.downcase}", (width / LETTER).floor - 1
        (whole.length > room) ? "#{whole[0, room - 1].rstrip.delete_suffix(":")}…" : whole
      end
    end
    LETTER = 6.8
    WIDTH = 860
    LEFT = 96
    LANE = 30
    LANES = {you: "Hands", oven: "Oven", drying: "Drying", waiting: "Waiting"}.freeze

    attr_reader :date, :rows

    def initialize(date, spans, entries)
      @date, @spans = date, spans
      # waits that run on all day need no more room than the hours in hand
      @from, @to = hours(spans.flatten + entries.select(&:hands?).flat_map(&:pieces).flatten.select { |m|
        Shelves::LocalZone.date_of(m) == date
      })
      @rows = LANES.keys.flat_map { |lane| stacked(lane, entries) }
    end

    # what its drawn hours come to
    def seconds_across = @to - @from

    def height = 24 + rows.size * LANE

    # whole hours drawn, as many as have room for their figures
    MOST_HOURS = 13
    def marks
      (0..((@to - @from) / 3600)).step(((@to - @from) / 3600 / MOST_HOURS.to_f).ceil).map { |i| @from + i * 3600 }
    end

    def x(moment) = (LEFT + (moment - @from) / (@to - @from).to_f * (WIDTH - LEFT)).round(1)

    # the maker's own hours
    def own = @spans.map { |from, to| [x(from), x(to)] }

    private

    def hours(moments)
      low, high = moments.minmax
      [(low - 900).div(3600) * 3600, ((high + 900) / 3600.0).ceil * 3600]
    end

    # @return [Array<Array(Symbol, Array<Bar>)>] one lane, in as many rows as it needs
    def stacked(lane, entries)
      bars = entries.select { |e| lane_of(e) == lane }.flat_map { |e| bars_of(e, lane) }.sort_by(&:x)
      rows = bars.each_with_object([[]]) do |bar, all|
        (all.find { |row| row.empty? || row.last.x + row.last.width <= bar.x + 0.5 } || all.push([]).last) << bar
      end
      (lane != :you && bars.empty?) ? [] : rows.map { |row| [lane, row] }
    end

    def bars_of(entry, lane)
      (entry.hands? ? entry.pieces : [[entry.from, entry.to]]).filter_map do |from, to|
        next if to <= @from || from >= @to
        left, right = [from, @from].max, [to, @to].min
        Bar.new(entry, x(left), (x(right) - x(left)).round(1), lane, entry.hands? ? "hands" : "wait")
      end
    end

    def lane_of(entry)
      return :you if entry.hands?
      LANES.key?(entry.step.place) ? entry.step.place : :waiting
    end
  end
end
