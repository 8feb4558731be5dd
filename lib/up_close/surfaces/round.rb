# frozen_string_literal: true

module UpClose
  module Surfaces
    # How far round a mark goes, and what one glance sees of it.
    class Round
      OVERLAP_MM = 2

      # @param wide [Float] mm along the round  @param once_round [Float] mm there
      # @param box [Geometry::Box] of the placed ink on the unrolled shape
      def initialize(wide, once_round, box)
        @wide, @once_round, @box = wide, once_round, box
      end

      # degrees of the circle it covers
      def degrees = 360.0 * @wide / @once_round

      # @param writer [Measure::LengthWriter]  @return [Finding]
      def finding(writer)
        seen = degrees <= 2 * Curved::GLANCE_DEG
        Finding.new(
          key: :round,
          title: "Goes round",
          verdict: seen ? :fine : :watch,
          figure: "#{Working.number(degrees, 1)}°",
          value: degrees,
          unit: "°",
          limit: 2 * Curved::GLANCE_DEG,
          working: Working.new(
            "360 × #{Working.number(@wide)} ÷ #{Working.number(@once_round)} = #{Working.number(degrees, 1)}°; at " \
            "its ends it looks narrowed to cos #{Working.number(degrees / 2, 1)}° = " \
              "#{Working.number(Math.cos([degrees / 2, 90].min * Math::PI / 180))}",
            source: "±#{Curved::GLANCE_DEG.round}° for one glance is a starting value"
          ),
          reason: seen ? "All of it can be read at one glance from the front." : "At one glance from the front you " \
            "see " \
            "#{Working.number(2 * Curved::GLANCE_DEG)}°.",
          remedy: seen ? nil : "Keep words within #{writer.with_unit(@once_round * 2 * Curved::GLANCE_DEG / 360)}, " \
            "or let it go on round the piece."
        )
      end
    end
  end
end
