# frozen_string_literal: true

module Devices
  module Simulated
    # A bath, and a gauge that tells how deep it has etched. It is slower than any table says, warms as it works, and
    # ages: all of that is hidden, so that a strip test and a look between laps have something to find.
    class EtchingBath
      include Device

      # what the gauge shows
      Reading = Struct.new(:depth_um, :temperature_c, :minutes)
      SLOWER = 0.78
      WARMS_C = 1.5
      # of its strength it loses so much in an hour, down to the least
      AGES_AN_HOUR = 0.04
      LEAST_STRENGTH = 0.3
      WARMED_IN_S = 2400.0
      STEP_S = 60.0
      MOST_S = 90 * 3600
      GAUGE_UM = 1.0

      def name = "The simulated bath"

      private

      # @param bath [Class] an UpClose::Etching::Bath  @param metal [UpClose::Etching::Metal]
      # @param seconds [Numeric]  @param temperature_c [Numeric] as it begins  @param motion [Symbol]
      # @return [Reading] to a micrometre
      def carry_out(bath:, metal:, seconds:, temperature_c: UpClose::Etching::Bath::TOLD_C, motion: :moved)
        unless seconds.between?(1, MOST_S)
          refuse("Nothing can be measured after that time.", "Leave it in for a minute or more.")
        end
        refuse("This bath does not eat #{metal.title}.", "Use one that suits it.") if bath.against(metal)
        depth = depth_um(bath, metal, seconds, temperature_c, motion)
        Reading.new(gauge(depth), warmth(temperature_c, seconds).round(1), seconds / 60.0)
      end

      # summed minute by minute
      def depth_um(bath, metal, seconds, begun_c, motion)
        whole, rest = seconds.divmod(STEP_S)
        minutes = Array.new(whole.to_i) { |i| [(i + 0.5) * STEP_S, 1.0] } + [[seconds - rest / 2, rest / STEP_S]]
        minutes.sum do |minute, share|
          rate = bath.rate(metal, temperature_c: warmth(begun_c, minute), motion: motion, taken_g_l: 0)
          SLOWER * strength(minute) * share * rate
        end
      end

      def warmth(begun_c, seconds) = begun_c + WARMS_C * (1 - Math.exp(-seconds / WARMED_IN_S))

      def strength(seconds) = [1 - AGES_AN_HOUR * seconds / 3600, LEAST_STRENGTH].max

      def gauge(um) = (um / GAUGE_UM).round * GAUGE_UM
    end
  end
end
