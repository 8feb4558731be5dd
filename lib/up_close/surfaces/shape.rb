# frozen_string_literal: true

module UpClose
  module Surfaces
    # What every flat shape answers. The origin is the shape's centre, x to the
    # right, y downwards, mm. Frozen.
    class Shape
      class << self
        attr_reader :key, :title

        # names the shape and its measures
        def describe(key, title, *parameters)
          @key, @title, @parameters = key, title, parameters.freeze
        end

        def parameters = @parameters || []

        # its place in lists, the lower the sooner
        def listed(place = nil) = place ? @listed = place : @listed

        # what no maker chooses by name: the families of shapes, and what others unroll to
        def hidden? = self == Curved || (instance_variable_defined?(:@key) && key.nil?)

        # @raise [Errors::BadDefinition]
        def check! = DefinitionCheck.call(self)
      end

      attr_reader :measures

      # @param measures [Hash{Symbol => Numeric}] one for each parameter
      # @raise [Errors::BadShape]
      def initialize(**measures)
        @measures = self.class.parameters.to_h { |p| [p.key, number(p, measures[p.key])] }.freeze
        check
        @memo = {}
        freeze
      end

      def key = self.class.key

      # @see Identity
      def identity = [key, measures]

      # sent to a worker without what was worked out of it
      def marshal_dump = measures

      # what was worked out does not travel
      def marshal_load(measures)
        @measures, @memo = measures.freeze, {}
        freeze
      end

      # signed distance from +point+ to the edge: positive inside, exact
      def inside_distance(point) = raise(NotImplementedError)

      # the same for the outer edge alone, which is convex
      def rim_distance(point) = inside_distance(point)

      # furthest reach of the outer edge along the unit vector +n+
      def support(n) = raise(NotImplementedError)

      # the edge, for drawing
      # @return [Geometry::Path]
      def path = raise(NotImplementedError)

      # normals of straight edges: the largest copy must hold these exactly
      def edge_normals = []

      # The line that keeps +by+ mm inside the edge. Eroding a convex shape moves
      # each of its supporting lines in by as much (Schneider, Convex Bodies, 3.1).
      # @return [Geometry::Path] empty when nothing is left
      def inset(by)
        points = Geometry::Algorithms::HalfPlanes.call(box, inset_normals.map { |n| [n, support(n) - by] })
        (points.size < 3) ? Geometry::Path::EMPTY : Geometry::Path.polygon(points)
      end

      # The directions that bound it: all of them, for a shape of straight edges. A
      # shape with curved edges answers +inset+ itself.
      def inset_normals = edge_normals

      # the edge's name in a sentence
      def edge_word = "edge"

      # "40.0 × 20.0", "⌀ 25.0": with the writer's unit
      def size_words(writer) = writer.pair(box.width, box.height)

      def box
        once(:box) do
          right, down = support(Geometry::Point[1, 0]), support(Geometry::Point[0, 1])
          left, up = support(Geometry::Point[-1, 0]), support(Geometry::Point[0, -1])
          Geometry::Box.new(x: -left, y: -up, width: left + right, height: up + down)
        end
      end

      # Least distance from the ink to the edge: negative when it sticks out.
      # In a convex shape that distance is concave, so the hull's corners decide.
      # @param ink [#hull] placed ink
      def clearance_of(ink) = ink.hull.map { |p| inside_distance(p) }.min

      # the same for the outer edge alone
      def rim_clearance_of(points) = points.map { |p| rim_distance(p) }.min

      # how far the outer edge lies from +point+ along the unit vector +n+; 0 from outside
      def reach(point, n) = (rim_distance(point) <= 0) ? 0.0 : exit_distance(point, n)

      # How many times an outline may grow about a place before it meets the edge.
      # @param outline [Array<Geometry::Point>] convex, from that place
      # @return [Float, nil] nil where this must be found step by step
      def growth(_outline, _place, _clearance) = nil

      # true when the largest copy is a matter of supporting lines alone
      def convex? = true

      # true when marks lie on what it unrolls to
      def curved? = false

      # How lines through a place are found on the real piece: one that runs across, by
      # measuring up and down from the place to the edge, and one that runs up, sideways.
      # @param place [Geometry::Point]
      # @return [Hash{Symbol => Bearing}] :across and :up
      def bearings(place)
        ways = {top: [0, -1], bottom: [0, 1], left: [-1, 0], right: [1, 0]}.transform_values do |x, y|
          distance_to_edge(place, x, y)
        end
        {across: bearing("A line across", ways, :top, :bottom, "straight above and below the mark's middle"),
         up: bearing("An upright line", ways, :left, :right, "at the height of the mark's middle")}
      end

      # What must be printed to cover all of it, trimmed after.
      # @return [Geometry::Box] mm
      def cover(bleed_mm) = box.grown(bleed_mm)

      # What a mark that covers it is printed and cut to.
      # @param by [Float] mm beyond the edge; negative: inside it
      # @param overlap [Float] mm that the ends of a wrap lie over each other
      # @return [Geometry::Region] empty when nothing is left
      def cover_region(by, overlap: 0.0)
        whole = Geometry::Region.of_path(path)
        by.negative? ? whole.shrunk(-by) : whole.grown(by, quarter: Geometry::Region::FINE_QUARTER)
      end

      # the same seen in a mirror: the other flank of a body. Most shapes are their own.
      # @return [Shape]
      def mirrored = self

      # where slits let film close up over it
      # @param _beyond_mm [Float] outside its edge  @return [Array<Array(Geometry::Point, Geometry::Point)>]
      def slits(_beyond_mm = 0.0) = []

      # whether it has a left and a right
      def flanks? = mirrored != self

      # whether what covers it comes back to itself, and needs a seam
      def wraps? = false

      # true when ink itself must be looked at, since a hull would bridge a hole
      def hole? = false

      # @param other [Object]  @return [Boolean] of one kind, with the same values
      def ==(other) = other.class == self.class && other.measures == measures
      alias_method :eql?, :==
      def hash = [self.class, measures].hash

      private

      def bearing(title, ways, from, to, where)
        Bearing.new(
          title: title,
          from: from,
          distance_mm: ways[from],
          from_words: "#{from} #{edge_word}",
          rest_mm: ways[to],
          to_words: to.to_s,
          where: where
        )
      end

      # from outside the piece, to the box round it
      def distance_to_edge(place, x, y)
        way = Geometry::Point[x, y]
        distance = reach(place, way)
        distance.positive? ? distance : support(way) - way.dot(place)
      end

      # worked out once: a shape never changes
      def once(name) = @memo.fetch(name) { @memo[name] = yield }

      # @yield which way a corner of the outline lies, and answers how far the edge is that way
      # @return [Float] how many times all of it may grow
      def grown(outline) = outline.reject { |p| p.length.zero? }.map { |p| yield(p.unit) / p.length }.min

      # @param point [Geometry::Point] inside
      def exit_distance(point, n) = raise(NotImplementedError)

      def number(parameter, value) = parameter.checked(value)

      def check = nil

      def refuse(field, reason, remedy) = raise(Errors::BadShape.new(reason, remedy: remedy, field: field))
    end
  end
end
