# frozen_string_literal: true

module UpClose
  module Placing
    # How much room a mark has on its piece: how far it may move each way
    # before its ink touches the edge, and how large it may grow.
    class Room
      DIRECTIONS = {left: [-1, 0], right: [1, 0], up: [0, -1], down: [0, 1]}.freeze
      HOLE_STEPS = 32
      SOME_ROWS = 60
      ANGLE_STEP = 5
      ROUGH_ANGLE_STEP = 15
      SEARCH_GRID = 8
      SEARCH_ROUNDS = 24
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

      # @return [Hash{Symbol => Array(Float, Point)}] how far to the outer edge each way, and from which point of the ink
      def ways = @ways ||= DIRECTIONS.transform_values { |x, y| way(Geometry::Point.new(x, y)) }

      # @return [Float] width of the largest copy here: same middle, same turn; 0 when none fits
      def largest_here = @largest_here ||= grown

      # @return [Array(Float, Point), nil] width of the largest copy anywhere at this turn, and its middle; nil for a ring
      def largest_anywhere
        return if @shape.hole? || !@shape.convex?
        @largest_anywhere ||= at_angle(@placement.turn_deg).then { |scale, found| [scale, centred_as_may_be(scale, found)] }
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
        width, found = at_turn(best)
        [width, found, best]
      end

      # Where no supporting lines decide: tried over a grid, then in ever finer steps round the best.
      # @return [Array(Float, Point)]
      def largest_searched
        box = @shape.box
        step = [box.width, box.height].max / SEARCH_GRID
        starts = (0..SEARCH_GRID).to_a.product((0..SEARCH_GRID).to_a).map { |i, j| Geometry::Point[box.x + box.width * i / SEARCH_GRID, box.y + box.height * j / SEARCH_GRID] }
        best = (starts + [@placement.centre]).max_by { |p| width_at(p) }
        SEARCH_ROUNDS.times do
          around = [[0, 0], [1, 0], [-1, 0], [0, 1], [0, -1]].map { |x, y| best + Geometry::Point[x, y] * step }
          better = around.max_by { |p| width_at(p) }
          (better == best) ? step /= 2 : best = better
        end
        [Room.new(shape: @shape, ink: @ink, placement: @placement.with(x_mm: best.x, y_mm: best.y), clearance_mm: @wanted).largest_here, best]
      end

      private

      def width_at(point)
        @width_at ||= {}
        @width_at[point] ||= (@shape.inside_distance(point) > @wanted) ? Room.new(shape: @shape, ink: rough, placement: @placement.with(x_mm: point.x, y_mm: point.y), clearance_mm: @wanted, tolerance: 1e-3).largest_here : 0.0
      end

      # the ink with fewer corners, to look round with
      def rough
        @rough ||= begin
          size = [@ink.box.width, @ink.box.height].max
          Artwork::Ink.new(box: @ink.box, hull: Geometry::Algorithms::ThinOut.call(@ink.hull, size * ROUGH), centroid: @ink.centroid, rows: some_rows)
        end
      end

      # @return [Array(Float, Point)] width and middle of the largest copy at a turn
      def at_turn(turn_deg)
        return at_angle(turn_deg) if @shape.convex?
        @at_turn ||= {}
        @at_turn[turn_deg] ||= Room.new(shape: @shape, ink: rough, placement: @placement.with(turn_deg: turn_deg), clearance_mm: @wanted).largest_searched
      end

      def at_angle(turn_deg)
        @at_angle ||= {}
        @at_angle[turn_deg] ||= begin
          unit = PlacedInk.new(@ink, Placement.new(width_mm: 1.0, turn_deg: turn_deg))
          Geometry::Algorithms::LargestCopy.new(support: @shape.method(:support), outline: unit.hull, clearance: @wanted, directions: @shape.edge_normals).call
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
        smallest = whole * 1e-6
        return 0.0 if rim_room(smallest) < 0
        width = Geometry::Algorithms::FallingRoot.call(smallest, whole, tolerance: @tolerance) { |w| rim_room(w) }
        clear_at?(width) ? width : clear_of_hole(width)
      end

      def rim_room(width) = @shape.rim_clearance_of(at(width).hull) - @wanted

      # round a hole, growing may first help and then hurt: the largest step that clears it, made finer
      def clear_of_hole(most)
        step = most / HOLE_STEPS
        low = (1...HOLE_STEPS).map { |i| most - step * i }.find { |w| clear_at?(w) } || (return 0.0)
        Geometry::Algorithms::FallingRoot.call(low, low + step, tolerance: @tolerance) { |w| @shape.clearance_of(at(w)) - @wanted }
      end

      # what some rows of the silhouette rule out, all of them do
      def clear_at?(width) = [sparse, @ink].all? { |ink| @shape.clearance_of(PlacedInk.new(ink, @placement.with(width_mm: width))) >= @wanted - 1e-9 }

      def sparse = @sparse ||= Artwork::Ink.new(box: @ink.box, hull: @ink.hull, centroid: @ink.centroid, rows: some_rows)

      def some_rows = @ink.rows.each_slice((@ink.rows.size / SOME_ROWS.to_f).ceil.clamp(1, 1000)).map(&:first)

      def at(width, **moved) = PlacedInk.new(@ink, @placement.with(width_mm: width, **moved))

      # many places may be as good: the one nearest the middle lines is wanted
      def centred_as_may_be(width, found)
        [[0, 0], [found.x, 0], [0, found.y]].map { |x, y| Geometry::Point.new(x, y) }
          .find { |place| @shape.clearance_of(at(width, x_mm: place.x, y_mm: place.y)) >= @wanted - 1e-6 } || found
      end
    end
  end
end
