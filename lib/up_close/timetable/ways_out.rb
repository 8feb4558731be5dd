# frozen_string_literal: true

module UpClose
  module Timetable
    # What would bring a late mark to its date, the cheapest first: done before the
    # others, one evening more, a quicker school or sealer. Each is planned, not guessed.
    class WaysOut
      # Frozen.
      Way = Value.define(:words, :ready)
      MOST_DAYS = 40

      # @param hours [Hours]
      # @param chains [Array<TaskChain>] all of them
      # @param planner [Hash] what Planner takes besides hours
      # @param zone [#at, #date_of]
      def initialize(hours, chains, zone:, **planner)
        @hours, @chains, @zone, @planner = hours, chains, zone, planner
      end

      # @param chain [TaskChain] late  @param quicker [Array<Array(String, TaskChain)>] the same mark by other schools
      # @param most [Integer] ways wanted
      # @return [Array<Way>] that are in time; all that were tried, soonest first, when none is
      def call(chain, quicker: [], most: 3)
        tried = [first(chain), evening(chain), *quicker.map { |words, other| instead(words, chain, other) }].compact
        in_time = tried.select { |way| way.ready <= chain.due }
        (in_time.any? ? in_time : tried.sort_by(&:ready)).first(most)
      end

      private

      def plan(hours, order) = Planner.new(hours, **@planner).laid(order)

      def way(words, hours, order, chain) = plan(hours, order).ready(chain)&.then { |ready| Way.new(words, ready) }

      def first(chain)
        way("do it before all others", @hours, [chain, *(@chains - [chain])], chain) if @chains.size > 1
      end

      # on the first day that brings it in time; else on the first day there is
      def evening(chain)
        today = @zone.date_of(@planner[:from])
        days = (today..[@zone.date_of(chain.due), today + MOST_DAYS].min).select { |date| @hours.pattern(date).empty? }
        ways = days.filter_map do |date|
          way(
            "one evening more, on #{date.strftime("%A %-d %B")}",
            @hours.with(date, [Hours::EVENING]),
            [chain, *(@chains - [chain])],
            chain
          )
        end
        ways.find { |w| w.ready <= chain.due } || ways.min_by(&:ready)
      end

      def instead(words, chain, other) = way(words, @hours, [other, *(@chains - [chain])], other)
    end
  end
end
