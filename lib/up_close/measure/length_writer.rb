# frozen_string_literal: true

module UpClose
  module Measure
    # Writes lengths for reading: "38.0" in mm; in inches the nearest fraction a rule shows, "1 1/2", or "1.496" where
    # decimals are chosen. Short lengths, of which a fraction would say too little, are decimals too. Rounding happens
    # here and nowhere else.
    class LengthWriter
      # as a maker chooses: the finest part of an inch, or decimals
      FRACTIONS = {"64" => 64, "32" => 32, "decimal" => nil}.freeze
      # inches; below it a length is written with decimals unless it is a fraction to within the slack
      SHORT_IN = 0.25
      # shares of the finest part; nearer than that a length is the fraction itself
      SLACK = 0.05

      attr_reader :unit

      # @param unit [String] "mm" or "in"  @param fractions [String] a key of FRACTIONS
      def initialize(unit = "mm", fractions: "64")
        @unit, @parts = unit, FRACTIONS.fetch(fractions)
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
          exact_inches(mm / Length::INCH_MM).sub("−", "-")
        else
          Working.number(mm, 3).sub("−", "-")
        end
      end

      # @return [String] "38.0 × 12.4"
      def pair(width_mm, height_mm) = "#{figure(width_mm)} × #{figure(height_mm)}"

      def inches? = unit == "in"

      private

      # for reading
      def inch_figure(inches)
        return decimal(inches, 3) if @parts.nil?
        near = (inches * @parts).round
        short = inches.abs < SHORT_IN && (inches * @parts - near).abs > SLACK
        (short || near.zero?) ? decimal(inches, 3) : fraction(near, @parts)
      end

      # for a field: exact, or decimals
      def exact_inches(inches)
        near = (inches * 64).round
        ((inches * 64 - near).abs > 1e-4 || near.zero?) ? decimal(inches, 5) : fraction(near, 64)
      end

      def decimal(inches, places) = format("%.#{places}f", inches).sub("-", "−")

      def fraction(near, parts)
        whole, part = near.abs.divmod(parts)
        rest = part.zero? ? nil : Rational(part, parts)
        text = [(whole unless whole.zero? && rest), ("#{rest.numerator}/#{rest.denominator}" if rest)].compact.join(" ")
        near.negative? ? "−#{text}" : text
      end
    end
  end
end
