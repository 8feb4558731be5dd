# frozen_string_literal: true

module UpClose
  module Etching
    # A long etch in goes of the same length, none longer than the resist bears; between them it is rinsed, looked at
    # and touched up, and the bath's clock stands.
    module Laps
      module_function

      # @param seconds [Numeric] in the bath, above 0  @param most_s [Numeric] that the resist bears at a time
      # @return [Array<Float>] seconds of each
      def of(seconds, most_s: LAP_S)
        count = [(seconds / most_s.to_f - Tolerance::ROUNDING).ceil, 1].max
        Array.new(count) { seconds / count.to_f }
      end
    end
  end
end
