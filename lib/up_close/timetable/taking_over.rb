# frozen_string_literal: true

module UpClose
  module Timetable
    # What was laid for an earlier order is taken over as far as the next order begins the same, and not searched for
    # again: part of Planner. A mark's place depends on those laid before it alone, so the plan is the one laid anew.
    module TakingOver
      # orders that are remembered
      KEPT = 24

      # A mark as it was laid whole.
      # @!attribute chain [TaskChain]  @!attribute held [Hash] what the oven's door was held for
      # @!attribute entries [Array<Plan::Entry>]  @!attribute problem [Plan::Problem, nil]
      Laid = Value.define(:chain, :held, :entries, :problem)

      private

      # @param order [Array<TaskChain>] each named once
      def lay_whole(order)
        known, same = likest(order)
        known.first(same).each { |laid| put_again(laid) }
        order.drop(same).each { |chain| chain.blocks.size.times { lay(chain) } }
        remember(known, order)
      end

      # @return [Array(Array<Laid>, Integer)] the remembered order that begins most like this one, and how far
      def likest(order)
        (@orders ||= []).map { |known| [known, alike(known, order)] }.max_by(&:last) || [[], 0]
      end

      def alike(known, order)
        known.zip(order).take_while { |laid, chain| laid.chain.equal?(chain) && laid.held == held_for(chain) }.size
      end

      def held_for(chain) = @held.empty? ? @held : @held.select { |(id, _), _| id == chain.id }

      def put_again(laid)
        laid.entries.each { |entry| book(entry) }
        @state[laid.chain.id].entries.concat(laid.entries)
        @problems << laid.problem if laid.problem
      end

      def remember(known, order)
        problems = @problems.to_h { |problem| [problem.chain, problem] }
        laid = order.map do |chain|
          Laid.new(chain, held_for(chain), @state[chain.id].entries.dup.freeze, problems[chain])
        end
        @orders = (@orders.reject { |order_laid| order_laid.equal?(known) } + [known, laid]).reject(&:empty?).last(KEPT)
      end
    end
  end
end
