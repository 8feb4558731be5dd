# frozen_string_literal: true

module UpClose
  module Cutting
    # Parts made one by the shortest bridges of film: a minimum spanning tree over the gaps between them (Kruskal,
    # Proceedings of the AMS 7, 1956). A bridge is what a closing by a disc fills between two parts.
    class Bridged
      # more parts than this are joined all at once by their hull
      MOST_PARTS = 250
      TOUCHING_MM = 1e-6

      attr_reader :widest_mm

      # @param region [Geometry::Region]  @param neck_mm [Float] how wide a bridge is at least
      def initialize(region, neck_mm:)
        @whole, @neck = region, neck_mm
        @parts = region.parts
        @widest_mm = tree.map(&:first).max if several? && !hull?
      end

      # @return [Geometry::Region] of one part
      def region
        @region ||= if hull?
          @whole.hull
        else
          several? ? Geometry::Region.union([@whole, *tree.map { |gap, a, b| bridge(gap, a, b) }]) : @whole
        end
      end

      # @return [Integer] 0 where there was one from the start
      def parts_joined = several? ? @parts.size : 0

      private

      def several? = @parts.size > 1

      def hull? = @parts.size > MOST_PARTS

      # @return [Array<Array(Float, Integer, Integer)>] gap in mm, and the two parts it lies between
      def tree
        @tree ||= begin
          root = (0...@parts.size).to_a
          gaps.sort_by(&:first).select do |_, a, b|
            next if root[a] == root[b]
            from, to = root[b], root[a]
            root.map! { |value| (value == from) ? to : value }
          end
        end
      end

      def gaps
        (0...@parts.size).to_a.combination(2).map { |a, b| [@parts[a].distance(@parts[b]), a, b] }
      end

      # What a closing fills between both, as wide as their facing edges are long; and a strip, so that it holds.
      def bridge(gap, a, b)
        pair = @parts[a] + @parts[b]
        filled = pair.closed(gap / 2 + @neck / 2, quarter: Geometry::Region::QUARTER) - pair
        between = filled.parts.select { |part| [a, b].all? { |i| part.distance(@parts[i]) < TOUCHING_MM } }
        Geometry::Region.union([strip(@parts[a], @parts[b]), *between])
      end

      # between the two nearest points, within what a band round both would hold
      def strip(one, other)
        Geometry::Region.stroke(one.nearest_points(other), @neck) & (one + other).hull
      end
    end
  end
end
