# frozen_string_literal: true

module UpClose
  module Tooling
    # A tip against a line: how deep it goes, how many passes side by side, how long that takes. Frozen.
    class Stroke
      # passes side by side lie over each other by so much of the tip's width
      OVERLAP = 0.2
      # shallower than this a V only scratches, mm
      SCRATCH_MM = 0.04

      attr_reader :tip, :line_mm, :length_mm

      # @param tip [Tip]  @param line_mm [Numeric] the line's width  @param length_mm [Numeric] of all of them
      def initialize(tip, line_mm:, length_mm:)
        @tip, @line_mm, @length_mm = tip, line_mm.to_f, length_mm.to_f
        freeze
      end

      # @return [Float, nil] mm
      def depth_mm = tip.depth_mm(line_mm)

      # @return [Integer] side by side; a V widens by going deeper
      def passes
        return 1 if tip.v? || tip.width_mm >= line_mm
        1 + ((line_mm - tip.width_mm) / (tip.width_mm * (1 - OVERLAP)) - Tolerance::ROUNDING).ceil
      end

      # what it leaves at least
      # @return [Float] mm
      def leaves_mm = tip.v? ? line_mm : [tip.width_mm, line_mm].max

      # @return [Float]
      def seconds = length_mm * passes / tip.mm_a_minute * 60

      # @return [Working]
      def working
        Working.new(
          "#{n(length_mm, 0)} mm × #{passes} ÷ #{tip.mm_a_minute} mm a minute = #{n(seconds / 60, 1)} min",
          source: "a starting value: your own pace replaces it"
        )
      end

      # @return [Finding]
      def finding
        Finding.new(
          key: :tip, title: "Tip and thinnest line", verdict: verdict, figure: figure, value: leaves_mm, unit: "mm",
          limit: line_mm, working: depth_working, reason: reason, remedy: remedy
        )
      end

      private

      def n(value, places = 2) = Working.number(value, places)

      def wide? = !tip.v? && tip.width_mm > line_mm + Tolerance::ROUNDING

      def scratch? = tip.v? && depth_mm < SCRATCH_MM

      def verdict
        return :watch if scratch?
        return :fine unless wide?
        (tip.width_mm > 1.5 * line_mm) ? :stop : :watch
      end

      def figure
        tip.v? ? "#{n(line_mm)} wide, #{n(depth_mm)} deep" : "#{n(tip.width_mm)} mm on #{n(line_mm)}"
      end

      def depth_working
        return unless tip.v?
        Working.new("#{n(line_mm)} ÷ (2 × tan(#{tip.angle_deg}° ÷ 2)) = #{n(depth_mm)} mm deep")
      end

      def reason
        return "It only scratches, and that wears off." if scratch?
        return "It leaves #{n(tip.width_mm)} mm where #{n(line_mm)} is drawn." if wide?
        if tip.v?
          "A V cut gets wider as it gets deeper. Watch the width and the depth follows."
        else
          "#{passes} #{(passes == 1) ? "pass" : "passes side by side"}."
        end
      end

      def remedy
        return "Use a wider V, or draw the line wider." if scratch?
        wide? ? "Use a finer tip, or draw the lines wider." : nil
      end
    end
  end
end
