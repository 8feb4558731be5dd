# frozen_string_literal: true

module UpClose
  module Tooling
    # Where a carved edge runs across the grain, the wood splits past it: there a stop cut comes first.
    class StopCuts
      # across the grain from this angle on, degrees
      ACROSS_DEG = 40.0

      # @param region [Geometry::Region] what is carved, mm  @param grain_deg [Numeric] of the grain, from x towards y
      def initialize(region, grain_deg:)
        @region = region
        @way = Geometry::Transform.turn(grain_deg).apply(Geometry::Point[1, 0])
      end

      # @return [Array<Array<Geometry::Point>>] stretches that want one, each from corner to corner
      def call
        @region.rings.flat_map { |ring| stretches(ring.map { |x, y| Geometry::Point[x, y] }) }
      end

      # @return [Float] mm
      def length_mm = call.sum { |points| points.each_cons(2).sum { |from, to| from.distance(to) } }

      # @return [Float] mm of all edges
      def edge_mm = @region.shape.length

      # @return [Finding]
      def finding
        share = edge_mm.zero? ? 0 : length_mm / edge_mm
        Finding.note(
          :stop_cuts, "Stop cuts first", figure: "#{Working.number(length_mm, 0)} mm", value: length_mm, unit: "mm",
          working: Working.new("#{Working.number(share * 100, 0)} % of #{Working.number(edge_mm, 0)} mm runs over " \
            "#{Working.number(ACROSS_DEG, 0)}° across the grain"),
          reason: "Cut these upright before you carve up to them."
        )
      end

      private

      def stretches(ring)
        ring.each_with_index.map { |point, i| [ring[i - 1], point] }
          .slice_when { |one, other| across?(*one) != across?(*other) }
          .select { |run| across?(*run.first) }
          .map { |run| [run.first.first, *run.map(&:last)] }
      end

      def across?(from, to)
        way = (to - from).unit
        Math.asin([way.cross(@way).abs, 1.0].min) * 180 / Math::PI >= ACROSS_DEG
      end
    end
  end
end
