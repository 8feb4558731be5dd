# frozen_string_literal: true

module UpClose
  module Templates
    # How a stepping strip is cut and marked: part of Stepping.
    module SteppingStrip
      HIGH_MM = 20.0
      TICK_MM = 6.0

      # @param units [Integer, nil] so many of them; nil: all
      # @return [Hash{String => Array<Geometry::Path>}] CUT, SCORE and MARK
      def layers(units: nil)
        long = units ? self.units[[units, count].min - 1].to_mm : run_mm
        inside = ticks.select { |tick| tick.at_mm <= long + Tolerance::ROUNDING }
        {
          "CUT" => [strip(long)], "SCORE" => [line(0, HIGH_MM / 2, long, HIGH_MM / 2)],
          "MARK" => inside.map { |tick| mark(tick) } + mitres(long)
        }
      end

      private

      def mark(tick) = line(tick.at_mm, 0, tick.at_mm, tick.long ? TICK_MM : TICK_MM / 2)

      # its ends square, or slanted so that the two ends of a rim's strip lie side by side
      def strip(long)
        slant = @round ? HIGH_MM / 4 : 0
        Geometry::Path.polygon([[0, 0], [long, 0], [long + slant, HIGH_MM], [slant, HIGH_MM]]
          .map { |x, y| Geometry::Point[x, y] })
      end

      # both ways at 45° from a corner's tick
      def mitres(long)
        @corners.select { |corner| corner <= long }
          .flat_map { |corner| [-1, 1].map { |side| line(corner, 0, corner + side * HIGH_MM, HIGH_MM) } }
      end

      def line(x0, y0, x1, y1)
        Geometry::Path.new([[:move, Geometry::Point[x0, y0]], [:line, Geometry::Point[x1, y1]]])
      end
    end
  end
end
