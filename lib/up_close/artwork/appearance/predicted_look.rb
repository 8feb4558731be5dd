# frozen_string_literal: true

require "vips"

module UpClose
  module Artwork
    # How an artwork will look on its piece, as a picture (the light is worked out as
    # ColoursOnPiece has it), and what that does to its colours.
    class PredictedLook
      LOOKED_PX = 300
      INKED = 255 * InkTone::LIGHTEST

      attr_reader :surface, :film

      # @param proof [SizedRaster]  @param surface [Colour]  @param film [Symbol] :clear or :white
      # @param most_px [Integer] longest side looked at
      def initialize(proof, surface:, film: :clear, most_px: LOOKED_PX)
        @proof, @surface, @film, @most_px = proof, surface, film, most_px
      end

      # the same on the other film
      def on(film) = PredictedLook.new(@proof, surface: surface, film: film, most_px: @most_px)

      # light that comes back through clear ink, 0..1 a channel
      def ground = ColoursOnPiece.ground(surface, film)

      # what lies round the ink: the bare piece, or the white film's rim
      # @return [Colour]
      def surround = Colour.reflecting(ground)

      # @return [Vips::Image] sRGB, 8 bit
      def predicted
        @predicted ||= Graphics::Pixels.held(light(wanted) * ground).then do |seen|
          Graphics::Pixels.held(seen.copy(interpretation: :scrgb).colourspace(:srgb))
        end
      end

      # as it looks with half of its ink gone, more in some places than in others: a picture of an aim, no prediction
      # @return [Vips::Image] sRGB, 8 bit
      def worn
        cell = [wanted.width / 14, 4].max
        patches = Vips::Image.perlin(wanted.width, wanted.height, cell_size: cell, seed: WORN_SEED)
        left = patches * 0.9 + 0.5
        left = (left < 0).ifthenelse(0, left)
        left = (left > 1).ifthenelse(1, left)
        seen = Graphics::Pixels.held((light(wanted) * left - left + 1) * ground)
        Graphics::Pixels.held(seen.copy(interpretation: :scrgb).colourspace(:srgb))
      end

      # the same patches each time
      WORN_SEED = 11

      # pixels of +predicted+ beyond the ink's own box
      def margin = SizedRaster::MARGIN * [1.0, @most_px / [@proof.image.width, @proof.image.height].max.to_f].min

      # mean difference between wanted and predicted, over the ink
      def difference = @difference ||= over_ink(lab(wanted).dE00(lab(predicted)))

      # @return [Palette] its main colours
      def palette = @palette ||= Palette.of(wanted)

      # @return [ColoursOnPiece] what becomes of each
      def colours = @colours ||= ColoursOnPiece.new(palette, surface: surface, film: film)

      # share of the ink that cannot be told from what surrounds it
      def lost = colours.lost

      # difference in lightness L* between the ink and what surrounds it
      def contrast = @contrast ||= (over_ink(lab(predicted)[0]) - surround.lightness).abs

      # @return [Vips::Image] what was drawn, small enough to look at
      def wanted
        @wanted ||= begin
          image = @proof.image
          scale = @most_px / [image.width, image.height].max.to_f
          image = image.resize(scale).cast(:uchar) if scale < 1
          Graphics::Pixels.held((image.bands < 3) ? image.colourspace(:srgb) : image)
        end
      end

      private

      def light(image) = image.colourspace(:scrgb)

      def lab(image) = image.colourspace(:lab)

      def inked = @inked ||= Graphics::Pixels.held(Vips::Image.bandrank(wanted.bandsplit, index: 0).invert > INKED)

      def over_ink(values)
        share = inked.avg
        share.zero? ? 0.0 : (values * (inked / 255.0)).avg * 255 / share
      end
    end
  end
end
