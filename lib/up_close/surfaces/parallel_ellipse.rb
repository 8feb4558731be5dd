# frozen_string_literal: true

module UpClose
  module Surfaces
    # The curve inside an ellipse at one distance c from its edge: each point moved in along
    # its normal,
    #   x = cos t (a − c b ÷ w), y = sin t (b − c a ÷ w), w = √(b² cos² t + a² sin² t).
    # Where c exceeds the least radius of curvature (b² ÷ a), points near the ends of the long
    # axis would cross it; they are left out, and the two halves meet on the axis. Drawn by
    # cubics with the curve's own tangents, 2° apart at most.
    class ParallelEllipse
      STEPS = 90

      # @param half_width [Float] mm  @param half_height [Float] mm
      # @param by [Float] mm, less than the shorter of both
      def initialize(half_width, half_height, by)
        @wide = half_width >= half_height
        @long, @short = @wide ? [half_width, half_height] : [half_height, half_width]
        @by = by
      end

      # @return [Geometry::Path]
      def path
        half = angles.map { |t| [place(t), tangent(t)] }
        other = half.map { |point, way| [point * -1, way * -1] }
        Geometry::Path.new([[:move, seen(half.first.first)], *curves(half), *curves(other), [:close]])
      end

      private

      def step = (Math::PI - 2 * crossing) / STEPS

      # eccentric angles of the half that stays on its side of the long axis
      def angles = Array.new(STEPS + 1) { |i| crossing + step * i }

      # where y is nought: w = c a ÷ b
      def crossing
        return 0.0 if @long <= @short
        square = ((@by * @long / @short)**2 - @short**2) / (@long**2 - @short**2)
        square.positive? ? Math.asin(Math.sqrt([square, 1.0].min)) : 0.0
      end

      def normal_length(t) = Math.hypot(@short * Math.cos(t), @long * Math.sin(t))

      def place(t)
        w = normal_length(t)
        Geometry::Point[Math.cos(t) * (@long - @by * @short / w), Math.sin(t) * (@short - @by * @long / w)]
      end

      # the ellipse's own derivative, shorter by c times its curvature
      def tangent(t)
        Geometry::Point[-@long * Math.sin(t), @short * Math.cos(t)] * (1 - @by * @long * @short / normal_length(t)**3)
      end

      def curves(half)
        half.each_cons(2).map do |(from, leaves), (to, arrives)|
          [:curve, seen(from + leaves * (step / 3)), seen(to - arrives * (step / 3)), seen(to)]
        end
      end

      def seen(point) = @wide ? point : Geometry::Point[point.y, point.x]
    end
  end
end
