# frozen_string_literal: true

module UpClose
  module Timetable
    # One person's hours, less what is booked in them.
    class FreeTime
      # @param spans [Array<Array(Numeric, Numeric)>] in order
      def initialize(spans)
        @spans = spans.dup
      end

      def dup = FreeTime.new(@spans)

      # @return [Numeric, nil] when so long a stretch can begin, not before +from+
      def earliest(from, length)
        i = index(from)
        while (span = @spans[i])
          start = (span[0] > from) ? span[0] : from
          return start if start + length <= span[1]
          i += 1
        end
      end

      # work that may be laid down at the end of an evening and taken up again
      # @return [Array<Array(Numeric, Numeric)>, nil]
      def pieces(from, length)
        i, found = index(from), []
        while length > 0
          s, e = @spans[i]
          return unless s
          s = from if s < from
          take = [e - s, length].min
          found << [s, s + take] if take > 0
          length -= take
          i += 1
        end
        found
      end

      # takes a stretch out, which must be free
      def book(from, to)
        return if to <= from
        s, e = @spans[index(from)]
        raise ArgumentError, "not free" unless s && s <= from && to <= e
        cut(from, to)
      end

      # takes out whatever of a stretch is free
      def cut(from, to)
        first = last = index(from)
        last += 1 while @spans[last] && @spans[last][0] < to
        @spans[first...last] = @spans[first...last].flat_map { |s, e|
          [([s, from] if from > s), ([to, e] if to < e)].compact
        }
      end

      private

      # of the first stretch that ends after a moment
      def index(moment) = @spans.bsearch_index { |span| span[1] > moment } || @spans.size
    end
  end
end
