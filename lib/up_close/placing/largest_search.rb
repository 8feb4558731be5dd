# frozen_string_literal: true

module UpClose
  module Placing
    # The place for the largest copy of a mark on a shape that is not convex: a grid over the
    # shape and the middle of each of its parts, then ever finer steps in eight directions
    # from the best few that lie apart (a pattern search with restarts: R. Hooke and
    # T. A. Jeeves, 1961).
    class LargestSearch
      # how fine a grid, how many starts, and the last step as a share of the first
      THOROUGH = {grid: 10, starts: 4, finest: 1e-5}.freeze
      QUICK = {grid: 8, starts: 2, finest: 0.01}.freeze
      MOST_STEPS = 200
      ROUGH_TOLERANCE = 1e-4
      WAYS = [-1, 0, 1].product([-1, 0, 1]).reject { |way| way == [0, 0] }.freeze

      # @param room [FitSearch] of the mark  @param shape [Surfaces::Shape]  @param wanted_mm [Float] clearance
      # @param effort [Hash] THOROUGH or QUICK
      def initialize(room, shape, wanted_mm, effort: THOROUGH)
        @room, @shape, @wanted, @effort = room, shape, wanted_mm, effort
        @widths = {}
      end

      # @return [Geometry::Point]
      def call = starts.map { |start| refined(start) }.max_by { |place| width(place) }

      private

      def box = @shape.box

      def step = [box.width, box.height].max / @effort[:grid]

      def grid
        many = @effort[:grid]
        (0..many).to_a.product((0..many).to_a).map do |i, j|
          Geometry::Point[box.x + box.width * i / many, box.y + box.height * j / many]
        end
      end

      # the best of them, none next to another
      def starts
        parts = @shape.respond_to?(:inner_middles) ? @shape.inner_middles(@wanted) : []
        sorted = (parts + grid + [@room.placed.placement.centre]).sort_by { |place| -width(place) }
        sorted.each_with_object([]) do |place, kept|
          apart = kept.none? { |other| other.distance(place) < step * 1.5 }
          kept << place if apart && kept.size < @effort[:starts]
        end
      end

      def refined(place)
        size = step
        MOST_STEPS.times do
          break if size < step * @effort[:finest]
          better = WAYS.map { |x, y| place + Geometry::Point[x, y] * size }.max_by { |near| width(near) }
          (width(better) > width(place)) ? place = better : size /= 2
        end
        place
      end

      def width(place)
        @widths[place] ||= (@shape.inside_distance(place) > @wanted) ? @room
          .moved_to(place, ink: @room.rough, tolerance: ROUGH_TOLERANCE)
          .largest_here : 0.0
      end
    end
  end
end
