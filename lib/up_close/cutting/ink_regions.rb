# frozen_string_literal: true

module UpClose
  module Cutting
    # A drawing at its final size as areas and lines: what is filled, and what is only drawn along. mm, its ink's top
    # left the origin.
    class InkRegions
      CURVE_MM = 0.01
      MOST_POINTS = 200_000

      attr_reader :width_mm, :height_mm

      # Of whatever is inked, a picture's pixels or a drawing's lines.
      # @param artwork [Artwork::Drawing, Artwork::Picture]  @param width_mm [Float]
      # @return [Geometry::Region] mm, its ink's top left the origin
      def self.inked(artwork, width_mm:)
        return PictureRegion.new(artwork, width_mm: width_mm).ink unless artwork.vector?
        new(Artwork::InkTone.as_black(artwork).with_ink(artwork.ink), width_mm: width_mm).ink
      end

      # @param drawing [Artwork::Drawing]  @param width_mm [Float]
      # @raise [Errors::BadArtwork] for a picture, or for more detail than is cut
      def initialize(drawing, width_mm:)
        unless drawing.vector?
          raise Errors::BadArtwork.new(
            "A template is cut along lines, but this is a picture.",
            remedy: "Take a drawing (SVG, DXF, PDF), or lettering."
          )
        end
        box = drawing.ink.box
        @scale = width_mm / box.width
        @width_mm, @height_mm = width_mm.to_f, box.height * @scale
        map = Geometry::Transform.move(-box.x, -box.y).then(Geometry::Transform.scale(@scale))
        @shapes = drawing.shapes.map { |shape| shape.transform(map) }
      end

      # @return [Geometry::Region] all that is filled, and lines as wide as they are drawn; white taken away
      def ink
        @ink ||= @shapes.filter_map { |shape| painted(shape) }.reduce(empty) do |whole, (area, white)|
          white ? whole - area : whole + area
        end
      end

      # @return [Geometry::Region] what is filled, lines left out
      def filled = @filled ||= @shapes.select(&:fill).reject { |s| s.fill.white? }.map { |s| fill(s) }.reduce(empty, :+)

      # lines drawn and not filled
      # @return [Array<Array(Array<Geometry::Point>, Boolean)>] points, and whether it closes
      def lines
        @lines ||= @shapes.select { |shape| shape.stroke && !shape.fill }
          .flat_map { |shape| shape.path.flatten(CURVE_MM) }
      end

      private

      def empty = Geometry::Region.none

      # @return [Array(Geometry::Region, Boolean), nil] an area, and whether it is white
      def painted(shape)
        parts = []
        parts << fill(shape) if shape.fill
        parts << stroke(shape) if shape.stroke
        area = parts.reduce(:+)
        area && [area, (shape.fill || shape.stroke).white?]
      end

      # Even-odd: two at a time, halves first, so that what is joined stays small. Nonzero by the way each ring goes
      # round: what goes the other way than the largest is a hole in what is larger.
      def fill(shape)
        rings = shape.path.flatten(CURVE_MM).map(&:first).select { |points| points.size > 2 }
        check(rings)
        return odd(rings.map { |points| region(points) }) if shape.even_odd
        turns = rings.map { |points| [points, signed(points)] }.sort_by { |_, area| -area.abs }
        first = turns.first&.last.to_f
        turns.slice_when { |one, other| one.last * other.last < 0 }.reduce(empty) do |whole, run|
          areas = Geometry::Region.union(run.map { |points, _| region(points) })
          (run.first.last * first >= 0) ? whole + areas : whole - areas
        end
      end

      # @param regions [Array<Geometry::Region>]  @return [Geometry::Region] what an odd number of them covers
      def odd(regions)
        return regions.first || empty if regions.size < 2
        regions.each_slice((regions.size / 2.0).ceil).map { |half| odd(half) }.reduce(:^)
      end

      def region(points)
        Geometry::Region.new(Geometry::Region.polygon(points.map(&:to_a)).shape.buffer(0))
      end

      def stroke(shape)
        shape.path.flatten(CURVE_MM).map { |points, closed|
          points += [points.first] if closed
          Geometry::Region.stroke(points, shape.stroke_width)
        }.reduce(empty, :+)
      end

      def signed(points) = points.each_with_index.sum { |p, i| points[i - 1].cross(p) }

      def check(rings)
        return if rings.sum(&:size) <= MOST_POINTS
        raise Errors::BadArtwork.new("This drawing has too much detail to cut.", remedy: "Simplify it.")
      end
    end
  end
end
