# frozen_string_literal: true

require "date"

module UpClose
  module Charts
    # Months along an axis of days: where each begins, and where its name stands.
    module Months
      NAMES = %w[January February March April May June July August September October November December].freeze
      # more than this are told by every third, then by years
      MOST = 9

      # One month's name. Frozen.
      Tick = Value.define(:day, :middle, :title)

      module_function

      # @param from [Date]  @param to [Date]
      # @return [Array<Tick>] day: where it begins, a Julian day; middle: of what is seen of it
      def call(from, to)
        starts = starts(from, to)
        [*starts, to + 1].each_cons(2).zip(starts).filter_map do |(begins, ends), month|
          first, last = [begins, from].max, [ends, to].min
          Tick.new(first.jd, (first.jd + last.jd) / 2.0, title(month, count(from, to)))
        end
      end

      # @param from [Date]  @param to [Date]  @return [Array<Date>] first days of the months that are told
      def starts(from, to)
        month = Date.new(from.year, from.month, 1)
        all = []
        while month <= to
          all << month
          month >>= 1
        end
        step = step(all.size)
        all.select.with_index { |month, i| i.zero? || ((month.year * 12 + month.month - 1) % step).zero? }
      end

      # @return [Integer] months from one day to another
      def count(from, to) = (to.year * 12 + to.month) - (from.year * 12 + from.month) + 1

      # every month, every third, or each year
      def step(count)
        return 1 if count <= MOST
        (count > 3 * MOST) ? 12 : 3
      end

      # @param month [Date]  @param count [Integer] months in all
      def title(month, count)
        return month.year.to_s if count > 3 * MOST || (count > MOST && month.month == 1)
        (count > 6) ? NAMES[month.month - 1][0, 3] : NAMES[month.month - 1]
      end
      private_class_method :starts, :title, :count, :step
    end
  end
end
