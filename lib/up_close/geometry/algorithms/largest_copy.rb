# frozen_string_literal: true

module UpClose
  module Geometry
    module Algorithms
      # The largest copy of a convex outline that fits in a convex shape, at
      # the angle given, wherever it must move to.
      #
      # A copy scaled by s and moved by t fits in K with clearance c exactly when
      #   n·t + s·hM(n) ≤ hK(n) − c   for every direction n,
      # h being the support functions (Schneider, Convex Bodies, 1.7). That is a
      # linear programme in t and s. Directions are brought in one at a time,
      # the one most broken first; a small set of them settles it.
      class LargestCopy
        DIRECTIONS = 720
        ROUNDS = 60

        # @param support [#call] hK: unit Point → Float, from the shape's centre
        # @param outline [Array<Point>] the mark's convex hull about its own centre, anticlockwise (y up) as ConvexHull
        #   gives it
        # @param clearance [Float] mm
        # @param directions [Array<Point>] further unit normals that must hold exactly
        def initialize(support:, outline:, clearance:, directions: [])
          @support, @outline, @clearance = support, outline, clearance
          @rows = directions.map { |n| row(n) } + even_rows
        end

        # @return [Array(Float, Point)] scale and move; scale 0 when nothing fits
        def call
          binding_rows = Array.new(4) { |i| row(unit(Math::PI / 2 * i)) }
          best = nil
          ROUNDS.times do
            best = corner(binding_rows) or return [0.0, Point::ORIGIN]
            worst = @rows.max_by { |r| excess(r, best) }
            break if excess(worst, best) < Tolerance::ROUNDING
            binding_rows = binding_rows.select { |r| excess(r, best) > -Tolerance::SLIGHT }.push(worst)
          end
          [best[2], Point.new(best[0], best[1])]
        end

        private

        def unit(angle) = Point.new(Math.cos(angle), Math.sin(angle))

        def row(n, reach = @outline.map { |p| n.dot(p) }.max) = [n.x, n.y, reach, @support.call(n) - @clearance]

        # as the direction turns, the furthest corner only moves on round the hull
        def even_rows
          corner = nil
          Array.new(DIRECTIONS) do |i|
            n = unit(2 * Math::PI * i / DIRECTIONS)
            corner ||= @outline.each_index.max_by { |k| n.dot(@outline[k]) }
            corner =
              (corner + 1) % @outline.size while n.dot(@outline[(corner + 1) % @outline.size]) > n.dot(@outline[corner])
            row(n, n.dot(@outline[corner]))
          end
        end

        def excess(row, best) = row[0] * best[0] + row[1] * best[1] + row[2] * best[2] - row[3]

        # best corner of the few rows kept: every triple, tried
        def corner(rows)
          rows.combination(3).filter_map { |triple| meet(*triple) }
            .select { |p| p[2] >= 0 && rows.all? { |r| excess(r, p) < 1e-7 } }
            .max_by { |p| p[2] }
        end

        # Cramer's rule
        def meet(p, q, r)
          whole = determinant(p, q, r, 0, 1, 2)
          return if whole.abs < Tolerance::ZERO
          [
            determinant(p, q, r, 3, 1, 2) / whole,
            determinant(p, q, r, 0, 3, 2) / whole,
            determinant(p, q, r, 0, 1, 3) / whole
          ]
        end

        def determinant(p, q, r, i, j, k)
          p[i] * (q[j] * r[k] - q[k] * r[j]) - p[j] * (q[i] * r[k] - q[k] * r[i]) + p[k] * (q[i] * r[j] - q[j] * r[i])
        end
      end
    end
  end
end
