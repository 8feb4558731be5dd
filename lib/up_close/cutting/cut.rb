# frozen_string_literal: true

module UpClose
  module Cutting
    # A line to cut along, about the middle of its copy's ink: one ring, and holes that are cut out as well. mm.
    # +outline+, +holes+: corners as pairs; +joined+ how many parts were made one; +bridged_mm+ the widest gap between
    # them; +closed+ how many holes were too small to cut; nil where there were none. Frozen.
    Cut = Value.define(:outline, :holes, :joined, :closed, :bridged_mm, keyword_init: true) do
      # @param hash [Hash] as +to_h+ gives it, keys perhaps strings
      def self.from_h(hash) = new(**hash.transform_keys(&:to_sym))

      # as it lies on a sheet where the mark prints turned
      def mirrored
        flip = ->(ring) { ring.map { |x, y| [-x, y] }.reverse }
        Cut.new(**to_h, outline: flip.call(outline), holes: holes.map(&flip))
      end

      # @return [Array<Array<Array(Float, Float)>>] the outline first
      def rings = [outline, *holes]

      # @return [Geometry::Region]
      def region = Geometry::Region.polygon(outline, holes)

      # @return [Geometry::Box]
      def box = Geometry::Box.around(outline.map { |x, y| Geometry::Point[x, y] })

      # @param map [Geometry::Transform]  @return [Array<Geometry::Path>] closed, as they lie on a sheet
      def paths(map) = rings.map { |ring| Geometry::Path.polygon(ring.map { |x, y| map.apply(Geometry::Point[x, y]) }) }
    end
  end
end
