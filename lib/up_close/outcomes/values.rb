# frozen_string_literal: true

module UpClose
  module Outcomes
    # Small sums over lists of figures.
    module Values
      module_function

      # @return [Array<Float>] how each differs, for each unit of +by+
      def difference(there, here, by) = there.zip(here).map { |a, b| (a - b) / by }

      # @return [Float] the sum of products
      def dot(one, other)
        sum = 0.0
        one.each_with_index { |value, i| sum += value * other[i] }
        sum
      end

      # @return [Array<Float>] the same, of mean 0 and spread 1
      def evened(values)
        mean = values.sum / values.size
        off = values.map { |value| value - mean }
        spread = Math.sqrt([off.sum { |value| value * value } / off.size, Tolerance::SLIGHT].max)
        off.map { |value| value / spread }
      end
    end
  end
end
