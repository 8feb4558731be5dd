# frozen_string_literal: true

module UpClose
  module Costing
    # What a good copy costs (handbook, “Cost and comparison”): what goes into every copy, spoilt or not,
    # divided by the chance that one comes out; what goes onto good ones alone; and,
    # when the maker values time, the hands. Cents, not rounded. Frozen.
    class Estimate
      # One thing paid for. every: for spoilt copies too. cents: nil when its price is not known. Frozen.
      Line = Value.define(:title, :cents, :every, :working)

      attr_reader :lines, :chance

      # @param lines [Array<Line>]  @param chance [Float] above 0
      # @param hands_s [Numeric] by hand for one copy  @param hour_cents [Integer] 0: time costs nothing
      def initialize(lines, chance:, hands_s: 0, hour_cents: 0)
        @lines, @chance, @hands_s, @hour_cents = lines.freeze, chance, hands_s, hour_cents
        freeze
      end

      # @return [Array<String>] what has no price yet
      def unpriced = lines.reject(&:cents).map(&:title)

      # @return [Rational]
      def per_copy = known.select(&:every).sum(0r) { |line| line.cents.to_r } + labour

      def labour = @hands_s.to_r / 3600 * @hour_cents

      # @return [Rational]
      def per_good = per_copy / @chance.to_r + known.reject(&:every).sum(0r) { |line| line.cents.to_r }

      # @return [Working]
      def working
        every, once = known.partition(&:every)
        parts = [
          *every.map { |line| Working.number(line.cents.to_f / 100, 3) },
          ("#{Working.number(labour.to_f / 100, 2)} for your time" if labour.positive?)
        ].compact
        Working.new(
          "(#{parts.empty? ? "0" : parts.join(" + ")}) ÷ " \
          "#{Working.number(chance)}#{once.map { |line| " + #{Working.number(line.cents.to_f / 100, 3)}" }.join} = " \
            "#{Working.number(per_good.to_f / 100, 3)} a good one",
          source: unpriced.any? ? "no price yet: #{unpriced.join(", ")}" : nil
        )
      end

      private

      def known = lines.select(&:cents)
    end
  end
end
