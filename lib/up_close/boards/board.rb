# frozen_string_literal: true

module UpClose
  module Boards
    # A circuit board as its files draw it: layers by kind and side, its outline, its holes. mm, y downwards, as seen
    # from the top; the bottom is drawn looking through the board. Frozen but for what it has worked out.
    class Board
      SIDES = %w[top bottom].freeze
      MOST_FILES = 40

      attr_reader :layers

      # @param layers [Array<Layer>]
      # @raise [Errors::BadBoard] with no copper in them
      def initialize(layers)
        raise Errors::BadBoard.new("Over #{MOST_FILES} files.", field: :files) if layers.size > MOST_FILES
        @layers = layers
        return if sides.any?
        raise Errors::BadBoard.new("None of these files is copper: say which is the top or the bottom copper.",
          field: :files)
      end

      # @param kind [String]  @param side [String]  @return [Layer, nil]
      def layer(kind, side) = layers.find { |layer| layer.is?(kind, side) }

      # @return [Geometry::Region, nil] nil where there is none
      def copper(side) = layer("copper", side)&.region

      # @return [Array<String>] that have copper
      def sides = SIDES.select { |side| layer("copper", side)&.drawn? }

      # @return [Array<Hole>]
      def holes = @holes ||= layers.select(&:drill?).flat_map(&:holes)

      # @return [Geometry::Region] the board itself: its outline file's, else a box round its copper and holes
      def outline = @outline ||= drawn_outline || Geometry::Region.box(extent)

      def drawn_outline? = !drawn_outline.nil?

      # @return [Geometry::Box]
      def box = outline.box

      # how many holes of each size, the smallest first
      # @return [Hash{Float => Integer}]
      def drills = holes.map { |hole| hole.diameter_mm.round(3) }.tally.sort.to_h

      # nothing wider is looked for, mm: as far as verdicts turn on; and further where a figure is asked for
      NEAR_MM = 0.3
      REACH_MM = 0.6
      RING_REACH_MM = 0.45

      # @param side [String]
      # @return [Geometry::Edges] of its copper
      def edges(side) = (@edges ||= {})[side] ||= Geometry::Edges.new(copper(side), reach_mm: NEAR_MM)

      # @return [Array<Geometry::Algorithms::FacingEdges::Place>] narrow copper, the narrowest first
      def narrow(side, reach: NEAR_MM) = facing(side, reach).widths

      # @return [Array<Geometry::Algorithms::FacingEdges::Place>] between conductors, the narrowest first
      def gaps(side, reach: NEAR_MM) = facing(side, reach).gaps_between_parts

      # Holes in copper, and how much of it is left at the narrowest; more than RING_REACH_MM is told as that.
      # @param side [String]
      # @return [Array<Array(Float, Hole)>] mm
      def rings(side) = (@rings ||= {})[side] ||= measured_rings(side)

      private

      def measured_rings(side)
        covers = Geos::PreparedGeometry.new(copper(side).shape)
        edges = edges(side)
        holes.reject(&:slot?).filter_map do |hole|
          next unless covers.contains?(Geos.create_point(hole.centre.x, hole.centre.y))
          far = edges.within(hole.centre, hole.diameter_mm / 2 + RING_REACH_MM)
          [far ? far - hole.diameter_mm / 2 : RING_REACH_MM, hole]
        end
      end

      def facing(side, reach)
        (@facing ||= {})[[side, reach]] ||= begin
          edges = (reach == NEAR_MM) ? edges(side) : Geometry::Edges.new(copper(side), reach_mm: reach)
          Geometry::Algorithms::FacingEdges.new(edges, limit_mm: reach)
        end
      end

      def drawn_outline
        return @drawn_outline if defined?(@drawn_outline)
        @drawn_outline = Outline.call(layers.select { |layer| layer.kind == "outline" })
      end

      def extent = layers.reject { |layer| layer.kind == "other" }.filter_map(&:box).reduce(:union)
    end
  end
end
