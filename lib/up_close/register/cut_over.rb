# frozen_string_literal: true

module UpClose
  module Register
    # Paper cut like the piece, laid edge on edge, with a window where the mark goes: for a disc a ring that centres
    # itself, for a free outline what a ruler cannot find. Tabs fold down over the edge where it falls away.
    class CutOver
      TAB_DEEP_MM, TAB_WIDE_MM = 6.0, 12.0
      # inside a wall the paper is so much less all round: a starting value
      EASE_MM = 0.2
      TABS = [[0, -1], [1, 0], [0, 1], [-1, 0]].freeze
      # narrower than this the paper tears
      LEAST_MM = 2.0

      # @param shape [Surfaces::Shape] flat  @param film [Array<Geometry::Point>] the window's outline on the piece
      # @param wall [Boolean] whether a wall stands at its edge
      def initialize(shape, film:, wall: false)
        @shape, @film, @wall = shape, film, wall
      end

      # @return [Hash{String => Array<Geometry::Path>}] CUT, SCORE, MARK; mm, the piece's middle the origin
      def layers
        {"CUT" => [sheet.path], "SCORE" => @wall ? [] : folds, "MARK" => crosses}
      end

      # @return [Array<Strap::Label>]
      def labels = []

      # @return [Geometry::Region] the paper, its window cut out
      def sheet = @sheet ||= @wall ? piece.shrunk(EASE_MM) - window : piece + tabs - window

      # @return [Float] mm of paper left at the window's narrowest place
      def narrowest_mm = (piece.path.empty? || !piece.covers?(window)) ? 0.0 : window.edge_gap(piece)

      # @return [Boolean] whether the window leaves all of it in one piece
      def whole? = sheet.parts.size == 1 && narrowest_mm >= LEAST_MM

      def ring? = @shape.is_a?(Surfaces::Disc)

      # @return [Geometry::Box]
      def box = sheet.box

      # @return [Array<Finding>]
      def findings(writer)
        [Finding.new(
          key: :rim_left, title: "Paper round the window", verdict: whole? ? :fine : :stop,
          figure: writer.with_unit(narrowest_mm), value: narrowest_mm, unit: "mm", limit: LEAST_MM,
          working: Working.new("from the window to the piece's edge, least: #{Working.number(narrowest_mm)} mm"),
          reason: whole? ? "It holds together." : "The film reaches the edge of the piece: nothing is left to hold.",
          remedy: whole? ? nil : "Cut the paper itself to the piece's outline, and lay it edge on edge."
        )]
      end

      # @return [Array<Array(String, String)>] a bold beginning, and the rest
      def steps(marks)
        lay = @wall ? "Lay it in the recess." : "Lay it on, fold the tabs down."
        [
          ["Cut it out, and the window.", "A fine line inside the printed one."],
          [lay, @wall ? "It meets the wall all round." : "Edge on edge all round."],
          ["Mark the window's corners #{marks}.", "Or lay the film through it."]
        ]
      end

      private

      def piece = @piece ||= Geometry::Region.of_path(@shape.path)

      def window = @window ||= Geometry::Region.polygon(@film.map(&:to_a))

      # at the piece's four sides, as far out as it reaches there
      def tabs
        Geometry::Region.union(TABS.map { |way| tab(Geometry::Point[*way]) })
      end

      def tab(way)
        foot, side = edge_at(way), way.normal * (tab_wide / 2)
        # from well inside the edge to beyond it
        from, to = way * (foot - TAB_DEEP_MM), way * (foot + TAB_DEEP_MM)
        Geometry::Region.polygon([from + side, to + side, to - side, from - side].map(&:to_a))
      end

      def tab_wide = [TAB_WIDE_MM, [@shape.box.width, @shape.box.height].min / 3].min

      # from the middle to the edge that way
      def edge_at(way)
        far = @shape.reach(Geometry::Point[0, 0], way)
        far.positive? ? far : @shape.support(way)
      end

      def folds
        TABS.map do |x, y|
          way = Geometry::Point[x, y]
          foot, side = way * edge_at(way), way.normal * (tab_wide / 2)
          Geometry::Path.new([[:move, foot + side], [:line, foot - side]])
        end
      end

      # the piece's middle lines, as far as the paper goes
      def crosses
        box = @shape.box
        [[[box.x, 0], [box.right, 0]], [[0, box.y], [0, box.bottom]]].map do |from, to|
          Geometry::Path.new([[:move, Geometry::Point[*from]], [:line, Geometry::Point[*to]]])
        end
      end
    end
  end
end
