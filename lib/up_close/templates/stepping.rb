# frozen_string_literal: true

module UpClose
  module Templates
    # A strip that divides a rim or a run into equal steps: ticks at every edge and middle, ends as chosen; between
    # corners whole units, mitred there; and the whole as a table. mm. Frozen.
    class Stepping
      include SteppingStrip

      LONGEST_MM = 20_000.0
      # how a run ends; a rim has none
      ENDS = {
        "whole" => "a whole unit at either end", "half" => "half a unit at either end",
        "centred" => "a unit on the middle of the run", "dart" => "units as asked, a plain dart at either end"
      }.freeze

      # a tick: how far along, what it says, how long it is
      Tick = Value.define(:at_mm, :words, :long)
      # a unit: its number, where it begins and ends; cut off where the run ends
      Unit = Value.define(:number, :from_mm, :to_mm) do
        def middle_mm = (from_mm + to_mm) / 2
      end

      attr_reader :run_mm, :ends, :wanted_mm

      # @param run_mm [Float] of the run, or once round a rim  @param wanted_mm [Float] the unit as it was asked for
      # @param corners [Array<Float>] where the run turns a corner, mm along it  @param ends [String] of ENDS
      # @raise [Error]
      def initialize(run_mm:, wanted_mm:, round: false, corners: [], ends: "whole")
        unless run_mm.between?(1, LONGEST_MM) && wanted_mm.between?(0.5, run_mm)
          raise Error.new("A run of #{Working.number(run_mm)} mm is not stepped by #{Working.number(wanted_mm)} mm.",
            remedy: "Give a unit shorter than the run.", field: :wanted)
        end
        @run_mm, @wanted_mm, @round, @corners = run_mm.to_f, wanted_mm.to_f, round, corners.sort
        @ends = round ? "whole" : ends
        freeze
      end

      # @return [Integer] of the whole, a unit at either end counted though it is cut in half
      def count = units.size

      # Whole units only; of the first stretch, where corners make several.
      # @return [Float] mm
      def unit_mm = unit_of(*stretches.first)

      # how much each is squeezed, or stretched when more than nought
      # @return [Float] share
      def squeezed = unit_mm / @wanted_mm - 1

      # @return [Working]
      def working
        long = stretches.first.then { |from, to| to - from }
        return dart_working(long) if ends == "dart"
        how_many = (ends == "centred") ? "nearest odd number to" : "round"
        number = number_of(long)
        Working.new(
          "#{how_many}(#{n(long)} ÷ #{n(@wanted_mm)}) = #{number}; " \
          "#{n(long)} ÷ #{number} = #{n(unit_mm, 3)} mm each, #{squeezed_words}"
        )
      end

      # stretches between corners, each with whole units of its own
      # @return [Array<Array(Float, Float)>] from, to
      def stretches = [0.0, *@corners.select { |corner| corner > 0 && corner < run_mm }, run_mm].each_cons(2).to_a

      # @return [Array<Unit>]
      def units
        all = stretches.flat_map { |from, to| places(from, to) }
        all.each_with_index.map { |(from, to), i| Unit.new(i + 1, from, to) }
      end

      # @return [Array<Tick>] edges and middles of all units, and corners
      def ticks
        edges = units.flat_map { |unit| [unit.from_mm, unit.to_mm] }.uniq { |edge| edge.round(6) }
        all = edges.each_with_index.map { |edge, i| Tick.new(edge, i.to_s, true) }
        middles = units.map { |unit| Tick.new(unit.middle_mm, "", false) }
        corners = @corners.map { |corner| Tick.new(corner, "corner", true) }
        (all + middles + corners).sort_by(&:at_mm)
      end

      # @return [Array<Array(Integer, Float, Float, Float)>] unit, where it begins, its middle, its end
      def table = units.map { |unit| [unit.number, unit.from_mm, unit.middle_mm, unit.to_mm] }

      # @return [String] "0.4 % squeezed"
      def squeezed_words = "#{n(squeezed.abs * 100, 1)} % #{squeezed.negative? ? "squeezed" : "stretched"}"

      private

      def places(from, to)
        unit = unit_of(from, to)
        first = from + offset(to - from, unit)
        Array.new(places_in(to - from)) do |i|
          [[first + i * unit, from].max, [first + (i + 1) * unit, to].min]
        end
      end

      # half a unit outside where one is cut in half, a dart inside
      def offset(long, unit)
        return -unit / 2 if ends == "half"
        (ends == "dart") ? (long - number_of(long) * unit) / 2 : 0.0
      end

      # two halves are two places
      def places_in(long) = number_of(long) + ((ends == "half") ? 1 : 0)

      def unit_of(from, to) = (ends == "dart") ? @wanted_mm : (to - from) / number_of(to - from)

      def number_of(long)
        many = long / @wanted_mm
        case ends
        when "dart" then [(many + Tolerance::ROUNDING).floor, 1].max
        when "centred" then [((many - 1) / 2).round, 0].max * 2 + 1
        else [many.round, 1].max
        end
      end

      def dart_working(long)
        number = number_of(long)
        Working.new("#{number} of #{n(@wanted_mm)} mm; (#{n(long)} − #{number} × #{n(@wanted_mm)}) ÷ 2 = " \
          "#{n((long - number * @wanted_mm) / 2)} mm of dart at either end")
      end

      def n(value, places = 2) = Working.number(value, places)
    end
  end
end
