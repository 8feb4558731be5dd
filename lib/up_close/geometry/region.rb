# frozen_string_literal: true

require "ffi-geos"

module UpClose
  module Geometry
    # An area with its holes, moved out, joined, cut and measured by GEOS. Frozen.
    class Region
      QUARTER = 24

      # @param regions [Array<Region>]
      def self.union(regions)
        new(Geos.create_geometry_collection(regions.map { |region| region.shape.clone }).unary_union)
      end

      attr_reader :shape

      # @param outline [Array<Array(Numeric, Numeric)>]  @param holes [Array<Array<Array(Numeric, Numeric)>>]
      def self.polygon(outline, holes = []) = new(Geos::WkbReader.new.read(Wkb.polygon([outline, *holes])))

      # @return [Region] of nothing
      def self.none = new(Geos::WkbReader.new.read(Wkb.none))

      # @param centre [Point]  @param radius [Float]  @return [Region] its corners on the circle, four times QUARTER
      def self.disc(centre, radius)
        new(Geos.create_point(centre.x, centre.y).buffer(radius, quad_segs: QUARTER))
      end

      # @param points [Array<Point>] two or more  @param width [Float]  @return [Region] with round ends and corners
      def self.stroke(points, width)
        new(Geos::WkbReader.new.read(Wkb.line(points.map(&:to_a))).buffer(width / 2, quad_segs: QUARTER))
      end

      CURVE_MM = 0.002

      # @param path [Path] closed  @return [Region] what an odd number of its rings surrounds
      def self.of_path(path)
        path.flatten(CURVE_MM).map { |points, _| polygon(points.map(&:to_a)) }.reduce(:^) || none
      end

      # @param box [Box]
      def self.box(box) = polygon(box.corners.map(&:to_a))

      def initialize(shape)
        @shape = shape
        freeze
      end

      def valid? = shape.valid? && !shape.empty?

      def area = shape.area

      def empty? = shape.empty?

      # All within +by+ mm of it, never less: arcs are drawn by chords inside them, so
      # much further out that the chords clear the arc. GEOS rounds the number of chords
      # of an arc, so one may span half as much again as its share.
      # @param quarter [Integer] chords to a quarter of a circle
      def grown(by, quarter: QUARTER)
        by.zero? ? self : Region.new(shape.buffer(by / Math.cos(1.5 * Math::PI / 4 / quarter), quad_segs: quarter))
      end

      # arcs round inner corners are drawn by chords this fine: off by under 0.0002 mm at 6 mm
      FINE_QUARTER = 90

      # what lies further than +by+ mm from its edge, perhaps in several parts
      # @param quarter [Integer] chords to a quarter of a circle
      def shrunk(by, quarter: FINE_QUARTER) = by.zero? ? self : Region.new(shape.buffer(-by, quad_segs: quarter))

      # @return [Path] its outlines and holes
      def path
        paths = rings.map { |ring| Path.polygon(ring.map { |x, y| Point[x, y] }) }
        paths.empty? ? Path::EMPTY : paths.reduce(:+)
      end

      # @param point [Point]
      def contains?(point) = shape.contains?(Geos.create_point(point.x, point.y))

      # without what is narrower than twice +by+ (an opening by a disc)
      def opened(by) = Region.new(shape.buffer(-by, quad_segs: FINE_QUARTER).buffer(by, quad_segs: FINE_QUARTER))

      # with what is narrower than twice +by+ between its parts and in its corners filled (a closing by a disc)
      # @param quarter [Integer] chords to a quarter of a circle
      def closed(by, quarter: FINE_QUARTER) = grown(by, quarter: quarter).shrunk(by, quarter: quarter)

      # @param point [Point]  @return [Float] 0 inside
      def distance_from(point) = shape.distance(Geos.create_point(point.x, point.y))

      # @param point [Point]  @return [Point] of it, nearest to there
      def nearest(point) = nearest_of(Geos.create_point(point.x, point.y)).first

      # @param other [Region]  @return [Array(Point, Point)] of both, nearest to each other
      def nearest_points(other) = nearest_of(other.shape)

      # with fewer corners, none moved further than +by+ and no ring lost; the slower way only where the quick one loses
      def simpler(by)
        quick = sketched(by)
        return quick if quick.shape.valid? && quick.rings.size == rings.size && quick.parts.size == parts.size
        Region.new(shape.topology_preserve_simplify(by))
      end

      # with fewer corners, quickly, for a drawing: what is drawn may touch itself
      def sketched(by) = Region.new(shape.simplify(by))

      # as a band stretched round it lies
      def hull = Region.new(shape.convex_hull)

      # the smallest box round it, at any turn
      def around = Region.new(shape.minimum_rotated_rectangle)

      # @param map [Transform]
      def mapped(map)
        outline, *holes = rings.map { |ring| ring.map { |x, y| map.apply(Point[x, y]).to_a } }
        Region.polygon(outline, holes)
      end

      # @return [Box]
      # @raise [NoMethodError] when it is empty
      def box
        ring = Wkb.rings(Geos::WkbWriter.new.write(shape.envelope)).first
        Box.around(ring.map { |x, y| Point[x, y] })
      end

      # @return [Point] the middle of its area
      def middle
        centroid = shape.centroid
        Point[centroid.x, centroid.y]
      end

      # @param other [Region]  @return [Region] what both cover
      def &(other) = Region.new(shape.intersection(other.shape))

      # all of its parts and holes
      # @param map [Transform]
      def mapped_all(map) = parts.empty? ? self : Region.union(parts.map { |part| part.mapped(map) })

      # how far its edge lies from another's at most (Hausdorff distance)
      # @param other [Region]  @return [Float]
      def edge_distance(other) = shape.boundary.hausdorff_distance(other.shape.boundary)

      # @param other [Region]  @return [Region]
      def +(other) = Region.new(shape.union(other.shape))

      # @param other [Region]  @return [Region]
      def -(other) = Region.new(shape.difference(other.shape))

      # @param other [Region]  @return [Region] what one of both covers, and not the other
      def ^(other) = Region.new(shape.sym_difference(other.shape))

      # @param other [Region]  @return [Float] 0 where they touch
      def distance(other) = shape.distance(other.shape)

      # @param other [Region]  @return [Float] from it to the other's edge, inside or out
      def edge_gap(other) = shape.distance(other.shape.boundary)

      # @param other [Region]  @return [Boolean]
      def covers?(other) = shape.covers?(other.shape)

      # @return [Array<Array<Array(Float, Float)>>] every ring of it, outlines and holes, the last point not repeated
      def rings = polygons.flat_map { |polygon| Wkb.rings(Geos::WkbWriter.new.write(polygon)) }

      # copies: a part of a collection is gone with the collection
      # @return [Array<Region>] its separate parts
      def parts = polygons.map { |polygon| Region.new(polygon.clone) }

      private

      def nearest_of(other)
        nearest = shape.nearest_points(other)
        [0, 1].map { |i| Point[nearest.x[i], nearest.y[i]] }
      end

      def polygons
        shape.is_a?(Geos::Polygon) ? [shape].reject(&:empty?) : shape.each.grep(Geos::Polygon).reject(&:empty?)
      end
    end
  end
end
