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
      # within 12 % of white (handbook 5)
      NEAR = 255 * 0.88
      BORDER_SHARE = 0.5

      # @param artwork [Drawing, Picture]
      def initialize(artwork)
        @artwork = artwork
      end

      # opaque white inside the outline ÷ everything opaque; white that reaches the border is not counted
      def inside = @inside ||= share(opaque_white & border_ground.invert)

      # opaque white that reaches the border ÷ the ink's own box
      def block = @block ||= (opaque_white & border_ground).avg / 255

      # the commonest colour along the border
      # @return [Colour, nil] nil when the border is clear or of no one colour
      def border_colour
        return @border_colour if defined?(@border_colour)
        @border_colour = commonest
      end

      # @return [Boolean] nearly but not quite white
      def nearly_white? = !border_colour.nil? && border_colour.to_a.min >= NEAR && border_colour.to_a != [255, 255, 255]

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
        image = Pixels.held(image)
        return [image, (image[0] * 0 + 255).cast(:uchar)] unless image.has_alpha?
        [Pixels.held(image.flatten(background: [255] * (image.bands - 1)).cast(:uchar)), Pixels.held(image[image.bands - 1].cast(:uchar))]
      end

      def opaque_white
        @opaque_white ||= Pixels.held((darkest_channel(layers[0]) >= WHITE) & (layers[1] > 127))
      end

      def darkest_channel(image) = (image.bands > 1) ? Vips::Image.bandrank(image.bandsplit, index: 0) : image

      # opaque white that can be walked to from the border through itself
      def border_ground
        @border_ground ||= begin
          framed = Pixels.held(opaque_white.embed(1, 1, opaque_white.width + 2, opaque_white.height + 2, extend: :white))
          labels = framed.labelregions
          outer = labels.getpoint(0, 0).first
          Pixels.held((labels == outer).crop(1, 1, opaque_white.width, opaque_white.height))
        end
      end

      def share(mask)
        opaque = (layers[1] > 127).avg
        opaque.zero? ? 0.0 : mask.avg / opaque
      end

      def commonest
        colours, alphas = whole.map { |layer| edges(layer) }
        counts = colours.zip(alphas).map { |colour, alpha| (alpha.first < 128) ? nil : colour }.tally
        colour, times = counts.max_by(&:last)
        return if colour.nil? || times < colours.size * BORDER_SHARE
        Colour.new(*((colour.size < 3) ? [colour.first] * 3 : colour.first(3)))
      end

      # a picture's own border lies further out than its ink
      def whole = @artwork.vector? ? layers : smaller(@artwork.layered)

      def edges(image)
        strips = [image.crop(0, 0, image.width, 1), image.crop(0, image.height - 1, image.width, 1), image.crop(0, 0, 1, image.height), image.crop(image.width - 1, 0, 1, image.height)]
        strips.flat_map { |strip| strip.to_a.flatten(1) }
      end
    end
  end
end
