# frozen_string_literal: true

module UpClose
  module Costing
    # From how many good pieces on one way is cheaper than another, whole packs bought:
    # a dear pack that spoils less overtakes a cheap one sooner or later, or never.
    class BreakEven
      MOST = 1000

      # A way of doing it: packs to be bought whole, so many good pieces from one, and what each piece takes besides. Frozen.
      Way = Struct.new(:title, :pack_cents, :good_a_pack, :each_cents) do
        # @return [Rational] cents for so many good pieces
        def cost(pieces) = (pieces / good_a_pack.to_f - 1e-9).ceil * pack_cents + pieces * each_cents.to_r
      end

      # @param first [Way]  @param second [Way]
      def initialize(first, second)
        @first, @second = first, second
        freeze
      end

      # the number from which on the one dearer at first stays cheaper; nil: it never does
      # @return [Integer, nil]
      def pieces
        last = (1..MOST).select { |n| cheaper(n) != later }.max
        if last
          (last < MOST) ? last + 1 : nil
        else
          1
        end
      end

      # @return [Way] cheaper for very many
      def later = [@first, @second].min_by { |way| way.pack_cents / way.good_a_pack.to_r + way.each_cents.to_r }

      # @return [String]
      def words
        n = pieces
        return "#{later.title} is cheaper for any number" if n == 1
        return "#{sooner.title} is cheaper up to #{MOST} pieces" unless n
        "#{sooner.title} is cheaper at first; from #{n} pieces on, #{later.title.downcase}"
      end

      private

      def sooner = (later == @first) ? @second : @first

      # of equals, the later one
      def cheaper(count) = (@first.cost(count) == @second.cost(count)) ? later : [@first, @second].min_by { |way| way.cost(count) }
    end
  end
end
