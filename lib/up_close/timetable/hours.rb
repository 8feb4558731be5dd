# frozen_string_literal: true

module UpClose
  module Timetable
    # The hours a maker works: a weekly pattern, less days off. They never change.
    class Hours
      DAY_MIN = 1440
      MOST_DAYS = 400
      # an evening, where none is given
      EVENING = [1140, 1320].freeze

      # @param week [Hash{Integer => Array<Array(Integer, Integer)>}] day of the week (0: Sunday) → from and to,
      #   minutes after midnight; a to that is no later than its from lies past midnight
      # @param days_off [Array<Date>]  @param extra [Hash{Date => Array}] besides the pattern
      # @param zone [#at, #date_of] (Date, minutes) → moment; moment → Date
      # @raise [Error] when there are none at all
      # @param usual [Hash{Date => Array}] a day's hours as moments, found once for all that share them
      def initialize(week, zone:, days_off: [], extra: {}, usual: {})
        @week, @zone, @days_off, @extra, @usual, @spans = week, zone, days_off, extra, usual, {}
        check
        freeze
      end

      # with more hours on one day
      def with(date, spans)
        Hours.new(@week, zone: @zone, days_off: @days_off, extra: @extra.merge(date => spans), usual: @usual)
      end

      # the longest stretch without a pause, seconds
      def longest_s
        [*@week.values.flatten(1), *@extra.values.flatten(1)].map { |from, to| length_min(from, to) * 60 }.max
      end

      # @param staying [Numeric, nil] till when the maker is there anyway
      # @return [Array<Interval>] in order, none touching another
      def spans(from, days = MOST_DAYS, staying: nil) = @spans[[from, days, staying]] ||= listed(from, days, staying)

      # @param date [Date]
      # @return [Array<Array(Integer, Integer)>] minutes
      def pattern(date) = week(date) + @extra.fetch(date, [])

      private

      def listed(from, days, staying)
        first = @zone.date_of(from) - 1
        all = Array.new(days + 1) { |i| on(first + i) }.reduce(:+)
        all << Interval.new(from, staying) if staying
        ahead = Interval.new(from, Float::INFINITY)
        joined(all.sort).filter_map { |interval| interval & ahead }
      end

      def week(date) = @days_off.include?(date) ? [] : @week.fetch(date.wday, [])

      def on(date) = (@usual[date] ||= moments(date, week(date))) + moments(date, @extra.fetch(date, []))

      def moments(date, spans)
        spans.map { |from, to| Interval.new(@zone.at(date, from), @zone.at(date, from + length_min(from, to))) }
      end

      def length_min(from, to) = (to > from) ? to - from : to + DAY_MIN - from

      # @param intervals [Array<Interval>] sorted
      def joined(intervals)
        intervals.each_with_object([]) do |interval, all|
          all.last&.meets?(interval) ? all.push(all.pop | interval) : all << interval
        end
      end

      def check
        return if (@week.values + @extra.values).any?(&:any?)
        raise Error.new(
          "You have no working hours yet.",
          remedy: "Give at least one evening a week.",
          field: :hours
        )
      end
    end
  end
end
