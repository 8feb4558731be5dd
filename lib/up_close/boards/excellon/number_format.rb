# frozen_string_literal: true

module UpClose
  module Boards
    module Excellon
      # How coordinates are written in a drill file: with a point, or digits with zeros left out at one end.
      class NumberFormat
        # whole digits and decimals where a file does not say
        DIGITS = {1.0 => [3, 3], Measure::Length::INCH_MM => [2, 4]}.freeze

        attr_accessor :unit_mm, :trailing_left_out, :digits

        def initialize
          @unit_mm = Measure::Length::INCH_MM
        end

        # @param text [String] "METRIC,LZ,000.000", or a comment such as ";FILE_FORMAT=2:4"
        def read(text)
          @unit_mm = 1.0 if text.match?(/\AMETRIC|\AM71/)
          @unit_mm = Measure::Length::INCH_MM if text.match?(/\AINCH|\AM72/)
          @trailing_left_out = true if text.match?(/,LZ/)
          @trailing_left_out = false if text.match?(/,TZ/)
          pattern = text[/0+\.0+/]
          @digits = pattern.split(".").map(&:size) if pattern
          told = text.match(/FORMAT=\{?(\d):(\d)/) and @digits = told.captures.map(&:to_i)
        end

        # @param text [String]  @return [Float] mm
        def mm(text)
          return Figure.of(text) * unit_mm if text.include?(".")
          whole, decimals = digits || DIGITS.fetch(unit_mm)
          sign = text.slice(/\A[+-]/).to_s
          text = sign + text.delete_prefix(sign).ljust(whole + decimals, "0") if trailing_left_out
          text.to_i * unit_mm / 10**decimals
        end
      end
    end
  end
end
