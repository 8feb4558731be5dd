# frozen_string_literal: true

module UpClose
  module Geometry
    # Common outlines as paths.
    module Shapes
      # a quarter circle as one cubic: 4(√2 − 1)/3, off by 0.027 % of the radius at most
      QUARTER = 4 * (Math.sqrt(2) - 1) / 3
      EIGHTH = 4.0 / 3 * Math.tan(Math::PI / 16)

      module_function

      # Eight cubics, off by 4 millionths of the radius at most.
      def ellipse(cx, cy, rx, ry)
        at = ->(angle, along) { Point.new(cx + rx * (Math.cos(angle) - along * Math.sin(angle)), cy + ry * (Math.sin(angle) + along * Math.cos(angle))) }
        arcs = Array.new(8) do |i|
          from, to = i * Math::PI / 4, (i + 1) * Math::PI / 4
          [:curve, at[from, EIGHTH], at[to, -EIGHTH], at[to, 0]]
        end
        Path.new([[:move, at[0, 0]], *arcs, [:close]])
      end

      def rectangle(box) = Path.polygon(box.corners)

      # @param rx [Float] corner radius across  @param ry [Float] down
      def rounded_rectangle(box, rx, ry)
        return rectangle(box) if rx <= 0 || ry <= 0
        kx, ky = rx * (1 - QUARTER), ry * (1 - QUARTER)
        l, t, r, b = box.x, box.y, box.right, box.bottom
        p = ->(x, y) { Point.new(x, y) }
        Path.new([
          [:move, p[l + rx, t]], [:line, p[r - rx, t]], [:curve, p[r - kx, t], p[r, t + ky], p[r, t + ry]],
          [:line, p[r, b - ry]], [:curve, p[r, b - ky], p[r - kx, b], p[r - rx, b]],
          [:line, p[l + rx, b]], [:curve, p[l + kx, b], p[l, b - ky], p[l, b - ry]],
          [:line, p[l, t + ry]], [:curve, p[l, t + ky], p[l + kx, t], p[l + rx, t]], [:close]
        ])
      end
    end
  end
end
