# frozen_string_literal: true

module UpClose
  module Timetable
    # Orders in which marks are worth laying: all of them for few marks, fewer the more
    # steps there are.
    module Orders
      ALL = 5
      FEW_BLOCKS = 260
      SHORT_STEPS = 80
      WORK = 1_000_000

      module_function

      # @param chains [Array<TaskChain>]
      # @return [Array<Array<TaskChain>>] a mark once, or each time one of its blocks is laid
      def call(chains)
        return [] if chains.empty?
        by_due = chains.sort_by { |c| [c.due || Float::INFINITY, -c.whole_s, c.id.to_s] }
        steps = chains.sum { |c| c.steps.size }
        every(chains) ||
          ((chains.size <= ALL && steps < SHORT_STEPS) ? by_due.permutation.to_a : likely(chains, by_due)
            .first((WORK / (steps**2 + 1)).clamp(1, 4)))
      end

      # by date, by slack, the longest first, the least by hand first
      def likely(chains, by_due)
        slack = chains.sort_by { |c| [(c.due || Float::INFINITY) - c.whole_s, c.id.to_s] }
        long = chains.sort_by { |c| [-c.whole_s, c.id.to_s] }
        [by_due, slack, long, chains.sort_by { |c| [c.hands_s, c.id.to_s] }].uniq
      end

      # all orders of the blocks of few and short marks; nil when they are too many
      def every(chains)
        factorial = ->(number) { (1..number).reduce(1, :*) }
        count = factorial[chains.sum { |c| c.blocks.size }] / chains.map { |c| factorial[c.blocks.size] }.reduce(1, :*)
        dealt([], chains.to_h { |c| [c, c.blocks.size] }) if count <= FEW_BLOCKS
      end

      # @param begun [Array<TaskChain>]  @param left [Hash{TaskChain => Integer}]  @return [Array<Array<TaskChain>>]
      def dealt(begun, left)
        rest = left.select { |_, many| many.positive? }
        if rest.empty?
          [begun]
        else
          rest.keys.flat_map { |chain| dealt(begun + [chain], left.merge(chain => left[chain] - 1)) }
        end
      end
    end
  end
end
