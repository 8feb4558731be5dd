# frozen_string_literal: true

module UpClose
  module Boards
    module Gerber
      # Polygons of plain numbers: each a list of rings, outline first; a ring is x, y, x, y … in mm, y upwards,
      # not closed. A board has tens of thousands of them, so no object stands for a point.
      module Outlines
        # a circle's corners lie so far off it at most, mm
        TOLERANCE_MM = 0.005
        CORNERS = (12..360)

        module_function

        # A regular polygon of the circle's own area: its corners lie a little outside, its sides a little inside.
        # @param radius [Float]  @return [Array<Float>] a ring
        def circle(x, y, radius)
          corners = corners(radius)
          around(x, y, radius * equal_area(corners), corners, Math::PI / corners)
        end

        # @param first [Float] angle of the first corner, radians
        # @return [Array<Float>] a ring of corners on a circle
        def around(x, y, radius, corners, first = 0.0)
          step = 2 * Math::PI / corners
          Array.new(corners) { |i| [x + radius * Math.cos(first + i * step), y + radius * Math.sin(first + i * step)] }
            .flatten
        end

        # @return [Integer] a multiple of 4
        def corners(radius)
          wanted = Math::PI * Math.sqrt(radius / (3 * TOLERANCE_MM))
          (wanted / 4).ceil.*(4).clamp(CORNERS.begin, CORNERS.end)
        end

        # radius of a regular polygon's corners over that of the circle of its area
        def equal_area(corners) = Math.sqrt(2 * Math::PI / corners / Math.sin(2 * Math::PI / corners))

        # @return [Array<Float>] a ring
        def box(left, low, width, height)
          [left, low, left + width, low, left + width, low + height, left, low + height]
        end

        # A round pen drawn from one place to another: its sides lie exactly one radius off the line.
        # @return [Array<Float>] a ring
        def stroke(x0, y0, x1, y1, radius)
          length = Math.hypot(x1 - x0, y1 - y0)
          return circle(x0, y0, radius) if length < Tolerance::ROUNDING
          ux, uy = (x1 - x0) / length, (y1 - y0) / length
          cap = cap(radius)
          cap_at(x1, y1, ux, uy, cap) + cap_at(x0, y0, -ux, -uy, cap)
        end

        # half a circle from −90° to 90°, along x
        def cap(radius)
          (@caps ||= {})[radius] ||= begin
            half = corners(radius) / 2
            outside = radius * equal_area(2 * half)
            (0..half).flat_map do |i|
              angle = Math::PI * (i.to_f / half - 0.5)
              far = (i.zero? || i == half) ? radius : outside
              [far * Math.cos(angle), far * Math.sin(angle)]
            end
          end
        end

        # that half circle turned and moved
        def cap_at(x, y, ux, uy, cap)
          ring = Array.new(cap.size)
          i = 0
          while i < cap.size
            along, aside = cap[i], cap[i + 1]
            ring[i] = x + along * ux - aside * uy
            ring[i + 1] = y + along * uy + aside * ux
            i += 2
          end
          ring
        end

        # @param polygons [Array<Array<Array<Float>>>]
        # @return [Array<Array<Array<Float>>>]
        def moved(polygons, dx, dy)
          polygons.map { |rings| rings.map { |ring| moved_ring(ring, dx, dy) } }
        end

        # @param ring [Array<Float>]  @return [Array<Float>]
        def moved_ring(ring, dx, dy)
          out = Array.new(ring.size)
          i = 0
          while i < ring.size
            out[i] = ring[i] + dx
            out[i + 1] = ring[i + 1] + dy
            i += 2
          end
          out
        end

        # @param map [Geometry::Transform]
        # @return [Array<Array<Array<Float>>>]
        def mapped(polygons, map)
          polygons.map do |rings|
            rings.map do |ring|
              ring.each_slice(2).flat_map { |x, y| [map.a * x + map.c * y + map.e, map.b * x + map.d * y + map.f] }
            end
          end
        end
      end
    end
  end
end
