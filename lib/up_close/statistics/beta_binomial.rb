# frozen_string_literal: true

module UpClose
  module Statistics
    # How many of the next tries succeed, when what is known of the chance is a beta distribution. Frozen.
    class BetaBinomial
      # @param belief [Beta]  @param tries [Integer] 1 or more
      def initialize(belief, tries)
        @belief, @tries = belief, tries
        freeze
      end

      # @return [Array<Float>] the chance of none, one, … all
      def chances
        whole = log_beta(@belief.hits, @belief.misses)
        (0..@tries).map do |k|
          Math.exp(log_choose(k) + log_beta(@belief.hits + k, @belief.misses + @tries - k) - whole)
        end
      end

      # The fewest neighbouring numbers that together hold at least +sure+; of several, the likeliest.
      # @param sure [Float]
      # @return [Array(Integer, Integer, Float)] from, to, and what they hold
      def range(sure = 0.9)
        all = chances
        (1..all.size).each do |width|
          from = (0..all.size - width).max_by { |start| all[start, width].sum }
          held = all[from, width].sum
          return [from, from + width - 1, held] if held >= sure || width == all.size
        end
      end

      private

      def log_choose(k) = lgamma(@tries + 1) - lgamma(k + 1) - lgamma(@tries - k + 1)

      def log_beta(a, b) = lgamma(a) + lgamma(b) - lgamma(a + b)

      def lgamma(value) = Math.lgamma(value).first
    end
  end
end
