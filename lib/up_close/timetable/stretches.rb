# frozen_string_literal: true

module UpClose
  module Timetable
    # Rounds that follow each other without a break, told as one stretch of work.
    module Stretches
      # a break shorter than this is none
      BREAK_S = 60

      module_function

      # @param entries [Array<Plan::Entry>] in order of time
      # @return [Array<Plan::Entry>]
      def call(entries)
        entries.group_by { |e| e.chain.id }.values.flat_map { |own| of_one(own) }
          .sort_by { |e| [e.from, e.to, e.chain.id.to_s] }
      end

      # @param entries [Array<Plan::Entry>] of one chain
      def of_one(entries)
        entries.chunk_while { |one, other| together?(one, other) }
          .map { |list| (list.size > 1) ? joined(list) : list.first }
      end

      # @return [Boolean] rounds of one lot, without a break between
      def together?(one, other)
        one.step.turn && one.step.round == other.step.round && one.step.lot == other.step.lot &&
          other.from - one.to < BREAK_S
      end

      # @param list [Array<Plan::Entry>] two or more  @return [Plan::Entry]
      def joined(list)
        first, last = list.first, list.last
        title = "Pieces #{first.step.turn} to #{last.step.turn} of #{first.step.turns}"
        Plan::Entry.new(
          chain: first.chain, step: first.step.with(title: title, least_s: list.sum { |e| e.step.least_s }),
          from: first.from, to: last.to, pieces: [Interval.new(first.from, last.to)], why: first.why,
          waited_s: first.waited_s
        )
      end
      private_class_method :of_one, :together?, :joined
    end
  end
end
