# frozen_string_literal: true

module UpClose
  module Timetable
    # When each step of each mark begins and ends. Frozen.
    class Plan
      # A step in its place: pieces are the intervals in which it is done; why says what it waited for.
      Entry = Struct.new(:chain, :step, :from, :to, :pieces, :why, :waited_s, keyword_init: true) do
        def hands? = !step.wait?
      end

      # Something that could not be planned, and the way out. Frozen.
      Problem = Value.define(:chain, :reason, :remedy)

      attr_reader :entries, :problems

      # @param entries [Array<Entry>]  @param problems [Array<Problem>]
      def initialize(entries, problems)
        @entries, @problems = entries.sort_by { |e| [e.from, e.to, e.chain.id.to_s] }.freeze, problems.freeze
        @by_chain = @entries.group_by { |e| e.chain.id }.freeze
        freeze
      end

      # @param chains [Array<TaskChain>]
      # @return [Plan] of these alone
      def only(chains)
        ids = chains.map(&:id).to_set
        Plan.new(entries.select { |e| ids.include?(e.chain.id) }, problems.select { |p| ids.include?(p.chain.id) })
      end

      # @param chain [TaskChain]  @return [Array<Entry>]
      def of(chain) = @by_chain.fetch(chain.id, [])

      # @return [Numeric, nil] when a mark is ready; nil when it could not be planned
      def ready(chain) = of(chain).map(&:to).max

      # @return [Numeric, nil] when its first step begins
      def start(chain) = of(chain).map(&:from).min

      # seconds past the date it is wanted
      def late_s(chain) = (chain.due && ready(chain)) ? [ready(chain) - chain.due, 0].max : 0

      def finish = entries.map(&:to).max

      # what one waits for in all, seconds by reason
      # @return [Hash{Symbol => Numeric}]
      def waits(chain)
        of(chain).group_by { |e| e.why.first }.transform_values { |list| list.sum(&:waited_s) }.select { |_, s| s > 0 }
      end

      # less is better: nothing left out, little lateness, soon done
      def cost(chains) = [problems.size, chains.sum { |c| late_s(c) }, finish || 0, chains.sum { |c| ready(c) || 0 }]
    end
  end
end
