# frozen_string_literal: true

module UpClose
  module Formats
    module DXF
      # What a DXF draws, as points: y turned downwards, curves as chords.
      class Entities
        CHORD_MM = 0.002
        # a bulge below it stands off no line that a drawing holds
        STRAIGHT = 1e-12

        # splines that gave only points to pass through
        attr_reader :guessed

        # @param scale [Float] mm a unit
        def initialize(scale)
          @scale, @guessed = scale, 0
        end

        # @param codes [Array<Array(Integer, String)>]
        # @return [Array<Array<Point>>, nil] nil for what carries no outline
        def points(kind, codes)
          case kind
          when "LINE" then [[at(codes, 10), at(codes, 11)]]
          when "CIRCLE" then [arc(at(codes, 10), value(codes, 40), 0, 360)]
          when "ARC" then [arc(at(codes, 10), value(codes, 40), *arc_angles(codes))]
          when "ELLIPSE" then [ellipse(codes)]
          when "SPLINE" then [spline(Spline.new(codes))]
          when "LWPOLYLINE" then [polyline(corners(codes), closed?(codes))]
          when "POLYLINE" then [polyline(vertices(codes), closed?(codes))]
          end
        end

        private

        def spline(curve)
          @guessed += 1 if curve.guessed?
          curve.points(CHORD_MM / @scale).map { |x, y| point(x, y) }
        end

        def value(codes, code) = Figure.of(codes.assoc(code)&.last)

        def closed?(codes) = codes.assoc(70)&.last.to_i & 1 == 1

        def at(codes, code) = point(value(codes, code), value(codes, code + 10))

        def point(x, y) = Geometry::Point[x * @scale, -y * @scale]

        def arc_angles(codes)
          from, to = value(codes, 50), value(codes, 51)
          [from, (to <= from) ? to + 360 : to]
        end

        # @return [Array<Array(Point, Float)>] corner, and bulge to the next
        def corners(codes)
          corners = codes.each_with_object([]) do |(code, text), all|
            all << [Figure.of(text), 0.0, 0.0] if code == 10
            all.last[1] = Figure.of(text) if code == 20 && all.any?
            all.last[2] = Figure.of(text) if code == 42 && all.any?
          end
          corners.map { |x, y, bulge| [point(x, y), bulge] }
        end

        def vertices(codes) = codes.slice_before([0, "VERTEX"]).drop(1).flat_map { |group| corners(group) }

        def polyline(corners, closed)
          corners += corners.first(1) if closed
          return [] if corners.size < 2
          corners.each_cons(2).flat_map { |(p, bulge), (q, _)|
            (bulge.abs < STRAIGHT) ? [p] : bulged(p, q, bulge)
          } << corners.last.first
        end

        # bulge = tan(angle ÷ 4), anticlockwise with y upwards; all but the last point
        def bulged(p, q, bulge)
          angle = 4 * Math.atan(bulge)
          chord = p.distance(q)
          return [p] if chord.zero?
          radius = chord / 2 / Math.sin(angle / 2)
          middle = (p + q) * 0.5 - (q - p).normal.unit * (radius * Math.cos(angle / 2))
          count = chords(radius.abs, angle.abs)
          Array.new(count) do |i|
            middle + Geometry::Transform.turn(-angle * 180 / Math::PI * i / count).apply(p - middle)
          end
        end

        # by its longer half axis, the share of the shorter one, and from where to where (radians of the circle it was)
        def ellipse(codes)
          middle, major = [10, 11].map { |code| [value(codes, code), value(codes, code + 10)] }
          share, from = value(codes, 40), value(codes, 41)
          to = codes.assoc(42) ? value(codes, 42) : 2 * Math::PI
          to += 2 * Math::PI if to <= from
          count = chords(Math.hypot(*major) * @scale, to - from)
          Array.new(count + 1) do |i|
            cos, sin = Math.cos(from + (to - from) * i / count), Math.sin(from + (to - from) * i / count)
            point(
              middle[0] + major[0] * cos - major[1] * share * sin,
              middle[1] + major[1] * cos + major[0] * share * sin
            )
          end
        end

        def arc(centre, radius, from, to)
          radius *= @scale
          count = chords(radius, (to - from) * Math::PI / 180)
          Array.new(count + 1) do |i|
            angle = (from + (to - from) * i / count) * Math::PI / 180
            Geometry::Point[centre.x + radius * Math.cos(angle), centre.y - radius * Math.sin(angle)]
          end
        end

        # so many that none strays further than CHORD_MM: 2 acos(1 − c ÷ r) each
        def chords(radius, angle)
          (angle / (2 * Math.acos(1 - CHORD_MM / [radius, 2 * CHORD_MM].max))).ceil.clamp(4, 720)
        end
      end
    end
  end
end
