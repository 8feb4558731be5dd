# frozen_string_literal: true

module Devices
  module Simulated
    # A thermometer and hygrometer on the shop's wall: cool mornings, warm late
    # afternoons, one week milder than the next; damper when cooler. Its own error is
    # hidden, as a cheap one's is.
    class RoomMeter
      include Device

      Reading = Struct.new(:temperature_c, :humidity, :at)
      MIDDLE_C = 18.5
      DAY_C = 2.2
      WARMEST_H = 16
      FORTNIGHT_C = 1.8
      DAMP = 56
      ERROR_C = 0.3

      def name = "The room meter"

      private

      # @param at [Time]
      # @return [Reading] to a tenth of a degree and a whole per cent, as its display shows them
      def carry_out(at:)
        refuse("The meter keeps no readings.", "Ask for one moment.") unless at.is_a?(Time)
        hour = at.hour + at.min / 60.0
        days = at.to_f / 86_400
        swing =
          DAY_C * Math.cos(2 * Math::PI * (hour - WARMEST_H) / 24) + FORTNIGHT_C * Math.sin(2 * Math::PI * days / 14)
        Reading.new((MIDDLE_C + ERROR_C + swing).round(1), (DAMP - 3 * swing).round, at)
      end
    end
  end
end
