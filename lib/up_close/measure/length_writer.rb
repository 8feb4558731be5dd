# frozen_string_literal: true

module UpClose
  module Measure
    # Writes lengths for reading: "38.0" in mm, "1 1/2" in inches where a 64th
    # is within 0.02 mm, else "1.496". Rounding happens here and nowhere else.
    class LengthWriter
      attr_reader :unit

      # @param unit [String] "mm" or "in"
      def initialize(unit = "mm")
        @unit = unit
        freeze
      end

      # @return [String] the bare figure
      def figure(mm)
        inches? ? inch_figure(mm / Length::INCH_MM) : format("%.1f", mm.round(1) + 0.0).sub("-0.0", "0.0").sub("-", "−")
      end

      # @return [String] figure and unit
      def with_unit(mm) = inches? ? "#{figure(mm)}\"" : "#{figure(mm)} mm"

      # @return [String] what a text field shows: exact enough to read back the same
      def field(mm)
        if inches?
          inch_figure(mm / Length::INCH_MM, places: 5, slack: 1e-4).sub("−", "-")
        else
          Working.number(mm, 3).sub("−", "-")
        end
      end

      # @return [String] "38.0 × 12.4"
      def pair(width_mm, height_mm) = "#{figure(width_mm)} × #{figure(height_mm)}"

      def inches? = unit == "in"

      private

      def inch_figure(inches, places: 3, slack: 0.05)
        sixty_fourths = (inches * 64).round
        if (inches * 64 - sixty_fourths).abs > slack || sixty_fourths.zero?
          return format("%.#{places}f", inches).sub("-", "−")
        end
        whole, part = sixty_fourths.abs.divmod(64)
        fraction = part.zero? ? nil : Rational(part, 64)
        text = [(whole unless whole.zero? && fraction), ("#{fraction.numerator}/#{fraction.denominator}" if fraction)]
          .compact
          .join(" ")
        sixty_fourths.negative? ? "−#{text}" : text
      end
    end
  end
end
