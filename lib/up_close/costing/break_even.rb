# frozen_string_literal: true

module UpClose
  module Costing
    # From how many good pieces on one way is cheaper than another, whole packs bought:
    # a dear pack that spoils less overtakes a cheap one sooner or later, or never.
    class BreakEven
      MOST = 1000

      # A way of doing it: packs to be bought whole, so many good pieces
      # from one, and what each piece takes besides. Frozen.
      Way = Value.define(:title, :pack_cents, :good_a_pack, :each_cents) do
        # @return [Rational] cents for so many good pieces
        def cost(pieces)
          packs = (pieces / good_a_pack.to_f - Tolerance::ROUNDING).ceil
          packs * pack_cents + pieces * each_cents.to_r
        end

        # @return [Rational] cents a piece, of very many
        def rate = pack_cents / good_a_pack.to_r + each_cents.to_r
      end

      # @return [Way] cheaper for very many
      attr_reader :later

      # @param first [Way]  @param second [Way]
      def initialize(first, second)
        @later, @sooner = [first, second].sort_by.with_index { |way, i| [way.rate, i] }
        freeze
      end

      # the number from which on the one dearer at first stays cheaper; nil: it never does
      # @return [Integer, nil]
      def pieces
        last = settled_by.downto(1).find { |n| @sooner.cost(n) < later.cost(n) }.to_i
        last + 1 if last < MOST
      end

      # @return [String]
      def words
        n = pieces
        return "#{later.title} is cheaper for every number" if n == 1
        return "#{@sooner.title} is cheaper up to #{MOST} pieces" unless n
        "#{@sooner.title} is cheaper at first; from #{n} pieces on, #{later.title.downcase}"
      end

      private

      # a pack begun costs at most a pack more than its share: past so many it matters no longer
      def settled_by
        apart = @sooner.rate - later.rate
        apart.zero? ? MOST : [(later.pack_cents / apart).ceil, MOST].min
      end
    end
  end
end
