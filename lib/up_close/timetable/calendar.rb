# frozen_string_literal: true

module UpClose
  module Timetable
    # One pair of hands: free in the maker's own hours; for a mark under way also as
    # long as its maker stays at the bench.
    class Calendar
      # @param spans [Array<Array(Numeric, Numeric)>] own hours  @param longer [Array, nil] and with the stay
      def initialize(spans, longer = nil)
        @usual, @longer = FreeTime.new(spans), longer && FreeTime.new(longer)
      end

      # @param other [Calendar]
      def initialize_copy(other)
        @usual, @longer = @usual.dup, @longer&.dup
      end

      # @param chain [TaskChain]
      # @return [FreeTime] when they are free for it
      def for(chain) = (chain.begun? && @longer) || @usual

      # @param from [Numeric] moment  @param to [Numeric]
      def book(chain, from, to)
        self.for(chain).book(from, to)
        [@usual, @longer].compact.each { |time| time.cut(from, to) }
      end
    end
  end
end
