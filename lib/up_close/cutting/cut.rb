# frozen_string_literal: true

module UpClose
  module Cutting
    # A line to cut along, about the middle of its copy's ink: one ring, and holes that are cut out as well. mm.
    # +outline+, +holes+: corners as pairs; +joined+ how many parts were made one; +bridged_mm+ the widest gap between
    # them; +closed+ how many holes were too small to cut; +slits+ cuts from the edge inwards that let it close up over
    # a body, two ends each; nil where there were none. Frozen.
    Cut = Value.define(:outline, :holes, :joined, :closed, :bridged_mm, :slits, keyword_init: true) do
      # @param hash [Hash] as +to_h+ gives it, keys perhaps strings
      def self.from_h(hash) = new(**hash.transform_keys(&:to_sym))

      # as it lies on a sheet where the mark prints turned
      def mirrored
        flip = ->(ring) { ring.map { |x, y| [-x, y] }.reverse }
        Cut.new(**to_h, outline: flip.call(outline), holes: holes.map(&flip), slits: slits&.map(&flip))
      end

      # @return [Array<Array<Array(Float, Float)>>] the outline first
      def rings = [outline, *holes]

      # @return [Geometry::Region]
      def region = Geometry::Region.polygon(outline, holes)

      # @return [Geometry::Box]
      def box = Geometry::Box.around(outline.map { |x, y| Geometry::Point[x, y] })

      # @param map [Geometry::Transform]
      # @return [Array<Geometry::Path>] as they lie on a sheet: closed, and after them the slits
      def paths(map)
        closed = rings.map { |ring| Geometry::Path.polygon(moved(ring, map)) }
        closed + slits.to_a.map do |slit|
          from, to = moved(slit, map)
          Geometry::Path.new([[:move, from], [:line, to]])
        end
      end

      # every line to cut, corners as they lie on a sheet
      # @param map [Geometry::Transform]  @return [Array<Array<Geometry::Point>>]
      def lines(map) = [*rings.map { |ring| [*ring, ring.first] }, *slits].map { |line| moved(line, map) }

      # @return [Array<Geometry::Point>]
      def moved(points, map) = points.map { |x, y| map.apply(Geometry::Point[x, y]) }
      private :moved
    end
  end
end
