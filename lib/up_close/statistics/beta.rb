# frozen_string_literal: true

module UpClose
  module Statistics
    # What is believed of a share after so many hits and misses: a beta distribution. Frozen.
    class Beta
      # of the continued fraction
      TINY = 1e-300
      NEAR = 1e-13
      MOST_TERMS = 400
      TURNS = 80
      CLOSE = 1e-13
      # from so many tries on a normal distribution comes within half a hundredth
      MANY = 120
      # standard deviations either way that hold nine tenths
      NINE_TENTHS = 1.6449

      attr_reader :hits, :misses

      # @param hits [Numeric] above 0  @param misses [Numeric] above 0
      def initialize(hits, misses)
        @hits, @misses = hits.to_f, misses.to_f
        raise ArgumentError, "a beta distribution wants figures above 0" unless @hits.positive? && @misses.positive?
        freeze
      end

      # @param mean [Float] above 0, below 1  @param weight [Numeric] so many attempts
      # @return [Beta]
      def self.about(mean, weight) = new(mean * weight, (1 - mean) * weight)

      def weight = hits + misses

      def mean = hits / weight

      def variance = mean * (1 - mean) / (weight + 1)

      # @return [Beta] after so many more
      def after(hits, misses) = Beta.new(@hits + hits, @misses + misses)

      # The chance that the share is +share+ or less: the regularised incomplete beta function by its continued
      # fraction (Press and others, Numerical Recipes, 6.4).
      # @param share [Float] 0..1  @return [Float] 0..1
      def cdf(share)
        return 0.0 if share <= 0
        return 1.0 if share >= 1
        front = Math.exp(log_front + hits * Math.log(share) + misses * Math.log(1 - share))
        return front * fraction(hits, misses, share) / hits if share < (hits + 1) / (weight + 2)
        1 - front * fraction(misses, hits, 1 - share) / misses
      end

      # By Newton's method, kept between two shares that are known to lie on either side.
      # @param part [Float] 0..1  @return [Float] the share that is not passed with this chance
      def quantile(part)
        low, high, share = 0.0, 1.0, mean
        TURNS.times do
          off = cdf(share) - part
          (off < 0) ? low = share : high = share
          step = off / Math.exp(log_density(share))
          nearer = share - step
          return nearer if step.abs < CLOSE && nearer.between?(low, high)
          share = nearer.between?(low, high) ? nearer : (low + high) / 2
        end
        share
      end

      # @param sure [Float]  @return [Array(Float, Float)] the middle of it
      def interval(sure = 0.9) = [(1 - sure) / 2, (1 + sure) / 2].map { |part| quantile(part) }

      # The same for a picture: of many tries, by the normal distribution that comes near to it.
      # @return [Array(Float, Float)]
      def drawn_interval
        return interval if weight < MANY
        reach = NINE_TENTHS * Math.sqrt(variance)
        [mean - reach, mean + reach].map { |share| share.clamp(0.0, 1.0) }
      end

      # @return [Float] up to a constant factor, its logarithm; for adding up over shares
      def log_density(share) = log_front + (hits - 1) * Math.log(share) + (misses - 1) * Math.log(1 - share)

      private

      def log_front = Math.lgamma(weight).first - Math.lgamma(hits).first - Math.lgamma(misses).first

      # by Lentz's method
      def fraction(a, b, x)
        c = 1.0
        d = 1 / away(1 - (a + b) * x / (a + 1))
        sum = d
        (1..MOST_TERMS).each do |m|
          [even(a, b, x, m), odd(a, b, x, m)].each do |term|
            d = 1 / away(1 + term * d)
            c = away(1 + term / c)
            sum *= d * c
          end
          break if (d * c - 1).abs < NEAR
        end
        sum
      end

      def even(a, b, x, m) = m * (b - m) * x / ((a + 2 * m - 1) * (a + 2 * m))

      def odd(a, b, x, m) = -(a + m) * (a + b + m) * x / ((a + 2 * m) * (a + 2 * m + 1))

      def away(value) = (value.abs < TINY) ? TINY : value
    end
  end
end
