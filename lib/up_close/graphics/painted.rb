# frozen_string_literal: true

module UpClose
  module Graphics
    # One painted path of a drawing: what is filled, what is stroked. Frozen.
    class Painted
      attr_reader :path, :fill, :fill_alpha, :even_odd, :stroke, :stroke_alpha, :stroke_width, :cap, :join, :miter

      # @param path [Geometry::Path]
      # @param fill [Colour, nil]  @param stroke [Colour, nil]
      # @param stroke_width [Float] in the path's own units
      # @param cap [Symbol] :butt, :round, :square  @param join [Symbol] :miter, :round, :bevel
      def initialize(
        path:, fill: nil, fill_alpha: 1.0, even_odd: false, stroke: nil, stroke_alpha: 1.0, stroke_width: 1.0,
        cap: :butt, join: :miter, miter: 4.0
      )
        @path, @fill, @fill_alpha, @even_odd = path, fill, fill_alpha, even_odd
        @stroke, @stroke_alpha, @stroke_width = stroke, stroke_alpha, stroke_width
        @cap, @join, @miter = cap, join, miter
        freeze
      end

      # @param changes [Hash] fields that differ  @return [Painted]
      def with(**changes)
        now = {
          path: path, fill: fill, fill_alpha: fill_alpha, even_odd: even_odd, stroke: stroke,
          stroke_alpha: stroke_alpha, stroke_width: stroke_width, cap: cap, join: join, miter: miter
        }
        Painted.new(**now, **changes)
      end

      # @param map [Geometry::Transform] that keeps shapes alike
      def transform(map) = with(path: path.transform(map), stroke_width: stroke_width * map.mean_scale)

      # the box of all that it can paint: its path, and half the outline
      # @return [Geometry::Box]
      def reach = path.box.grown(stroke ? stroke_width / 2 : 0)

      # the same as its outline is drawn, with its own ends and corners
      # @return [Geometry::Box]
      def exact_reach
        return path.box unless stroke
        fine = path.flatten([path.box.width, path.box.height, stroke_width].max * 1e-4)
        Geometry::Box.around(Geometry::Algorithms::StrokeReach
          .new(width: stroke_width, cap: cap, join: join, miter: miter)
          .call(fine))
      end

      def paints = [([fill, fill_alpha] if fill), ([stroke, stroke_alpha] if stroke)].compact

      def visible? = paints.any? { |_, alpha| alpha > 0 } && !path.empty?

      def white? = paints.any? { |colour, alpha| colour.white? && alpha > 0 }
    end
  end
end
