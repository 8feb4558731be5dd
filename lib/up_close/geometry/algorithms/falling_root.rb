# frozen_string_literal: true

module UpClose
  module Geometry
    module Algorithms
      # Where a continuous function falls through nought between two places: false
      # position, halving the weight of an end that stays (the Illinois rule,
      # M. Dowell and P. Jarratt, 1971).
      module FallingRoot
        MOST = 80

        module_function

        # @param low [Float] where the function is nought or more
        # @param high [Float] where it is below nought
        # @yield [Float] → Float
        # @return [Float] the largest place found at which it is nought or more
        def call(low, high, tolerance: 1e-10)
          at_low, at_high = yield(low), yield(high)
          return high if at_high >= 0
          kept = nil
          MOST.times do
            break if at_low < Tolerance::ZERO || high - low <= tolerance * high.abs
            value = yield(middle = between(low, high, at_low, at_high))
            if value >= 0
              low, at_low = middle, value
              at_high /= 2 if kept == :high
              kept = :high
            else
              high, at_high = middle, value
              at_low /= 2 if kept == :low
              kept = :low
            end
          end
          low
        end

        # @return [Float] where a secant crosses zero, or the middle where it leaves the interval
        def between(low, high, at_low, at_high)
          middle = low + (high - low) * at_low / (at_low - at_high)
          (middle > low && middle < high) ? middle : (low + high) / 2
        end
      end
    end
  end
end
