# frozen_string_literal: true

module UpClose
  module Statistics
    # How sure it is that one share is larger than another: the integral of one's density times the other's
    # distribution, by the middles of equal steps.
    module LargerShare
      STEPS = 120

      module_function

      # @param one [Beta]  @param other [Beta]
      # @return [Float] 0..1
      def call(one, other)
        shares = Array.new(STEPS) { |i| (i + 0.5) / STEPS }
        weights = shares.map { |share| Math.exp(one.log_density(share)) }
        weights.zip(shares).sum { |weight, share| weight * other.cdf(share) } / weights.sum
      end
    end
  end
end
