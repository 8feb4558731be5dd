# frozen_string_literal: true

module UpClose
  module Coupons
    # A coupon as it is printed: its corners, which a photo is straightened by, and what lies between them. Lengths in
    # mm from its top left, read the right way round.
    class Coupon
      # a corner's ring and the dot in it
      RING = 3.5
      WALL = 1.2
      DOT = 1.1
      # a corner's middle, from the coupon's own corner
      INSET = 4.0
      # beside the first corner, and beside no other: which way up it lies
      KEY = {from: 6.0, width: 6.0, height: 2.6}.freeze
      LABEL_MM = 1.8

      attr_reader :width_mm, :height_mm, :title

      # @param face [#line, #cap_height, nil]  @param title [String] printed along its edge
      def initialize(face: nil, title: "")
        @face, @title = face, title
      end

      # middles of the corners' rings: top left, top right, bottom right, bottom left
      # @return [Array<Geometry::Point>]
      def corners
        x, y = width_mm - INSET, height_mm - INSET
        [[INSET, INSET], [x, INSET], [x, y], [INSET, y]].map { |across, down| Geometry::Point[across, down] }
      end

      # the block that tells the first corner from the others
      # @return [Geometry::Box]
      def key_box
        Geometry::Box.new(
          x: INSET + KEY[:from], y: INSET - KEY[:height] / 2, width: KEY[:width], height: KEY[:height]
        )
      end

      # @return [Array<Element>] all that is read
      def elements = raise(NotImplementedError)

      # @return [Geometry::Region] all that is solid ink
      def ink = @ink ||= Geometry::Region.union([*frame, *solid_parts])

      # @return [Array<Graphics::Painted>] solids, then greys
      def shapes
        greys = elements.select { |element| element.kind == :grey }.map do |grey|
          level = (255 * (1 - grey.tone)).round
          Graphics::Painted.new(path: Geometry::Path.polygon(grey.box.corners), fill: Colour.new(level, level, level))
        end
        [Graphics::Painted.new(path: ink.path, fill: Colour::BLACK, even_odd: true), *greys, *letters]
      end

      # all that is printed but its greys
      # @return [Geometry::Region]
      def printed = letters.reduce(ink) { |sum, word| sum + Geometry::Region.of_path(word.path) }

      # @return [Artwork::Drawing] one unit a millimetre
      def drawing = Artwork::Drawing.new(shapes, mm_per_unit: 1.0)

      # @return [String] SVG at its true size
      def svg
        sides = [width_mm, height_mm].map { |side| Formats::SVG::PathWriter.number(side) }
        %(<svg xmlns="http://www.w3.org/2000/svg" width="#{sides[0]}mm" height="#{sides[1]}mm" ) +
          %(viewBox="0 0 #{sides.join(" ")}">) +
          Formats::SVG::Painting.call(drawing, map: Geometry::Transform::IDENTITY) + "</svg>"
      end

      private

      # what is inked between the corners
      # @return [Array<Geometry::Region>]
      def solid_parts = raise(NotImplementedError)

      # words and letters as outlines
      # @return [Array<Graphics::Painted>]
      def letters = []

      def frame
        [*corners.flat_map { |corner| ring(corner) }, Geometry::Region.box(key_box)]
      end

      def ring(centre)
        [
          Geometry::Region.disc(centre, RING) - Geometry::Region.disc(centre, RING - WALL),
          Geometry::Region.disc(centre, DOT)
        ]
      end

      # @param cap_mm [Float]  @param x [Float]  @param y [Float] of its baseline
      # @return [Graphics::Painted, nil]
      def set(words, cap_mm, x, y)
        return if @face.nil? || words.to_s.empty?
        scale = cap_mm / @face.cap_height
        map = Geometry::Transform.scale(scale).then(Geometry::Transform.move(x, y))
        Graphics::Painted.new(path: @face.line(words).transform(map), fill: Colour::BLACK)
      end

      # how long words are
      # @return [Float] mm
      def set_width(words, cap_mm) = @face.line(words).box.width * cap_mm / @face.cap_height
    end
  end
end
