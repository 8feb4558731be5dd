# frozen_string_literal: true

module UpClose
  module Geometry
    module Algorithms
      # A smooth curve through points that rises and falls only where they do: piecewise cubic Hermite with harmonic
      # slopes (F. N. Fritsch and J. Butland, SIAM Journal on Scientific and Statistical Computing 5, 1984).
      class MonotoneCurve
        # @param points [Array<Array(Float, Float)>] two or more, x rising
        def initialize(points)
          @xs, @ys = points.transpose.map { |values| values.map(&:to_f) }
          @steps = @xs.each_cons(2).map { |a, b| b - a }
          @rises = @ys.each_cons(2).zip(@steps).map { |(a, b), step| (b - a) / step }
          @slopes = slopes.freeze
        end

        # @param x [Float]  @return [Float] its value; nearest end's beyond the ends
        def at(x)
          i, t = place(x)
          h00, h10, h01, h11 = 2 * t**3 - 3 * t**2 + 1, t**3 - 2 * t**2 + t, -2 * t**3 + 3 * t**2, t**3 - t**2
          @ys[i] * h00 + @slopes[i] * h10 * @steps[i] + @ys[i + 1] * h01 + @slopes[i + 1] * h11 * @steps[i]
        end

        # @param x [Float]  @return [Float]
        def slope(x)
          i, t = place(x)
          6 * (t - t**2) * @rises[i] + @slopes[i] * (3 * t**2 - 4 * t + 1) + @slopes[i + 1] * (3 * t**2 - 2 * t)
        end

        private

        # @return [Array(Integer, Float)] the stretch, and how far along it, 0..1
        def place(x)
          i = [(@xs.bsearch_index { |value| value > x } || @xs.size) - 1, 0].max.clamp(0, @steps.size - 1)
          [i, ((x - @xs[i]) / @steps[i]).clamp(0.0, 1.0)]
        end

        def slopes
          return [@rises.first] * 2 if @steps.size == 1
          inner = @steps.each_cons(2).zip(@rises.each_cons(2)).map { |steps, rises| harmonic(*steps, *rises) }
          [at_end(*@steps.first(2), *@rises.first(2)), *inner, at_end(*@steps.last(2).reverse, *@rises.last(2).reverse)]
        end

        def harmonic(before, after, rise, next_rise)
          return 0.0 if rise * next_rise <= 0
          first, second = 2 * after + before, after + 2 * before
          (first + second) / (first / rise + second / next_rise)
        end

        # three points, kept from overshooting
        def at_end(near, far, rise, next_rise)
          slope = ((2 * near + far) * rise - near * next_rise) / (near + far)
          return 0.0 if slope * rise <= 0
          (rise * next_rise <= 0 && slope.abs > 3 * rise.abs) ? 3 * rise : slope
        end
      end
    end
  end
end
