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
        return if SIDES.any? { |side| copper(side) }
        raise Errors::BadBoard.new("None of these files is copper: say which is the top or the bottom copper.",
          field: :files)
      end

      # @param kind [String]  @param side [String]  @return [Layer, nil]
      def layer(kind, side) = layers.find { |layer| layer.is?(kind, side) }

      # @return [Geometry::Region, nil] nil where there is none
      def copper(side) = layer("copper", side)&.region&.then { |region| region unless region.empty? }

      # @return [Array<String>] that have copper
      def sides = SIDES.select { |side| copper(side) }

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

      # nothing wider is looked for, mm: first only so far as verdicts turn on, further where nothing is found
      REACH_MM = 0.6
      NEAR_MM = 0.3

      # @param side [String]
      # @return [Geometry::Edges] of its copper
      def edges(side) = (@edges ||= {})[side] ||= Geometry::Edges.new(copper(side), reach_mm: NEAR_MM)

      # @return [Array<Geometry::Algorithms::FacingEdges::Place>] narrow copper, the narrowest first
      def narrow(side) = places(side, :widths)

      # @return [Array<Geometry::Algorithms::FacingEdges::Place>] between conductors, the narrowest first
      def gaps(side) = places(side, :gaps_between_parts)

      private

      def places(side, what)
        near = facing(side, NEAR_MM).public_send(what)
        near.empty? ? facing(side, REACH_MM).public_send(what) : near
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
