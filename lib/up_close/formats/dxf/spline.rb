# frozen_string_literal: true

module UpClose
  module Formats
    module DXF
      # A SPLINE as points: a rational B-spline by its knots and weights (de Boor; Piegl and Tiller,
      # The NURBS Book, 1997, A3.1 and A4.1), or a smooth line through its fit points where it has no others.
      class Spline
        MOST_DEGREE = 11
        MOST_KNOTS = 5000
        # pieces that a span is cut into, at least and at most
        CUTS = (4..64)

        # @param codes [Array<Array(Integer, String)>]
        def initialize(codes)
          @flags = codes.assoc(70)&.last.to_i
          @degree = codes.assoc(71)&.last.to_i
          @knots = all(codes, 40)
          @weights = all(codes, 41)
          @control, @fit = pairs(codes, 10), pairs(codes, 11)
        end

        # whether its own curve is not in the file, so that the line through its fit points is ours
        def guessed? = !sound?

        # @param chord [Float] how far a chord may stray, the drawing's units
        # @return [Array<Array(Float, Float)>]
        def points(chord)
          return through(@fit) unless sound?
          spans = @knots[@degree..-(@degree + 1)].each_cons(2).select { |from, to| to > from }
          points = spans.flat_map { |from, to| span(from, to, chord) } << at(@knots[-(@degree + 1)])
          closed? ? [*points, points.first] : points
        end

        private

        def closed? = @flags & 1 == 1

        def sound?
          @degree.between?(1, MOST_DEGREE) &&
            @control.size > @degree &&
            @knots.size == @control.size + @degree + 1 &&
            @knots.size <= MOST_KNOTS && ascending? && @weights.all?(&:positive?)
        end

        # knots this near are one: what lies between them cannot be told in a double
        NEAR = 1e-12

        # in order, and not all of them one
        def ascending?
          range = @knots.last - @knots.first
          @knots.each_cons(2).all? { |from, to| from == to || to - from > NEAR * range } && range > NEAR
        end

        def all(codes, code) = codes.select { |c, _| c == code }.map { |_, text| Figure.of(text) }

        def pairs(codes, code)
          across, down = all(codes, code), all(codes, code + 10)
          across.zip(down).select { |x, y| x.finite? && y&.finite? }
        end

        # finer until the middle of each chord lies near enough
        def span(from, to, chord)
          cuts = CUTS.begin
          cuts *= 2 while cuts < CUTS.end && strays(from, to, cuts) > chord
          Array.new(cuts) { |i| at(from + (to - from) * i / cuts) }
        end

        def strays(from, to, cuts)
          step = (to - from) / cuts
          (0...cuts).map do |i|
            a, b, c = [0, 0.5, 1].map { |share| at(from + step * (i + share)) }
            Math.hypot((a[0] + c[0]) / 2 - b[0], (a[1] + c[1]) / 2 - b[1])
          end.max
        end

        def at(place)
          span = (@degree...@control.size).reverse_each.find { |i| @knots[i] <= place } || @degree
          points = (0..@degree).map { |j| weighed(span - @degree + j) }
          (1..@degree).each { |round| points = blended(points, span, round, place) }
          x, y, w = points.last
          [x / w, y / w]
        end

        # one round of de Boor's: each of the last points with the one before it
        def blended(points, span, round, place)
          points.each_with_index.map do |point, j|
            next point if j < round
            low = @knots[span - @degree + j]
            width = @knots[span + 1 + j - round] - low
            share = width.zero? ? 0.0 : (place - low) / width
            points[j - 1].zip(point).map { |before, after| before * (1 - share) + after * share }
          end
        end

        def weighed(number)
          x, y = @control[number]
          weight = (@weights.size == @control.size) ? @weights[number] : 1.0
          [x * weight, y * weight, weight]
        end

        # a smooth line through points (E. Catmull, R. Rom, 1974)
        def through(points)
          return points if points.size < 3
          ends = closed? ? [points[-2], *points, points[1]] : [points.first, *points, points.last]
          ends.each_cons(4).flat_map { |four|
            Array.new(CUTS.begin * 4) { |i| between(*four, i / (CUTS.begin * 4.0)) }
          } << points.last
        end

        def between(before, from, to, after, share)
          [0, 1].map do |axis|
            a, b, c, d = [before, from, to, after].map { |p| p[axis] }
            0.5 *
              (2 * b + (c - a) * share + (2 * a - 5 * b + 4 * c - d) * share**2 + (3 * b - a - 3 * c + d) * share**3)
          end
        end
      end
    end
  end
end
