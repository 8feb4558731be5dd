# frozen_string_literal: true

module UpClose
  module Cutting
    # Paper that is laid face down against the edge of its piece: inside a wall it has to fit, over an edge that falls
    # away it may hang. Tried in order where it does not fit: corners cut off at 45°, round paper, less border.
    class PaperOnPiece
      # so much less than the wall leaves: a starting value
      ROOM_MM = 0.3
      # paper nearer to its ink than this cannot be held
      LEAST_AROUND_MM = 1.0
      HALVINGS = 40

      # @param shape [Surfaces::Shape] flat  @param cut [Cut]  @param placement [#turn_deg, #x_mm, #y_mm]
      # @param wall [Boolean]  @param asked [Asked]  @param writer [Measure::LengthWriter]
      def initialize(shape:, cut:, placement:, wall:, asked:, writer:)
        @shape, @cut, @wall, @asked, @writer = shape, cut, wall, asked, writer
        @map = Geometry::Transform.turn(placement.turn_deg)
          .then(Geometry::Transform.move(placement.x_mm, placement.y_mm))
      end

      # @return [Finding, nil] nil where the piece is not flat
      def finding
        return if @shape.curved?
        @wall ? inside_wall : over_edge
      end

      # @param cut [Cut]  @return [Float] mm from the paper to the piece's edge, negative beyond it
      def clearance(cut = @cut)
        cut.outline.map { |x, y| @shape.inside_distance(@map.apply(Geometry::Point[x, y])) }.min
      end

      # @return [Float, nil] mm to cut off each corner so that the paper lies inside; nil where that does not help
      def corner_mm
        most = @asked.around_mm * 2 + [@asked.width_mm, @asked.height_mm].min / 4
        return if clearance(corners_cut(most)) < ROOM_MM
        bisected(0.0, most) { |corner| clearance(corners_cut(corner)) - ROOM_MM }.then { |mm| mm if clear_of_ink?(mm) }
      end

      # @return [Float, nil] mm, of round paper that lies inside
      def diameter_mm
        round = Lines::Round.new(@asked).call
        round.box.width if clearance(round) >= ROOM_MM
      end

      # @return [Float, nil] mm round the ink that still lies inside
      def around_mm
        return if clearance(boxed(LEAST_AROUND_MM)) < ROOM_MM
        bisected(@asked.around_mm, LEAST_AROUND_MM) { |around| clearance(boxed(around)) - ROOM_MM }
      end

      private

      def inside_wall
        room = clearance
        Finding.new(
          key: :paper_in_wall, title: "Paper inside the wall", verdict: verdict(room), figure: mm(room.abs),
          value: room, unit: "mm", limit: ROOM_MM, working: working(room),
          reason: room.negative? ? "It would bend up at the wall, and the ink with it." : "So it lies flat.",
          remedy: (room < ROOM_MM) ? way_out : nil
        )
      end

      def verdict(room)
        return :stop if room.negative?
        (room < ROOM_MM) ? :watch : :fine
      end

      def over_edge
        over = [-clearance, 0].max
        Finding.new(
          key: :paper_over_edge, title: "Paper over the edge", verdict: over.positive? ? :note : :fine,
          figure: over.positive? ? mm(over) : "all on the piece", value: over, unit: "mm", working: working(-over),
          reason: over.positive? ? "Overhang is allowed. Tape it to the bench beside the piece, and press from the " \
            "middle to the edge, never over it." : "It lies on the piece all round."
        )
      end

      def working(room) = Working.new("least distance from the paper's outline to the edge: #{Working.number(room)} mm")

      def way_out
        if (corner = corner_mm) then "Cut its corners off at 45°, #{mm(corner.ceil(1))} each."
        elsif (round = diameter_mm) then "Cut it round, ⌀ #{mm(round)}."
        elsif (around = around_mm) then "Keep #{mm(around.floor(1))} round the ink instead of #{mm(@asked.around_mm)}."
        else
          "Make the mark smaller, or move it."
        end
      end

      def corners_cut(corner) = Lines::CutCorners.new(with(corner_mm: corner)).call

      def boxed(around) = Lines::Box.new(with(around_mm: around)).call

      def with(**changes) = Asked.new(**@asked.to_h, **changes)

      def clear_of_ink?(corner)
        paper = corners_cut(corner).region.shrunk(LEAST_AROUND_MM)
        scale, centre = @asked.width_mm / @asked.ink.box.width, @asked.ink.box.centre
        @asked.ink.hull.all? { |p| paper.contains?((p - centre) * scale) }
      end

      # @return [Float] the value nearest to the first that still holds
      def bisected(bad, good)
        HALVINGS.times do
          middle = (bad + good) / 2
          (yield(middle) >= 0) ? good = middle : bad = middle
        end
        good
      end

      def mm(value) = @writer.with_unit(value)
    end
  end
end
