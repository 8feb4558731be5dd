# frozen_string_literal: true

module UpClose
  module Boards
    # How far the second side lies off the first: three places measured on both, told as one shift and one turn
    # (least squares, a rigid motion: Kabsch, Acta Crystallographica A32, 1976, in the plane). Frozen.
    class Misfit
      attr_reader :shift, :turn_deg, :left_mm

      # @param meant [Array<Geometry::Point>] where they should be
      # @param measured [Array<Geometry::Point>] where they are
      # @raise [Error] for fewer than three, or all on one spot
      def initialize(meant, measured)
        if meant.size < 3 || meant.size != measured.size
          raise Error.new("Measure three places on both sides.", field: :points)
        end
        from, to = middle(meant), middle(measured)
        if spread(meant, from) < 1
          raise Error.new("The places are too close together.", remedy: "Choose places far apart.", field: :points)
        end
        @turn_deg = angle(meant.map { |p| p - from }, measured.map { |p| p - to }) * 180 / Math::PI
        @shift = to - from
        @left_mm = meant.zip(measured).map { |p, q| moved(p, from, to).distance(q) }.max
        freeze
      end

      # the largest distance of any of the places
      # @return [Working]
      def working
        Working.new("shift #{n(shift.x)} right, #{n(shift.y)} down; turn #{Working.number(turn_deg, 2)}° clockwise; " \
          "the largest error left is #{n(left_mm)} mm after that")
      end

      private

      def n(value) = Working.number(value, 3)

      def middle(points) = points.reduce(:+) * (1.0 / points.size)

      def spread(points, from) = points.map { |point| point.distance(from) }.max

      def angle(from, to)
        Math.atan2(from.zip(to).sum { |p, q| p.cross(q) }, from.zip(to).sum { |p, q| p.dot(q) })
      end

      def moved(point, from, to)
        Geometry::Transform.turn(turn_deg).apply(point - from) + to
      end
    end
  end
end
