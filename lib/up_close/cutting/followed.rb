# frozen_string_literal: true

module UpClose
  module Cutting
    # A line that follows ink at an exact distance, as a knife can: one piece, no corner sharper than a radius, no
    # hole too small for a blade. Nowhere is it nearer to the ink than asked; it is further off only where it rounds
    # a corner, closes a notch or bridges two parts (dilation and closing by discs: J. Serra, Image Analysis and
    # Mathematical Morphology, 1982).
    class Followed
      # chords leave their arcs by less, mm
      FINE_MM = 0.002
      # a corner that lies so little outside a rounder one is round enough, mm
      SHARP_MM = 0.005
      MOST_CORNERS = 400
      # film narrower than this tears when it is slid off: a starting value
      NECK_MM = 2.0

      # @param ink [Geometry::Region] mm  @param around_mm [Float]  @param least_radius_mm [Float]
      # @param blade_mm [Float] across
      def initialize(ink, around_mm:, least_radius_mm:, blade_mm:)
        @ink, @around, @radius, @blade = ink, [around_mm, 0.01].max, least_radius_mm, blade_mm
      end

      # @return [Geometry::Region] one part, perhaps with holes
      def region = @region ||= without_small_holes.simpler(FINE_MM)

      # @return [Integer] parts that were made one
      def joined = bridges.parts_joined

      # @return [Float, nil] mm, the widest gap that film bridges
      def bridged_mm = bridges.widest_mm

      # @return [Integer] holes too small to cut
      def closed = small_holes.size

      private

      def grown = @grown ||= @ink.grown(@around, quarter: Geometry::Region::FINE_QUARTER).simpler(FINE_MM)

      def bridges = @bridges ||= Bridged.new(grown, neck_mm: [2 * @radius, NECK_MM].max)

      # corners that point inwards are closed, those that point outwards are given discs to run round
      def smooth
        @smooth ||= (bridges.region + round_tips).closed(@radius).parts.max_by(&:area)
      end

      # Where a disc of the radius does not reach: one is laid so that its far side touches the tip.
      # @return [Geometry::Region]
      def round_tips
        return Geometry::Region.none if @around >= @radius
        core = bridges.region.opened(@radius)
        return Geometry::Region.none if core.empty?
        tips = (bridges.region - core).parts.select { |part| part.area > SHARP_MM**2 }.first(MOST_CORNERS)
        Geometry::Region.union(tips.filter_map { |part| disc_at(part, core) } << Geometry::Region.none)
      end

      def disc_at(tip, core)
        points = tip.rings.first.map { |x, y| Geometry::Point[x, y] }
        far, off = points.map { |point| [point, core.distance_from(point)] }.max_by(&:last)
        return if off < SHARP_MM
        way = (far - core.nearest(far)).unit
        Geometry::Region.disc(far - way * @radius, @radius)
      end

      def small_holes
        @small_holes ||= smooth.rings.drop(1).select { |ring| small?(Geometry::Region.polygon(ring)) }
      end

      # @param hole [Geometry::Region]  @return [Boolean] no circle as wide as the blade needs lies in it
      def small?(hole)
        box = hole.box
        [box.width, box.height].min < @blade ||
          hole.shrunk(@blade / 2, quarter: Geometry::Region::QUARTER).empty?
      end

      def without_small_holes
        outline, *holes = smooth.rings
        Geometry::Region.polygon(outline, holes - small_holes)
      end
    end
  end
end
