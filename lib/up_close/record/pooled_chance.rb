# frozen_string_literal: true

module UpClose
  module Record
    # The chance that a try succeeds, from what was expected, from tries by other ways of the same method, and from this
    # way's own. Ways of one method are alike, and not the same: however many tries others have, they count for no more
    # than ALIKE of its own (credibility after Bühlmann and Straub, 1970). With nothing of other ways on record, what
    # was expected counts as 4 tries. Frozen.
    class PooledChance
      # so many tries would tell as much of a way as all that its method knows
      ALIKE = 12.0
      # what was expected counts as so many tries of the method
      EXPECTED = 6.0

      # Hits and tries of one way. Frozen.
      Counted = Value.define(:good, :tried)

      attr_reader :own, :others, :expected

      # @param expected [Float] above 0, at most 1  @param own [Array(Numeric, Numeric)] good, tried
      # @param others [Array<Array(Numeric, Numeric)>] the same of other ways of this method
      def initialize(expected, own: [0, 0], others: [])
        @expected = expected.clamp(0.001, 0.999)
        @own = Counted.new(*own)
        @others = others.map { |counts| Counted.new(*counts) }.select { |counted| counted.tried.positive? }.freeze
        freeze
      end

      # what is expected of this way before its own tries
      # @return [Float]
      def prior = (EXPECTED * expected + others.sum { |counted| share(counted) * counted.good }) / method_weight

      # as how many tries that counts
      # @return [Float] 4 with nothing of others, at most ALIKE
      def weight = 1 / (1 / method_weight + 1 / ALIKE)

      # @return [Statistics::Beta]
      def belief = Statistics::Beta.about(prior, weight).after(own.good, own.tried - own.good)

      def mean = belief.mean

      # @return [Array(Float, Float)] where the chance lies, 9 times in 10
      def interval = belief.interval(Statistics::SURE)

      # of so many more tries
      # @return [Array(Integer, Integer, Float)] from, to, and how sure
      def of_next(tries) = Statistics::BetaBinomial.new(belief, tries).range(Statistics::SURE)

      # "7 of 10 came out; most likely 4 to 9 of the next 10 (9 times in 10)"
      def words(tries = 10)
        from, to, = of_next(tries)
        begun = own.tried.zero? ? "No tries yet" : "#{own.good} of #{own.tried} came out"
        range = (from == to) ? from.to_s : "#{from} to #{to}"
        "#{begun}; most likely #{range} of the next #{tries} (9 times in 10)"
      end

      # @return [Working]
      def working
        begun = others.any? ? pooled_words : n(expected)
        return Working.new(begun, source: STARTING) if own.tried.zero?
        Working.new(
          "(#{others.any? ? n(prior) : begun} × #{n(weight)} + #{own.good}) ÷ (#{n(weight)} + #{own.tried}) = " \
          "#{n(mean)}#{"; #{n(prior)}: #{begun}" if others.any?}",
          source: "#{own.good} of #{own.tried} on record succeeded; #{others_words}a starting value of " \
            "#{n(expected)} counts as #{n(others.any? ? EXPECTED : weight)} more"
        )
      end

      private

      STARTING = "starting values: your record will replace them"
      private_constant :STARTING

      # what one try of another way counts
      def share(counted) = 1 / (1 + counted.tried / ALIKE)

      def method_weight = EXPECTED + others.sum { |counted| share(counted) * counted.tried }

      def pooled_words
        parts = others.map { |counted| "#{n(share(counted))} × #{counted.good}" }
        tried = others.map { |counted| "#{n(share(counted))} × #{counted.tried}" }
        "(#{n(expected)} × #{n(EXPECTED)} + #{parts.join(" + ")}) ÷ " \
          "(#{n(EXPECTED)} + #{tried.join(" + ")}) = #{n(prior)}"
      end

      def others_words
        return "" if others.empty?
        "#{others.sum(&:good)} of #{others.sum(&:tried)} by other ways of this method count for #{n(weight)} together; "
      end

      def n(value) = Working.number(value)
    end
  end
end
