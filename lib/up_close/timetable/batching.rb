# frozen_string_literal: true

module UpClose
  module Timetable
    # Bakes brought together: the oven's door is held for what comes soon and could
    # go in with it, as long as that is better for all.
    class Batching
      MOST = 12

      # @param planner [Planner]  @param chains [Array<TaskChain>]
      def initialize(planner, chains)
        @planner, @chains = planner, chains
      end

      # @param plan [Plan]  @param order [Array<TaskChain>] it was laid in
      # @return [Plan] as good or better
      def call(plan, order)
        held, tried = {}, []
        MOST.times do
          pair = (apart(plan) - tried).first or break
          tried << pair
          wait = held.merge(until_both(*pair))
          other = @planner.laid(order, held: wait)
          plan, held, tried = other, wait, [] if (other.cost(@chains) <=> plan.cost(@chains)) == -1
        end
        plan
      end

      private

      # one bake and the next that waited for it and would have gone in with it
      # @return [Array<Array(Plan::Entry, Plan::Entry)>]
      def apart(plan)
        baked = plan.entries.select { |e| e.step.place == :oven && e.step.wait? }
        baked.each_cons(2).select do |pair|
          pair.last.from == pair.first.to && pair.last.waited_s > 0 && alike?(pair) && fit?(pair)
        end
      end

      def alike?(pair) = pair.map { |e| [e.step.temperature_c, e.step.least_s] }.uniq.one?

      def fit?(pair) = pair.sum { |e| @planner.need(e.chain, e.step) } <= @planner.holds(:oven)

      def until_both(first, second) = {[first.chain.id, first.step.key] => second.from - second.waited_s}
    end
  end
end
