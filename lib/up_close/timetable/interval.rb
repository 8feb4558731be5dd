# frozen_string_literal: true

module UpClose
  module Timetable
    # A stretch of time, from one moment to a later one, its end left out. Frozen. It takes itself apart where two
    # values are wanted: intervals.map { |from, to| … }.
    Interval = Value.define(:from, :to) do
      include Comparable

      # @return [Numeric] seconds
      def length = to - from

      # @param moment [Numeric]
      # @return [Boolean]
      def contains?(moment) = moment >= from && moment < to

      # @param other [Interval]
      # @return [Boolean] whether it lies wholly within
      def cover?(other) = from <= other.from && other.to <= to

      # what both have
      # @param other [Interval]
      # @return [Interval, nil]
      def &(other)
        first, last = [from, other.from].max, [to, other.to].min
        Interval.new(first, last) if first < last
      end

      # what is left without another
      # @param other [Interval]
      # @return [Array<Interval>] none, one or two
      def -(other)
        [[from, [to, other.from].min], [[from, other.to].max, to]]
          .filter_map { |first, last| Interval.new(first, last) if first < last }
      end

      # @param other [Interval]
      # @return [Interval] from the sooner beginning to the later end, also over a gap
      def |(other) = Interval.new([from, other.from].min, [to, other.to].max)

      # @param other [Interval]
      # @return [Boolean] whether they share a moment or one begins as the other ends
      def meets?(other) = from <= other.to && other.from <= to

      # @param other [Interval]
      # @return [Integer] the sooner first
      def <=>(other) = to_a <=> other.to_a

      def to_ary = to_a
    end
  end
end
