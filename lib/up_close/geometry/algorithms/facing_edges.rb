# frozen_string_literal: true

module UpClose
  module Geometry
    module Algorithms
      # Where a region is narrow, and where two of its edges come near each other: pairs of edges that face one another
      # (within 60° of antiparallel), measured square to one of them, as design rules of boards are checked. Across the
      # inside that is a width, across the outside a gap. The two sides of a corner face each other too: what lies no
      # further apart along the edge than five times the distance between is a corner, and is left out.
      class FacingEdges
        FACING = -0.5
        CORNER = 5.0
        # nearer than this two rings only touch, mm
        TOUCH_MM = 1e-6

        # a narrow place: how wide, mm, and its two ends
        Place = Value.define(:mm, :from, :to) do
          # @return [Box] round both ends, never of no size
          def box = Box.around([from, to]).grown(mm / 2 + 0.05)
        end

        # @param edges [Edges]  @param limit_mm [Float] nothing wider is looked for: at most the reach of +edges+
        def initialize(edges, limit_mm:)
          @edges, @limit = edges, limit_mm
        end

        # @return [Array<Place>] narrowest first, one for each stretch as long as the limit
        def widths = sorted(found[true])

        # @return [Array<Place>]
        def gaps = sorted(found[false])

        private

        def found
          @found ||= {true => {}, false => {}}.tap do |found|
            @best = found
            ux, uy = @edges.ux, @edges.uy
            @edges.each_pair do |one, other|
              measure(one, other) if ux[one] * ux[other] + uy[one] * uy[other] <= FACING
            end
          end
        end

        def sorted(cells) = cells.values.sort_by(&:mm)

        # the least of four: each edge's ends, square to the other
        def measure(one, other)
          from_end(one, @edges.x0[one], @edges.y0[one], 0.0, other)
          from_end(one, @edges.x1[one], @edges.y1[one], @edges.length(one), other)
          from_end(other, @edges.x0[other], @edges.y0[other], 0.0, one)
          from_end(other, @edges.x1[other], @edges.y1[other], @edges.length(other), one)
        end

        # @param at [Float] how far along its edge the end lies
        def from_end(edge, x, y, at, other)
          e = @edges
          ux, uy = e.ux[other], e.uy[other]
          ox, oy = x - e.x0[other], y - e.y0[other]
          across = ux * oy - uy * ox
          distance = across.abs
          return if distance >= @limit || distance < TOUCH_MM
          t = ox * ux + oy * uy
          return if t < 0 || t > e.length(other)
          keep(edge, x, y, at, other, t, across)
        end

        # on the left of the other edge lies the inside
        def keep(edge, x, y, at, other, t, across)
          cell = [(x / @limit).floor, (y / @limit).floor]
          best = @best[across.positive?]
          distance = across.abs
          return if (best[cell] && best[cell].mm <= distance) || !through?(edge, other, x, y, across)
          return if corner?(edge, at, other, t, distance)
          to = Point[@edges.x0[other] + t * @edges.ux[other], @edges.y0[other] + t * @edges.uy[other]]
          best[cell] = Place.new(distance, Point[x, y], to)
        end

        # the way across begins on the same side of the first edge as it ends of the second
        def through?(edge, other, _x, _y, across)
          nx, ny = -@edges.uy[other], @edges.ux[other]
          toward = -across * (nx * -@edges.uy[edge] + ny * @edges.ux[edge])
          toward.positive? == across.positive?
        end

        def corner?(edge, at, other, t, distance)
          return false unless @edges.ring[edge] == @edges.ring[other]
          whole = @edges.ring_length[@edges.ring[edge]]
          way = ((@edges.along[edge] + at) - (@edges.along[other] + t)).abs
          [way, whole - way].min < CORNER * distance
        end
      end
    end
  end
end
