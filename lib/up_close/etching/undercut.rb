# frozen_string_literal: true

module UpClose
  module Etching
    # What a bath takes sideways under the resist: depth ÷ etch factor at each edge. What is covered grows narrower
    # by two of them, what is bare grows wider. Frozen.
    class Undercut
      attr_reader :depth_mm, :factor

      # @param depth_mm [Numeric] wanted  @param factor [Numeric] etch factor, above 0
      # @raise [Error] outside what is etched
      def initialize(depth_mm, factor: FACTOR)
        unless depth_mm.is_a?(Numeric) && DEPTHS_MM.cover?(depth_mm)
          raise Error.new(
            "A depth of #{depth_mm.inspect} mm is out of range.",
            remedy: "Give #{DEPTHS_MM.begin} to #{Working.number(DEPTHS_MM.end)} mm.", field: :depth
          )
        end
        @depth_mm, @factor = depth_mm.to_f, factor.to_f
        freeze
      end

      # @return [Float] mm, at one edge
      def side_mm = depth_mm / factor

      # what is left of a line that the resist covers
      # @param drawn_mm [Numeric]
      # @return [Float] mm; 0 where it is gone
      def line_mm(drawn_mm)
        left = drawn_mm - 2 * side_mm
        (left > Tolerance::ROUNDING) ? left : 0.0
      end

      # @param drawn_mm [Numeric] a gap in the resist
      # @return [Float] mm
      def gap_mm(drawn_mm) = drawn_mm + 2 * side_mm

      # how wide a line must be drawn so that so much is left
      # @param wanted_mm [Numeric]
      # @return [Float] mm
      def drawn_for(wanted_mm) = wanted_mm + 2 * side_mm

      # @return [Working]
      def working
        Working.new(
          "#{Working.number(depth_mm, 3)} mm ÷ #{Working.number(factor)} = #{Working.number(side_mm, 4)} mm " \
          "at each edge",
          source: "an etch factor of #{Working.number(FACTOR)} is a starting value: a strip test of yours replaces it"
        )
      end

      # @param drawn_mm [Numeric, nil] the thinnest line  @return [Finding]
      def finding(drawn_mm)
        return unless drawn_mm
        left = line_mm(drawn_mm)
        Finding.new(
          key: :undercut, title: "Thinnest line", verdict: verdict(drawn_mm), value: left, unit: "mm",
          figure: left.zero? ? "gone" : "#{Working.number(drawn_mm, 3)} → #{Working.number(left, 3)} mm",
          working: Working.new(
            "#{Working.number(drawn_mm, 3)} − 2 × #{Working.number(side_mm, 4)} = #{Working.number(left, 3)} mm; " \
            "#{working.formula}", source: working.source
          ),
          reason: reason(drawn_mm, left),
          remedy: (verdict(drawn_mm) == :fine) ? nil : "Draw it #{Working.number(drawn_for(drawn_mm), 3)} mm wide, " \
            "etch less deep, or choose another resist."
        )
      end

      private

      # a line that loses over half of itself is doubtful
      def verdict(drawn_mm)
        return :stop if line_mm(drawn_mm).zero?
        (line_mm(drawn_mm) < drawn_mm / 2) ? :watch : :fine
      end

      def reason(drawn_mm, left)
        return "The bath eats under it from both sides." if left.zero?
        "A line of #{Working.number(drawn_mm, 3)} mm leaves #{Working.number(left, 3)} mm standing, " \
        "#{Working.number(depth_mm, 3)} mm deep."
      end
    end
  end
end
