# frozen_string_literal: true

module UpClose
  module Geometry
    # Common outlines as paths.
    module Shapes
      # A circle is drawn by cubics of 22.5° each, with handles of 4/3 tan(θ/4):
      # off by less than a ten-millionth of the radius.
      ARC_DEG = 22.5

      module_function

      # @param from [Float] radians, from x towards y  @param to [Float]
      # @return [Array<Array>] curve commands along an upright ellipse, starting at +from+
      def arc(cx, cy, rx, ry, from, to)
        count = ((to - from).abs / (ARC_DEG * Math::PI / 180) - Tolerance::ROUNDING).ceil.clamp(1, 64)
        step = (to - from) / count
        handle = 4.0 / 3 * Math.tan(step / 4)
        Array.new(count) do |i|
          a, b = from + i * step, from + (i + 1) * step
          [
            :curve,
            on_ellipse(cx, cy, rx, ry, a, handle),
            on_ellipse(cx, cy, rx, ry, b, -handle),
            on_ellipse(cx, cy, rx, ry, b)
          ]
        end
      end

      # a place on an ellipse, moved +along+ its derivative
      def on_ellipse(cx, cy, rx, ry, angle, along = 0.0)
        cos, sin = Math.cos(angle), Math.sin(angle)
        Point.new(cx + rx * (cos - along * sin), cy + ry * (sin + along * cos))
      end

      # @param rx [Numeric] radius across  @param ry [Numeric] down  @return [Path]
      def ellipse(cx, cy, rx, ry)
        Path.new([[:move, on_ellipse(cx, cy, rx, ry, 0.0)], *arc(cx, cy, rx, ry, 0.0, 2 * Math::PI), [:close]])
      end

      # @param box [Box]  @return [Path]
      def rectangle(box) = Path.polygon(box.corners)

      # @param rx [Float] corner radius across  @param ry [Float] down
      def rounded_rectangle(box, rx, ry)
        return rectangle(box) if rx <= 0 || ry <= 0
        quarter = Math::PI / 2
        # right bottom, left bottom, left top, right top: each corner's middle and where its arc begins
        corners = [
          [box.right - rx, box.bottom - ry, 0],
          [box.x + rx, box.bottom - ry, 1],
          [box.x + rx, box.y + ry, 2],
          [box.right - rx, box.y + ry, 3]
        ]
        drawn = corners.flat_map do |x, y, turns|
          from = turns * quarter
          [[:line, on_ellipse(x, y, rx, ry, from)], *arc(x, y, rx, ry, from, from + quarter)]
        end
        Path.new([[:move, drawn.first.last], *drawn.drop(1), [:close]])
      end
    end
  end
end
