# frozen_string_literal: true

module UpClose
  module Charts
    # Values laid evenly between two pixels. Frozen.
    Scale = Value.define(:from, :to, :low, :high) do
      # @param value [Numeric]  @return [Float] pixels
      def call(value)
        return low.to_f if to == from
        (low + (value - from) / (to - from).to_f * (high - low)).round(2)
      end
    end
  end
end
