# frozen_string_literal: true

require "vips"

module UpClose
  module Artwork
    # How an artwork will look on its piece. Inks are filters: in linear light a
    # colour A over a surface S looks like A × S on clear film or as a bare
    # transfer, and like A × (w + (1 − w) S) on film backed with white, which is
    # not fully opaque (handbook 5). Differences are CIEDE2000, from libvips.
    class Look
      # how much of the light the white backing sends back itself: a starting value
      BACKING = 0.85
      # nearer than this to what surrounds it, ink cannot be told from it: a starting value
      TOLD_APART = 10.0
      LOOKED_PX = 300
      INKED = 24

      attr_reader :surface, :film

      # @param proof [Proof]  @param surface [Colour]  @param film [Symbol] :clear or :white
      # @param most_px [Integer] longest side looked at
      def initialize(proof, surface:, film: :clear, most_px: LOOKED_PX)
        @proof, @surface, @film, @most_px = proof, surface, film, most_px
      end

      # the same on the other film
      def on(film) = Look.new(@proof, surface: surface, film: film, most_px: @most_px)

      # light that comes back through clear ink, 0..1 a channel
      def ground = surface.reflectance.map { |s| (film == :white) ? BACKING + (1 - BACKING) * s : s }

      # what lies round the ink: the bare piece, or the white film's rim
      # @return [Colour]
      def surround = Colour.reflecting(ground)

      # @return [Vips::Image] sRGB, 8 bit
      def predicted = @predicted ||= Pixels.held(light(wanted) * ground).then { |seen| Pixels.held(seen.copy(interpretation: :scrgb).colourspace(:srgb)) }

      # pixels of +predicted+ beyond the ink's own box
      def margin = Proof::MARGIN * [1.0, @most_px / [@proof.image.width, @proof.image.height].max.to_f].min

      # mean difference between wanted and predicted, over the ink
      def difference = @difference ||= over_ink(lab(wanted).dE00(lab(predicted)))

      # share of the ink that cannot be told from what surrounds it
      def lost = @lost ||= over_ink(lab(predicted).dE00(flat(surround)) < TOLD_APART) / 255

      # difference in lightness L* between the ink and what surrounds it
      def contrast = @contrast ||= (over_ink(lab(predicted)[0]) - surround.lightness).abs

      # @return [Vips::Image] what was drawn, small enough to look at
      def wanted
        @wanted ||= begin
          image = @proof.image
          scale = @most_px / [image.width, image.height].max.to_f
          image = image.resize(scale).cast(:uchar) if scale < 1
          Pixels.held((image.bands < 3) ? image.colourspace(:srgb) : image)
        end
      end

      private

      def light(image) = image.colourspace(:scrgb)

      def lab(image) = image.colourspace(:lab)

      def flat(colour)
        Pixels.held((Vips::Image.black(wanted.width, wanted.height, bands: 3) + colour.to_a).cast(:uchar).copy(interpretation: :srgb)).colourspace(:lab)
      end

      def inked = @inked ||= Pixels.held(Vips::Image.bandrank(wanted.bandsplit, index: 0).invert > INKED)

      def over_ink(values)
        share = inked.avg
        share.zero? ? 0.0 : (values * (inked / 255.0)).avg * 255 / share
      end
    end
  end
end
