# frozen_string_literal: true

module UpClose
  module Etching
    # Metal taken off by current: depth = I t m ÷ (F ρ A) × efficiency, m being the alloy's equivalent (Faraday's
    # law; F = 96 485 C/mol). The area is all that is bare: the artwork's, and back and edges where they are not
    # masked. Frozen.
    class Current
      FARADAY = 96_485.0
      # of the charge goes into metal: a starting value, corrected by a strip test
      EFFICIENCY = 0.9
      AMPS = (0.001..20.0)
      CAUTIONS = %i[etchant current spent_open].freeze

      # @return [Array<Symbol>] keys of Cautions, as a Bath has them
      def self.cautions = CAUTIONS

      attr_reader :metal, :amps, :area_mm2, :efficiency

      # The current that a supply is set to: the most that etches cleanly there, or what it gives where that is less.
      # @param limit [Numeric] A, of the supply  @param metal [Metal]  @param area_mm2 [Numeric]
      # @return [Float] A
      def self.within(limit, metal:, area_mm2:)
        most = metal.current_a_dm2 ? metal.current_a_dm2.end * area_mm2 / 10_000 : limit
        [limit.to_f, most].min.clamp(AMPS.begin, AMPS.end)
      end

      # @param metal [Metal]  @param amps [Numeric]  @param area_mm2 [Numeric] bare  @param efficiency [Float] 0..1
      # @raise [Errors::Unsuitable] for a metal that is never etched so  @raise [Error]
      def initialize(metal:, amps:, area_mm2:, efficiency: EFFICIENCY)
        if metal.current_refusal
          raise Errors::Unsuitable.new(metal.current_refusal, remedy: "Use a bath that suits it.", field: :amps)
        end
        refuse("#{amps.inspect} A", "#{AMPS.begin} to #{AMPS.end.to_i} A", :amps) unless AMPS.cover?(amps)
        refuse("An area of #{area_mm2.inspect} mm²", "more than nothing", :area) unless area_mm2.to_f.positive?
        @metal, @amps, @area_mm2, @efficiency = metal, amps.to_f, area_mm2.to_f, efficiency.to_f
        freeze
      end

      # @param seconds [Numeric]
      # @return [Float] mm
      def depth_mm(seconds)
        grams = amps * seconds * metal.equivalent_g / FARADAY * efficiency
        grams / metal.density * 1000 / area_mm2
      end

      # @param depth_mm [Numeric]
      # @return [Float] seconds
      def time_s(depth_mm) = depth_mm / depth_mm(1.0)

      # @return [Float] A/dm²
      def density_a_dm2 = amps / (area_mm2 / 10_000)

      # @param _depth_mm [Numeric, nil] alike for every depth
      # @return [Finding] whether that current suits the area
      def finding(_depth_mm = nil)
        range = metal.current_a_dm2
        verdict = range.cover?(density_a_dm2) ? :fine : :watch
        right = [range.begin, range.end].map { |a| Working.number(a * area_mm2 / 10_000, 2) }
        Finding.new(
          key: :current_density, title: "Current for its area", verdict: verdict,
          figure: "#{Working.number(density_a_dm2)} A/dm²", value: density_a_dm2, unit: "A/dm²", limit: range.end,
          working: Working.new(
            "#{Working.number(amps, 3)} A ÷ #{Working.number(area_mm2 / 10_000, 4)} dm²; " \
            "#{Working.number(range.begin)} to #{Working.number(range.end)} A/dm²", source: "starting values"
          ),
          reason: reason(range), remedy: (verdict == :fine) ? nil : "Set the supply to #{right.join(" to ")} A."
        )
      end

      # @param depth_mm [Numeric]  @return [Working] of the time
      def working(depth_mm)
        Working.new(
          "#{Working.number(depth_mm, 4)} mm × #{Working.number(area_mm2, 1)} mm² × #{Working.number(metal.density)} " \
          "g/cm³ × 96 485 C ÷ (#{Working.number(metal.equivalent_g, 3)} g × #{Working.number(amps, 3)} A × " \
          "#{Working.number(efficiency)}) = #{Working.number(time_s(depth_mm), 0)} s",
          source: "an efficiency of #{Working.number(EFFICIENCY)} is a starting value; " \
            "volts follow from bath and distance"
        )
      end

      private

      def reason(range)
        return "Even, clean edges." if range.cover?(density_a_dm2)
        (density_a_dm2 > range.end) ? "Too much current heats the bath and pits the metal." : "Too little is slow, " \
          "and eats unevenly."
      end

      def refuse(what, range, field)
        raise Error.new("#{what} does not etch.", remedy: "Give #{range}.", field: field)
      end
    end
  end
end
