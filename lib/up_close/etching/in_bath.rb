# frozen_string_literal: true

module UpClose
  module Etching
    # A metal in a bath, as warm, as moved and as used as it is. A bath slows as it takes up metal, this plate's too:
    # with the plate's bare area A, density ρ, volume V and capacity H, depth d grows as
    # dd/dt = r (f − ρAd ÷ VH), f being how fresh it began; so t = −ln(1 − ρAd ÷ VHf) × VH ÷ (ρA r). Frozen.
    class InBath
      attr_reader :bath, :metal, :temperature_c, :motion, :taken_g_l, :area_mm2, :strip

      # @param bath [Class] a Bath  @param metal [Metal]  @param temperature_c [Numeric]
      # @param motion [Symbol] of Bath::MOTION  @param taken_g_l [Numeric] metal it has taken up before
      # @param area_mm2 [Numeric, nil] bare: artwork, back and edges; nil: the plate's own metal is left out
      # @param ml [Numeric, nil] poured; nil: what is needed
      # @param strip [StripTest, nil] of this bath as it is now: its rate replaces the starting value
      # @raise [Errors::Unsuitable] for a metal it does not eat  @raise [Error]
      def initialize(bath:, metal:, temperature_c: Bath::TOLD_C, motion: :moved, taken_g_l: 0, area_mm2: nil, ml: nil,
        strip: nil)
        @bath, @metal, @temperature_c, @motion = bath, metal, temperature_c, motion
        @taken_g_l, @area_mm2, @ml, @strip = taken_g_l, area_mm2, ml, strip
        refuse("An area of #{area_mm2.inspect} mm²", "more than nothing", :area) if area_mm2 && !area_mm2.positive?
        refuse("A bath of #{ml.inspect} ml", "more than nothing", :ml) if ml && !ml.positive?
        starting_rate
        freeze
      end

      # @return [Float] µm a minute, as it begins: the strip's, or the starting value
      def rate = strip ? strip.rate : starting_rate

      # @return [Float] µm a minute, without a strip test
      def starting_rate = bath.rate(metal, temperature_c: temperature_c, motion: motion, taken_g_l: taken_g_l)

      # @param depth_mm [Numeric]
      # @return [Float] g of metal
      def grams(depth_mm) = area_mm2 ? metal.mass_g(area_mm2, depth_mm) : 0.0

      # @param depth_mm [Numeric]
      # @return [Float] ml
      def volume_ml(depth_mm) = @ml || bath.volume_ml(grams(depth_mm), plate_mm2: area_mm2 || 0, taken_g_l: taken_g_l)

      # the share of what the bath can still take up that this plate takes
      # @param depth_mm [Numeric]
      # @return [Float]
      def used_up(depth_mm) = grams(depth_mm) / (volume_ml(depth_mm) / 1000.0 * (bath.holds_g_l - taken_g_l))

      # @param depth_mm [Numeric]
      # @return [Float] seconds
      # @raise [Errors::Unsuitable] where the bath is spent before
      def time_s(depth_mm)
        spent(depth_mm) if used_up(depth_mm) >= 1
        fresh_s(depth_mm) * slowed(depth_mm)
      end

      # plates like this one that are etched before the bath is spent
      # @param depth_mm [Numeric]
      # @return [Integer, nil] nil without an area
      def plates(depth_mm)
        bath.plates(grams(depth_mm), volume_ml(depth_mm), taken_g_l: taken_g_l) if area_mm2
      end

      # @param depth_mm [Numeric]  @return [Working] of the time
      def working(depth_mm)
        slower = slowed(depth_mm)
        Working.new(
          "#{rate_words}; #{Working.number(depth_mm * 1000, 1)} µm ÷ #{Working.number(rate, 3)}" \
          "#{" × #{Working.number(slower, 3)} for the metal it takes up" if slower > 1.0005} " \
          "= #{Working.number(time_s(depth_mm) / 60, 1)} min",
          source: strip ? "your strip test" : "a starting value: a strip test of yours replaces it"
        )
      end

      # @param depth_mm [Numeric]
      # @return [Finding, nil] whether there is enough of it; nil without an area
      def finding(depth_mm)
        return unless area_mm2
        share = used_up(depth_mm)
        verdict = spends(share)
        Finding.new(
          key: :bath_volume, title: "Amount of bath", verdict: verdict,
          figure: "#{Working.number(volume_ml(depth_mm), 0)} ml", value: volume_ml(depth_mm), unit: "ml",
          working: volume_working(depth_mm),
          reason: "The plate gives it #{Working.number(grams(depth_mm), 2)} g of metal; " \
            "#{Working.number(share * 100, 0)} % of what it can take up.",
          remedy: (verdict == :fine) ? nil : "Pour #{Working.number(needed_ml(depth_mm).ceil, 0)} ml, or mix it fresh."
        )
      end

      private

      def rate_words
        return strip.working.formula if strip
        "#{Working.number(bath.rates[metal.key])} µm/min × 2^((#{Working.number(temperature_c, 1)} − " \
          "#{Working.number(Bath::TOLD_C)}) ÷ #{Working.number(Bath::DOUBLES_C)}) × " \
          "#{Working.number(Bath::MOTION.fetch(motion))} #{motion} × " \
          "#{Working.number(bath.freshness(taken_g_l))} fresh = #{Working.number(rate, 3)} µm/min"
      end

      # fresh, as if its own metal did nothing
      def fresh_s(depth_mm) = depth_mm * 1000 / rate * 60

      # −ln(1 − x) ÷ x, 1 where x is nothing
      def slowed(depth_mm)
        share = used_up(depth_mm)
        (share < Tolerance::ROUNDING) ? 1.0 : -Math.log(1 - share) / share
      end

      def spends(share)
        return :stop if share >= 1
        (share > Bath::SPENT_AT + Tolerance::ROUNDING) ? :watch : :fine
      end

      def needed_ml(depth_mm) = bath.volume_ml(grams(depth_mm), plate_mm2: area_mm2, taken_g_l: taken_g_l)

      def volume_working(depth_mm)
        Working.new(
          "#{Working.number(area_mm2, 1)} mm² × #{Working.number(depth_mm, 3)} mm × " \
          "#{Working.number(metal.density)} g/cm³ = #{Working.number(grams(depth_mm), 3)} g; a litre takes up " \
          "#{Working.number(bath.holds_g_l)} g#{" less #{Working.number(taken_g_l)} g" if taken_g_l.positive?}, " \
          "used to #{Working.number(Bath::SPENT_AT * 100)} %; #{Working.number(Bath::LIES_MM)} mm deep over it and " \
          "#{Bath::LEAST_ML} ml at least", source: "a starting value"
        )
      end

      def spent(depth_mm)
        raise Errors::Unsuitable.new(
          "#{bath.title}: #{Working.number(volume_ml(depth_mm), 0)} ml is used up before it is that deep.",
          remedy: "Pour #{Working.number(needed_ml(depth_mm).ceil, 0)} ml, or mix it fresh.", field: :ml
        )
      end

      def refuse(what, range, field)
        raise Error.new("#{what} is out of range.", remedy: "Give #{range}.", field: field)
      end
    end
  end
end
