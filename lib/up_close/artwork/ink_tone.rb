# frozen_string_literal: true

require "vips"

module UpClose
  module Artwork
    # What counts as ink: whatever the printer puts down, of any colour. A printer lays no tone
    # lighter than a certain share of full ink (a starting value; a measured one replaces it),
    # so what differs from unprinted white by less is bare.
    module InkTone
      # share of full ink
      LIGHTEST = Methods::Limits::USUAL.fetch(:lightest)
      # a plateau of one tone, against the soft edge of a darker one: pixels across
      PLATEAU_PX = 5
      DARK = 217

      module_function

      # how dark each place is printed, 0 none … 255 full, by its darkest channel
      # @param image [Vips::Image] sRGB or grey on white
      # @return [Vips::Image] one band
      def tone(image)
        bands = image.bandsplit
        Graphics::Pixels.held(((bands.size > 1) ? Vips::Image.bandrank(bands, index: 0) : image).invert)
      end

      # How much of each place is inked, 0 none … 255 all, whatever its colour: a soft edge is
      # the share of its own colour, not of black.
      # @param tone [Vips::Image] as above  @param lightest [Float]
      # @return [Vips::Image] one band
      def cover(tone, lightest: LIGHTEST)
        level = 255 * lightest
        return tone unless pale?(tone, level)
        edge = (tone <= level).morph(square(3), :dilate)
        near = tone.rank(3, 3, 8).rank(3, 3, 8)
        share = (tone * 255.0 / (near > 0).ifthenelse(near, 255)).cast(:uchar)
        Graphics::Pixels.held(edge.ifthenelse(share, 255))
      end

      # whether any area is inked lighter than black
      def pale?(tone, level) = ((tone > level) & (tone < DARK)).morph(square(PLATEAU_PX), :erode).max.positive?

      # a drawing with everything that is laid drawn black, and what is not laid left out
      # @param drawing [Drawing]
      # @return [Drawing]
      def as_black(drawing, lightest: LIGHTEST)
        return drawing if drawing.shapes.all? { |shape| shape.paints.all? { |colour, alpha| plain?(colour, alpha) } }
        drawing.with_shapes do |shape|
          fill, stroke = laid(shape.fill, shape.fill_alpha, lightest), laid(shape.stroke, shape.stroke_alpha, lightest)
          shape.with(fill: fill, fill_alpha: 1.0, stroke: stroke, stroke_alpha: 1.0)
        end
      end

      # @param colour [Colour]  @param alpha [Float] 0..1  @return [Boolean] opaque, and black or white
      def plain?(colour, alpha) = alpha >= 1 && (colour.white? || colour.to_a.max.zero?)

      # black for ink, white for an opaque white that hides what is below, nil for what leaves nothing
      def laid(colour, alpha, lightest)
        return if colour.nil?
        return Colour::BLACK if (255 - colour.to_a.min) / 255.0 * alpha > lightest
        (alpha > 1 - lightest) ? Colour::WHITE : nil
      end

      # @param px [Integer]  @return [Vips::Image] a full mask
      def square(px) = Vips::Image.new_from_array([[255] * px] * px)
    end
  end
end
