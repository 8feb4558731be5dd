# frozen_string_literal: true

require "vips"

module UpClose
  module Artwork
    # White that is meant as a colour, or that lies round the picture unseen;
    # and a ground that is nearly but not quite white. Looked at in the artwork
    # as it came, where clear and white still differ.
    class Whites
      LOOKED_PX = 450
      WHITE = 250
      # levels within which a tone is even, and how much of it must be
      EVEN = 8
      MOSTLY = 0.6

      # @param artwork [Drawing, Picture]
      def initialize(artwork)
        @artwork = artwork
      end

      # opaque white inside the outline ÷ everything opaque; white that reaches the border is not counted
      def inside = @inside ||= share(opaque_white & border_ground.invert)

      # opaque white that reaches the border ÷ the ink's own box
      def block = @block ||= (opaque_white & border_ground).avg / 255

      # the ground, told from the picture's own border; of a drawing, from its ink's box
      # @return [Border]
      def border = @border ||= Border.new(*whole)

      # @return [Colour, nil] nil when the border is clear or of no one colour
      # @return [Boolean] nearly but not quite white
      def nearly_white? = border.nearly_white?

      # A tone nearly white that lies in the picture in one piece or many, not open to the border:
      # paper inside rings and letters. Drawings have the colours they were given.
      # @return [Array(Colour, Float), nil] its colour and its share of the picture
      def nearly_white_inside
        return @nearly_white_inside if defined?(@nearly_white_inside)
        @nearly_white_inside = @artwork.vector? ? nil : paper_inside
      end

      private

      # colour on white, and how opaque, for the ink's own box
      def layers = @layers ||= @artwork.vector? ? drawn : taken

      def drawn
        box = @artwork.ink.box
        image = Formats::SVG::Raster.clear(@artwork, frame: box, scale: LOOKED_PX / [box.width, box.height].max)
        split(image)
      end

      def taken
        smaller(@artwork.layered.crop(*@artwork.ink.box.to_a.map(&:to_i)))
      end

      def smaller(image)
        scale = LOOKED_PX / [image.width, image.height].max.to_f
        split((scale < 1) ? image.resize(scale, kernel: :nearest) : image)
      end

      def split(image)
        image = Graphics::Pixels.held(image)
        return [image, (image[0] * 0 + 255).cast(:uchar)] unless image.has_alpha?
        [
          Graphics::Pixels.held(image.flatten(background: [255] * (image.bands - 1)).cast(:uchar)),
          Graphics::Pixels.held(image[image.bands - 1].cast(:uchar))
        ]
      end

      def opaque_white
        @opaque_white ||= Graphics::Pixels.held((darkest_channel(layers[0]) >= WHITE) & (layers[1] > 127))
      end

      def darkest_channel(image) = (image.bands > 1) ? Vips::Image.bandrank(image.bandsplit, index: 0) : image

      # opaque white that can be walked to from the border through itself
      def border_ground
        @border_ground ||= begin
          framed =
            Graphics::Pixels
              .held(opaque_white.embed(1, 1, opaque_white.width + 2, opaque_white.height + 2, extend: :white))
          labels = framed.labelregions
          outer = labels.getpoint(0, 0).first
          Graphics::Pixels.held((labels == outer).crop(1, 1, opaque_white.width, opaque_white.height))
        end
      end

      def share(mask)
        opaque = (layers[1] > 127).avg
        opaque.zero? ? 0.0 : mask.avg / opaque
      end

      # one colour that most of what is nearly white keeps near to; edges of ink do not count
      def paper_inside
        colours, alphas = whole
        darkest = darkest_channel(colours)
        near = Graphics::Pixels.held(((darkest >= Border::NEAR) & (darkest < Border::WHITE) & (alphas > 127)).morph(
          InkTone.square(3),
          :erode
        ))
        share = near.avg / 255
        return if share.zero?
        middle = colours.bandsplit.map { |band| near.ifthenelse(band, 0).avg * 255 / near.avg }
        apart = (colours - middle).abs
        alike = darkest_channel((apart <= EVEN).cast(:uchar)) & near
        [Colour.new(*((middle.size < 3) ? [middle.first] * 3 : middle)), share] if alike.avg >= near.avg * MOSTLY
      end

      # a picture's own border lies further out than its ink
      def whole = @artwork.vector? ? layers : smaller(@artwork.layered)
    end
  end
end
