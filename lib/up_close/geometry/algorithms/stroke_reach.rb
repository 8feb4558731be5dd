# frozen_string_literal: true

module UpClose
  module Geometry
    module Algorithms
      # The outermost points of a stroked line: its sides, joins and caps
      # (SVG 1.1, 11.4). Enough for its box and hull, without an offset curve.
      class StrokeReach
        ROUND = 64

        def initialize(width:, cap:, join:, miter:)
          @half, @cap, @join, @miter = width / 2.0, cap, join, miter
        end

        # @param subpaths [Array<Array(Array<Point>, Boolean)>] as Path#flatten gives them
        # @return [Array<Point>]
        def call(subpaths)
          @bent = []
          reached = subpaths.flat_map { |points, closed| subpath(points, closed) }
          # a circle about a point between others lies within the hull of the circles about those
          reached + ConvexHull.call(@bent).flat_map { |corner| circle(corner) }
        end

        private

        def subpath(points, closed)
          points = points.chunk_while { |a, b| a == b }.map(&:first)
          points.pop if closed && points.size > 1 && points.first == points.last
          return dot(points.first) if points.size < 2
          pairs = points.each_cons(2).to_a
          pairs << [points.last, points.first] if closed && points.size > 2
          sides(pairs) + joins(pairs, closed && points.size > 2) + (closed ? [] : caps(pairs))
        end

        def dot(point) = (@cap == :butt) ? [] : circle(point)

        def sides(pairs)
          pairs.flat_map do |p, q|
            side = (q - p).unit.normal * @half
            [p + side, p - side, q + side, q - side]
          end
        end

        def joins(pairs, closed)
          corners = pairs.each_cons(2).to_a
          corners << [pairs.last, pairs.first] if closed
          return round_joins(corners) if @join == :round
          corners.flat_map { |(p, q), (_, r)| miter_join(p, q, r) }
        end

        # kept for the end; a nearly straight join adds nothing beyond its sides
        def round_joins(corners)
          corners.each { |(p, q), (_, r)| @bent << q if (q - p).unit.dot((r - q).unit) <= 0.999 }
          []
        end

        # tip at half ÷ sin(θ/2) from the corner, when within the limit
        def miter_join(p, q, r)
          return [] unless @join == :miter
          first, second = (q - p).unit, (r - q).unit
          outward = first - second
          sine = Math.sqrt([(1 + first.dot(second)) / 2, 0].max)
          return [] if sine < Tolerance::ROUNDING || 1 / sine > @miter || outward.length < Tolerance::ROUNDING
          [q + outward.unit * (@half / sine)]
        end

        def caps(pairs)
          first, last = pairs.first, pairs.last
          cap(first[0], (first[0] - first[1]).unit) + cap(last[1], (last[1] - last[0]).unit)
        end

        def cap(point, outward)
          case @cap
          when :round then circle(point)
          when :square then [1, -1].map { |side| point + outward * @half + outward.normal * (@half * side) }
          else []
          end
        end

        def circle(centre)
          Array.new(ROUND) do |i|
            angle = 2 * Math::PI * i / ROUND
            centre + Point.new(@half * Math.cos(angle), @half * Math.sin(angle))
          end
        end
      end
    end
  end
end
