# frozen_string_literal: true

module UpClose
  module Artwork
    # Where an artwork leaves ink, in its own units (drawing units or pixels). Frozen.
    #
    # +box+ is the ink's own box; +hull+ its convex hull; +centroid+ its weighted
    # middle; +rows+ a silhouette of rectangles [x, y, width, height], each touched by ink.
    class Ink
      attr_reader :box, :hull, :centroid, :rows

      # the hull is kept to a fifty-thousandth of the ink's size: 1 µm in 50 mm
      HULL_SHARE = 2e-5

      def initialize(box:, hull:, centroid:, rows: [])
        @box, @centroid, @rows = box, centroid, rows.freeze
        @hull = Geometry::Algorithms::ThinOut.call(hull, [box.width, box.height].max * HULL_SHARE).freeze
        freeze
      end

      # height ÷ width
      def aspect = box.height / box.width

      # @see Identity
      def identity = [box, hull, centroid, rows]

      def to_h
        {box: box.to_a, hull: hull.map(&:to_a), centroid: centroid.to_a, rows: rows}
      end

      # @param hash [Hash] as +to_h+ gives it, keys perhaps strings  @return [Ink]
      def self.from_h(hash)
        hash = hash.transform_keys(&:to_sym)
        x, y, width, height = hash[:box]
        new(
          box: Geometry::Box.new(x: x, y: y, width: width, height: height),
          hull: hash[:hull].map { |p| Geometry::Point.new(*p) },
          centroid: Geometry::Point.new(*hash[:centroid]),
          rows: hash[:rows] || []
        )
      end
    end
  end
end
