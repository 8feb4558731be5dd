# frozen_string_literal: true

module UpClose
  module Placing
    # How much room a mark has on its piece: how far it may move each way
    # before its ink touches the edge, and how large it may grow.
    class FitSearch
      DIRECTIONS = {left: [-1, 0], right: [1, 0], up: [0, -1], down: [0, 1]}.freeze
      HOLE_STEPS = 32
      SOME_ROWS = 60
      ANGLE_STEP = 5
      ROUGH_ANGLE_STEP = 15
      ROUGH = 0.01

      # @param shape [Surfaces::Shape]  @param ink [Artwork::Ink]
      # @param placement [Placement]  @param clearance_mm [Float] wanted
      def initialize(shape:, ink:, placement:, clearance_mm: 0.0, tolerance: shape.convex? ? 1e-10 : 1e-4)
        @shape, @ink, @placement, @wanted, @tolerance = shape, ink, placement, clearance_mm, tolerance
        @placed = PlacedInk.new(ink, placement)
      end

      attr_reader :placed

      # @return [Float] least distance from ink to edge, negative when it sticks out
      def clearance = @clearance ||= @shape.clearance_of(placed)

      def fits? = clearance >= 0

      # @return [Hash{Symbol => Array(Float, Point)}] how far to
      #   the outer edge each way, and from which point of the ink
      def ways = @ways ||= DIRECTIONS.transform_values { |x, y| way(Geometry::Point.new(x, y)) }

      # @return [Float] width of the largest copy here: same middle, same turn; 0 when none fits
      def largest_here = @largest_here ||= grown

      # @return [Array(Float, Point), nil] width of the largest copy
      #   anywhere at this turn, and its middle; nil for a ring
      def largest_anywhere
        return if @shape.hole? || !@shape.convex?
        @largest_anywhere ||= at_angle(@placement.turn_deg).then do |scale, middle|
          [scale, centred_as_may_be(scale, middle)]
        end
      end

      # The best turn for the largest copy: every few degrees, then finer round the best.
      # @return [Array(Float, Point, Float), nil] width, middle and turn; nil round a hole
      def largest_at_best_angle
        return if @shape.hole?
        step = @shape.convex? ? ANGLE_STEP : ROUGH_ANGLE_STEP
        best = (0...180).step(step).max_by { |turn| [at_turn(turn).first.round(6), -turn] }
        3.times do |i|
          near = step / 3.0**(i + 1)
          best = [best - near, best, best + near].max_by { |turn| at_turn(turn).first }
        end
        width, middle = @shape.convex? ? at_turn(best) : turned_to(best).largest_searched
        [width, middle, best]
      end

      # Where no supporting lines decide.
      # @return [Array(Float, Point)] width of the largest copy at this turn, and its middle
      def largest_searched(effort = LargestSearch::THOROUGH)
        middle = LargestSearch.new(self, @shape, @wanted, effort: effort).call
        [moved_to(middle).largest_here, middle]
      end

      # @param ink [Artwork::Ink]  @param tolerance [Float] share of the width it is found to
      # @return [FitSearch] the same mark with its middle elsewhere
      def moved_to(point, ink: @ink, tolerance: @tolerance)
        FitSearch.new(
          shape: @shape,
          ink: ink,
          placement: @placement.with(x_mm: point.x, y_mm: point.y),
          clearance_mm: @wanted,
          tolerance: tolerance
        )
      end

      # the ink with fewer corners, to look round with
      def rough
        @rough ||= begin
          size = [@ink.box.width, @ink.box.height].max
          Artwork::Ink.new(
            box: @ink.box,
            hull: Geometry::Algorithms::ThinOut.call(@ink.hull, size * ROUGH),
            centroid: @ink.centroid,
            rows: some_rows
          )
        end
      end

      private

      # @return [Array(Float, Point)] width and middle of the largest copy at a turn
      def at_turn(turn_deg)
        return at_angle(turn_deg) if @shape.convex?
        @at_turn ||= {}
        @at_turn[turn_deg] ||= turned_to(turn_deg, rough).largest_searched(LargestSearch::QUICK)
      end

      def turned_to(turn_deg, ink = @ink)
        FitSearch.new(shape: @shape, ink: ink, placement: @placement.with(turn_deg: turn_deg), clearance_mm: @wanted)
      end

      def at_angle(turn_deg)
        @at_angle ||= {}
        @at_angle[turn_deg] ||= begin
          unit = PlacedInk.new(@ink, Placement.new(width_mm: 1.0, turn_deg: turn_deg))
          Geometry::Algorithms::LargestCopy.new(
            support: @shape.method(:support),
            outline: unit.hull,
            clearance: @wanted,
            directions: @shape.edge_normals
          ).call
        end
      end

      # the corner of the hull that meets the edge first
      def way(direction) = placed.hull.map { |p| [@shape.reach(p, direction), p] }.min_by(&:first)

      def whole = @shape.box.width + @shape.box.height

      def grown
        unless @shape.hole?
          about = placed.hull.map { |p| p - @placement.centre }
          times = @shape.growth(about, @placement.centre, @wanted)
          return @placement.width_mm * times if times
        end
        smallest = whole * Tolerance::SLIGHT
        return 0.0 if rim_room(smallest) < 0
        width = Geometry::Algorithms::FallingRoot.call(smallest, whole, tolerance: @tolerance) { |w| rim_room(w) }
        clear_at?(width) ? width : clear_of_hole(width)
      end

      def rim_room(width) = @shape.rim_clearance_of(at(width).hull) - @wanted

      # round a hole, growing may first help and then hurt: the largest step that clears it, made finer
      def clear_of_hole(most)
        step = most / HOLE_STEPS
        low = (1...HOLE_STEPS).map { |i| most - step * i }.find { |w| clear_at?(w) } || (return 0.0)
        Geometry::Algorithms::FallingRoot.call(low, low + step, tolerance: @tolerance) do |w|
          @shape.clearance_of(at(w)) - @wanted
        end
      end

      # what some rows of the silhouette rule out, all of them do
      def clear_at?(width)
        [sparse, @ink].all? do |ink|
          @shape.clearance_of(PlacedInk.new(ink, @placement.with(width_mm: width))) >= @wanted - Tolerance::ROUNDING
        end
      end

      def sparse
        @sparse ||= Artwork::Ink.new(box: @ink.box, hull: @ink.hull, centroid: @ink.centroid, rows: some_rows)
      end

      def some_rows = @ink.rows.each_slice((@ink.rows.size / SOME_ROWS.to_f).ceil.clamp(1, 1000)).map(&:first)

      def at(width, **moved) = PlacedInk.new(@ink, @placement.with(width_mm: width, **moved))

      # many places may be as good: the one nearest the middle lines is wanted
      def centred_as_may_be(width, middle)
        [[0, 0], [middle.x, 0], [0, middle.y]].map { |x, y| Geometry::Point.new(x, y) }
          .find { |place| room_at?(width, place) } || middle
      end

      def room_at?(width, place)
        @shape.clearance_of(at(width, x_mm: place.x, y_mm: place.y)) >= @wanted - Tolerance::SLIGHT
      end
    end
  end
end
