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
        # within about a degree
        PARALLEL = -0.9998
        # nearer than this two edges touch: they were meant to, mm
        TOUCH_MM = 0.005
        # a circle's own corners lie so unevenly, mm
        NARROWER_MM = 0.002

        # a narrow place: how wide, mm, and its two ends, and whether both
        # are of one connected part
        Place = Value.define(:mm, :from, :to, :within_part) do
          # @return [Box] round both ends, never of no size
          def box = Box.around([from, to]).grown(mm / 2 + 0.05)
        end

        # @param edges [Edges]  @param limit_mm [Float] nothing wider is looked for: at most the reach of +edges+
        def initialize(edges, limit_mm:)
          @edges, @limit = edges, limit_mm
        end

        # @return [Array<Place>] narrowest first, one for each stretch as long as the limit
        def widths = sorted(closest[true])

        # @return [Array<Place>]
        def gaps = sorted(closest[false].merge(closest[:between]) { |_, one, other| [one, other].min_by(&:mm) })

        # between parts that are not joined: what lies between two stretches of one conductor joins nothing
        # @return [Array<Place>]
        def gaps_between_parts = sorted(closest[:between])

        private

        def closest
          @closest ||= {true => {}, false => {}, :between => {}}.tap do |pairs|
            @best = pairs
            @edges.cells.each { |edges| among(edges) }
          end
        end

        # the innermost loop of all: without a block for each pair
        def among(edges)
          all_ux, all_uy = @edges.ux, @edges.uy
          last = edges.size
          i = 0
          while i < last
            edge = edges[i]
            ux, uy = all_ux[edge], all_uy[edge]
            j = i += 1
            while j < last
              other = edges[j]
              measure(edge, other) if ux * all_ux[other] + uy * all_uy[other] <= FACING
              j += 1
            end
          end
        end

        def sorted(cells) = cells.values.sort_by(&:mm)

        # each edge's ends, square to the other; not where all of the other lies further off its line than is looked
        def measure(one, other)
          e = @edges
          ux, uy = e.ux[one], e.uy[one]
          x, y = e.x0[one], e.y0[one]
          from_start = ux * (e.y0[other] - y) - uy * (e.x0[other] - x)
          to_end = ux * (e.y1[other] - y) - uy * (e.x1[other] - x)
          return if (from_start > @limit && to_end > @limit) || (from_start < -@limit && to_end < -@limit)
          ends_onto(other, one)
          ends_onto(one, other)
          return if e.lengths[one] < @limit || e.lengths[other] < @limit
          return if ux * e.ux[other] + uy * e.uy[other] > PARALLEL
          middle_onto(one, other)
          middle_onto(other, one)
        end

        # a plain strip has corners at its ends alone, where it is no neck: between parallel edges the middle tells
        def middle_onto(edge, other)
          e = @edges
          x, y = (e.x0[edge] + e.x1[edge]) / 2, (e.y0[edge] + e.y1[edge]) / 2
          ox, oy = x - e.x0[other], y - e.y0[other]
          t = ox * e.ux[other] + oy * e.uy[other]
          return if t < 0 || t > e.lengths[other]
          across = e.ux[other] * oy - e.uy[other] * ox
          inside = across.abs < @limit && across.abs >= TOUCH_MM
          keep(edge, x, y, e.lengths[edge] / 2, other, t, across, parallel: true) if inside
        end

        def ends_onto(edge, other)
          e = @edges
          from_end(edge, e.x0[edge], e.y0[edge], 0.0, other)
          from_end(edge, e.x1[edge], e.y1[edge], e.lengths[edge], other)
        end

        # @param along [Float] how far along its edge the end lies
        def from_end(edge, x, y, along, other)
          e = @edges
          ux, uy = e.ux[other], e.uy[other]
          ox, oy = x - e.x0[other], y - e.y0[other]
          t = ox * ux + oy * uy
          return if t < 0 || t > e.lengths[other]
          across = ux * oy - uy * ox
          distance = across.abs
          keep(edge, x, y, along, other, t, across) if distance < @limit && distance >= TOUCH_MM
        end

        # on the left of the other edge lies the inside
        def keep(edge, x, y, along, other, t, across, parallel: false)
          cell = [(x / @limit).floor, (y / @limit).floor]
          inside = across.positive?
          apart = !inside && @edges.part[edge] != @edges.part[other]
          best = @best[apart ? :between : inside]
          distance = across.abs
          return if (best[cell] && best[cell].mm <= distance) || !through?(edge, other, across)
          return if corner?(edge, along, other, t, distance) || (!parallel && narrows_on?(edge, along, other, distance))
          to = Point[@edges.x0[other] + t * @edges.ux[other], @edges.y0[other] + t * @edges.uy[other]]
          best[cell] = Place.new(distance, Point[x, y], to, !apart)
        end

        # the way across begins on the same side of the first edge as it ends of the second
        def through?(edge, other, across)
          nx, ny = -@edges.uy[other], @edges.ux[other]
          toward = -across * (nx * -@edges.uy[edge] + ny * @edges.ux[edge])
          toward.positive? == across.positive?
        end

        # in a wedge it goes on narrowing beside this corner: no place of its own
        def narrows_on?(edge, along, other, distance)
          here, there = along.zero? ? [@edges.before(edge), edge] : [edge, @edges.after(edge)]
          [off(@edges.x0[here], @edges.y0[here], other), off(@edges.x1[there], @edges.y1[there], other)].min <
            distance - NARROWER_MM
        end

        # @return [Float] mm from the line of an edge
        def off(x, y, edge)
          (@edges.ux[edge] * (y - @edges.y0[edge]) - @edges.uy[edge] * (x - @edges.x0[edge])).abs
        end

        def corner?(edge, along, other, t, distance)
          return false unless @edges.ring[edge] == @edges.ring[other]
          whole = @edges.ring_length[@edges.ring[edge]]
          way = ((@edges.along[edge] + along) - (@edges.along[other] + t)).abs
          [way, whole - way].min < CORNER * distance
        end
      end
    end
  end
end
