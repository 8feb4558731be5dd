# frozen_string_literal: true

module UpClose
  module Surfaces
    # A place on the piece where no ink may lie: a screw, a knot, a hole, a rim.
    # Frozen.
    class KeepOut
      attr_reader :kind, :centre, :width, :height, :words

      KINDS = {"disc" => "round", "box" => "square-cornered"}.freeze

      # @param kind [String] "disc" (width across) or "box"
      # @param x [Float] mm right of the middle  @param y [Float] mm below it
      def initialize(kind:, x:, y:, width:, height: width, words: "")
        @kind, @centre, @width, @height, @words = kind, Geometry::Point[x, y], width.to_f, height.to_f, words
        freeze
      end

      # @param hash [Hash] as +to_h+ gives it  @return [KeepOut]
      def self.from_h(hash) = new(**hash.transform_keys(&:to_sym).slice(:kind, :x, :y, :width, :height, :words))

      def to_h = {kind: kind, x: centre.x, y: centre.y, width: width, height: height, words: words}

      # @see Identity
      def identity = to_h

      # @return [KeepOut] on the other flank
      def mirrored = KeepOut.from_h(to_h.merge(x: -centre.x))

      def disc? = kind == "disc"

      def box = Geometry::Box.new(x: centre.x - width / 2, y: centre.y - height / 2, width: width, height: height)

      # @param ink [Placing::PlacedInk]
      # @return [Float] mm between, negative when ink lies on it
      def clearance_of(ink)
        return ink.distance_from(centre) - width / 2 if disc?
        ink.distance_from_box(box)
      end

      # signed distance from a point, positive outside it
      def outside_distance(point)
        return point.distance(centre) - width / 2 if disc?
        dx, dy = (point.x - centre.x).abs - width / 2, (point.y - centre.y).abs - height / 2
        Math.hypot([dx, 0].max, [dy, 0].max) + [dx, dy].max.clamp(..0)
      end

      def path
        disc? ? Geometry::Shapes.ellipse(centre.x, centre.y, width / 2, width / 2) : Geometry::Shapes.rectangle(box)
      end

      # the same with +by+ mm all round
      def grown(by)
        if disc?
          KeepOut.new(kind: kind, x: centre.x, y: centre.y, width: width + 2 * by)
        else
          KeepOut.new(kind: kind, x: centre.x, y: centre.y, width: width + 2 * by, height: height + 2 * by)
        end
      end
    end
  end
end
