# frozen_string_literal: true

module UpClose
  module Templates
    # A strip that steps a unit along a rim or a run: ticks at every edge and middle, ends as they were chosen, mitres
    # at corners; and the whole as a table. mm. Frozen.
    class Stepping
      HIGH_MM = 20.0
      TICK_MM = 6.0
      LONGEST_MM = 20_000.0

      # a tick: how far along, what it says, how long it is
      Tick = Value.define(:at_mm, :words, :long)

      attr_reader :count, :run_mm

      # @param run_mm [Float] of the run, or once round a rim  @param wanted_mm [Float] the unit as it was asked for
      # @param corners [Array<Float>] where the run turns a corner, mm along it
      # @raise [Error]
      def initialize(run_mm:, wanted_mm:, round: false, corners: [])
        unless run_mm.between?(1, LONGEST_MM) && wanted_mm.between?(0.5, run_mm)
          raise Error.new("A run of #{Working.number(run_mm)} mm is not stepped by #{Working.number(wanted_mm)} mm.",
            remedy: "Give a unit shorter than the run.", field: :wanted)
        end
        @run_mm, @wanted_mm, @round, @corners = run_mm.to_f, wanted_mm.to_f, round, corners.sort
        @count = [(run_mm / wanted_mm).round, 1].max
        freeze
      end

      # whole units only
      # @return [Float] mm
      def unit_mm = run_mm / count

      # @return [Working]
      def working
        Working.new(
          "round(#{n(run_mm)} ÷ #{n(@wanted_mm)}) = #{count}; #{n(run_mm)} ÷ #{count} = #{n(unit_mm, 3)} mm each"
        )
      end

      # @return [Array<Tick>] edges and middles of all units, and corners
      def ticks
        edges = (0..count).map { |i| Tick.new(i * unit_mm, i.to_s, true) }
        middles = Array.new(count) { |i| Tick.new((i + 0.5) * unit_mm, "", false) }
        corners = @corners.map { |at| Tick.new(at, "corner", true) }
        (edges + middles + corners).sort_by(&:at_mm)
      end

      # @return [Array<Array(Integer, Float, Float, Float)>] unit, where it begins, its middle, its end
      def table = Array.new(count) { |i| [i + 1, i * unit_mm, (i + 0.5) * unit_mm, (i + 1) * unit_mm] }

      # @param units [Integer, nil] so many of them; nil: all
      # @return [Hash{String => Array<Geometry::Path>}] CUT, SCORE and MARK
      def layers(units: nil)
        long = (units || count) * unit_mm
        inside = ticks.select { |tick| tick.at_mm <= long + 1e-9 }
        {
          "CUT" => [strip(long)], "SCORE" => [line(0, HIGH_MM / 2, long, HIGH_MM / 2)],
          "MARK" => inside.map { |tick| mark(tick) } + mitres(long)
        }
      end

      private

      def mark(tick) = line(tick.at_mm, 0, tick.at_mm, tick.long ? TICK_MM : TICK_MM / 2)

      def n(value, places = 2) = Working.number(value, places)

      # its ends square, or slanted so that the two ends of a rim's strip lie side by side
      def strip(long)
        slant = @round ? HIGH_MM / 4 : 0
        Geometry::Path.polygon([[0, 0], [long, 0], [long + slant, HIGH_MM], [slant, HIGH_MM]]
          .map { |x, y| Geometry::Point[x, y] })
      end

      # both ways at 45° from a corner's tick
      def mitres(long)
        @corners.select { |at| at <= long }
          .flat_map { |at| [-1, 1].map { |side| line(at, 0, at + side * HIGH_MM, HIGH_MM) } }
      end

      def line(x0, y0, x1, y1)
        Geometry::Path.new([[:move, Geometry::Point[x0, y0]], [:line, Geometry::Point[x1, y1]]])
      end
    end
  end
end
