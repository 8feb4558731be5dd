# frozen_string_literal: true

module UpClose
  module Timetable
    # One pair of hands: free in the maker's own hours; for a mark under way also as
    # long as its maker stays at the bench.
    class Calendar
      # @param own [Array<Interval>] hours  @param longer [Array<Interval>, nil] and with the stay
      def initialize(own, longer = nil)
        @usual, @longer = FreeTime.new(own), longer && FreeTime.new(longer)
      end

      # @param other [Calendar]
      def initialize_copy(other)
        @usual, @longer = @usual.dup, @longer&.dup
      end

      # @param chain [TaskChain]
      # @return [FreeTime] when they are free for it
      def for(chain) = (chain.begun? && @longer) || @usual

      # @param chain [TaskChain]  @param interval [Interval] free for it
      def book(chain, interval)
        self.for(chain).book(interval)
        [@usual, @longer].compact.each { |time| time.cut(interval) }
      end
    end
  end
end
