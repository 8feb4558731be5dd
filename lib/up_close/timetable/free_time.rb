# frozen_string_literal: true

module UpClose
  module Timetable
    # One person's hours, less what is booked in them.
    class FreeTime
      # @param intervals [Array<Interval>] in order, none touching another
      def initialize(intervals)
        @intervals = intervals.dup
      end

      def dup = FreeTime.new(@intervals)

      # @param from [Numeric] not before  @param length [Numeric] seconds
      # @return [Numeric, nil] when so long a stretch can begin
      def earliest(from, length)
        i = index(from)
        while (interval = @intervals[i])
          start = (interval.from > from) ? interval.from : from
          return start if start + length <= interval.to
          i += 1
        end
      end

      # work that may be laid down at the end of an evening and taken up again
      # @param from [Numeric] not before  @param length [Numeric] seconds in all
      # @return [Array<Interval>, nil] nil when there is not so much time
      def pieces(from, length)
        pieces = []
        @intervals.drop(index(from)).each do |interval|
          break unless length > 0
          start = [interval.from, from].max
          take = [interval.to - start, length].min
          pieces << Interval.new(start, start + take) if take > 0
          length -= take
        end
        pieces unless length > 0
      end

      # takes a stretch out, which must be free
      # @param interval [Interval]
      def book(interval)
        return unless interval.length > 0
        raise ArgumentError, "not free" unless @intervals[index(interval.from)]&.cover?(interval)
        cut(interval)
      end

      # takes out whatever of a stretch is free
      # @param interval [Interval]
      def cut(interval)
        first = last = index(interval.from)
        last += 1 while @intervals[last] && @intervals[last].from < interval.to
        @intervals[first...last] = @intervals[first...last].flat_map { |free| free - interval }
      end

      private

      # of the first stretch that ends after a moment
      def index(moment) = @intervals.bsearch_index { |interval| interval.to > moment } || @intervals.size
    end
  end
end
