# frozen_string_literal: true

module UpClose
  module Artwork
    # Finds the ink of a drawing. Box and hull come from the curves themselves;
    # the weighted middle and the silhouette from a rendering of it. Where white
    # is painted, which may hide ink below it, the rendering decides all.
    class InkOfDrawing
      RENDER_PX = 800
      WHITE_RENDER_PX = 1600

      # @return [Ink, nil]
      def self.call(drawing) = new(drawing).call

      # of any colour; what is too light to be printed is no ink
      def initialize(drawing)
        @drawing = InkTone.as_black(drawing)
      end

      def call
        @extent = extent or return
        return rendered_ink(WHITE_RENDER_PX) if @drawing.shapes.any?(&:white?)
        rendered = rendered_ink(RENDER_PX) or return
        Ink.new(
          box: @extent,
          hull: Geometry::Algorithms::ConvexHull.call(@points),
          centroid: rendered.centroid,
          rows: rendered.rows
        )
      end

      private

      def extent
        bare = @drawing.shapes.filter_map { |shape| shape.path.box }
        return if bare.empty?
        whole = bare.reduce(:union)
        tolerance = [whole.width, whole.height].max * 2e-6
        return if tolerance.zero?
        @points = @drawing.shapes.flat_map { |shape| points_of(shape, tolerance) }
        Geometry::Box.around(@points)
      end

      def points_of(shape, tolerance)
        bare = shape.path.flatten(tolerance * 20)
        points = bare.flat_map(&:first) + Geometry::Algorithms::PathExtremes.call(shape.path)
        return points unless shape.stroke
        Geometry::Algorithms::StrokeReach
          .new(width: shape.stroke_width, cap: shape.cap, join: shape.join, miter: shape.miter)
          .call(shape.path.flatten(tolerance))
      end

      def rendered_ink(pixels)
        frame = @extent.grown([@extent.width, @extent.height].max * 0.002)
        scale = pixels / [frame.width, frame.height].max
        image = Formats::SVG::Raster.call(@drawing, frame: frame, scale: scale)
        ink = InkOfPixels.call(image, soft: true) or return
        to_units(ink, frame, scale)
      end

      def to_units(ink, frame, scale)
        map = Geometry::Transform.scale(1 / scale).then(Geometry::Transform.move(frame.x, frame.y))
        box = Geometry::Box.around(ink.box.corners.map { |p| map.apply(p) })
        rows = ink.rows.map { |x, y, w, h| [x / scale + frame.x, y / scale + frame.y, w / scale, h / scale] }
        Ink.new(box: box, hull: ink.hull.map { |p| map.apply(p) }, centroid: map.apply(ink.centroid), rows: rows)
      end
    end
  end
end
