# frozen_string_literal: true

module UpClose
  module Formats
    module SVG
      # An elliptical arc as cubics of a quarter turn at most
      # (SVG 1.1, appendix F.6: from end points to centre).
      class Arc
        # a radius below it is none: its square could not be told from nought
        LEAST = 1e-100

        def initialize(from:, to:, rx:, ry:, turn:, large:, sweep:)
          @from, @to, @rx, @ry = from, to, rx.abs, ry.abs
          @large, @sweep = large, sweep
          @turn = Geometry::Transform.turn(turn)
          @back = Geometry::Transform.turn(-turn)
        end

        # @return [Array<Array(Point, Point, Point)>, nil] nil when it is a straight line
        def curves
          return if @rx < LEAST || @ry < LEAST || @from == @to
          half = @back.apply((@from - @to) * 0.5)
          widen(half)
          centre_of(half)
          start, sweep = angles(half)
          pieces = (sweep.abs / (Math::PI / 2) - Tolerance::ROUNDING).ceil.clamp(1, 8)
          Array.new(pieces) { |i| piece(start + sweep * i / pieces, sweep / pieces, i == pieces - 1) }
        end

        private

        # F.6.6: radii too small are made just large enough
        def widen(half)
          need = (half.x / @rx)**2 + (half.y / @ry)**2
          return if need <= 1
          @rx *= Math.sqrt(need)
          @ry *= Math.sqrt(need)
        end

        def centre_of(half)
          below = (@rx * half.y)**2 + (@ry * half.x)**2
          root = Math.sqrt([(@rx * @ry)**2 / below - 1, 0].max) * ((@large == @sweep) ? -1 : 1)
          @middle = Geometry::Point.new(root * @rx * half.y / @ry, -root * @ry * half.x / @rx)
          @centre = @turn.apply(@middle) + (@from + @to) * 0.5
        end

        def angles(half)
          first = Math.atan2((half.y - @middle.y) / @ry, (half.x - @middle.x) / @rx)
          last = Math.atan2((-half.y - @middle.y) / @ry, (-half.x - @middle.x) / @rx)
          sweep = last - first
          sweep -= 2 * Math::PI if !@sweep && sweep > 0
          sweep += 2 * Math::PI if @sweep && sweep < 0
          [first, sweep]
        end

        def piece(start, sweep, last)
          k = 4.0 / 3 * Math.tan(sweep / 4)
          finish = start + sweep
          [on(start, -k, start), on(finish, k, finish), last ? @to : on(finish, 0, 0)]
        end

        # the point at +angle+, moved back along the tangent by k
        def on(angle, k, share)
          x = @rx * (Math.cos(angle) + k * Math.sin(share))
          y = @ry * (Math.sin(angle) - k * Math.cos(share))
          @turn.apply(Geometry::Point.new(x, y)) + @centre
        end
      end
    end
  end
end
