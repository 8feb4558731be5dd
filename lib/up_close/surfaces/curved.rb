# frozen_string_literal: true

module UpClose
  module Surfaces
    # A shape that is not flat. Marks are placed on what it unrolls to; so it
    # answers all that a flat shape does, from there, and beside it what the
    # curve brings: how far round a mark goes, what one glance sees, the strain.
    class Curved < Shape
      DELEGATED = %i[
        inside_distance rim_distance support path edge_normals inset_normals inset reach clearance_of rim_clearance_of
        hole? convex? growth
      ].freeze
      # words read at one glance within this angle either way: a starting value
      GLANCE_DEG = 45.0

      DELEGATED.each { |name| define_method(name) { |*arguments| unrolled.public_send(name, *arguments) } }

      # @return [Shape] flat
      def unrolled = raise(NotImplementedError)

      def curved? = true

      # Where a place seen from the front lies on a mark laid flat, its middle at
      # +centre+ of what the piece unrolls to, before the mark's own turn.
      # @return [Geometry::Point, nil] nil where nothing of the piece is seen
      def on_mark(seen, centre) = behind(seen)&.then { |place| place - centre }

      # @param placed [Placing::PlacedInk]
      # @param bent [Boolean] whether the artwork has been bent to the piece
      # @return [Array<Finding>]
      def findings(placed, writer, bent: false) = raise(NotImplementedError)

      # @return [Hash{Symbol => Bearing}] measured over the surface
      def bearings(place) = raise(NotImplementedError)

      # what a flat sheet takes that reaches to these places
      # @param _points [Array<Geometry::Point>] unrolled  @return [Finding, nil] nil where it takes nothing
      def strain_of(_points) = nil

      # figures of the unrolled shape, for people and for files
      # @return [Hash{Symbol => Numeric}]
      def figures = raise(NotImplementedError)

      # @return [Working] how the unrolled shape comes about
      def working = raise(NotImplementedError)

      private

      # A line round the piece by its height along the wall; a line up the wall by a strap
      # laid round it from a datum that the maker marks: where the unrolled sheet's two
      # ends meet.
      # @param from_rim [Float] mm along the wall  @param wall [Float] from rim to foot
      # @param turned [Float] share of the way round from the middle of the front, −½ … ½
      # @param once_round [Float] mm there
      def round_bearings(from_rim:, wall:, turned:, once_round:)
        strap = (turned + 0.5) % 1 * once_round
        {across: Bearing.new(
          title: "A line round it",
          from: :rim,
          distance_mm: from_rim,
          from_words: "rim",
          rest_mm: wall - from_rim,
          to_words: "foot",
          where: "along the wall"
        ),
         up: Bearing.new(
           title: "A line up the wall",
           from: :datum,
           distance_mm: strap,
           from_words: "datum",
           rest_mm: once_round - strap,
           to_words: "datum on the other way round",
           where: "a strap laid round at that height, to the right as you face it. The datum is yours to mark: a " \
             "seam, the handle, a pencil tick"
         )}
      end

      def num(value, places = 2) = Working.number(value, places)
    end
  end
end
