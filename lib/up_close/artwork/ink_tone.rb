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
      # @param palest [Numeric, nil] how darkly its palest even colour is printed, levels: near that what is much
      #   paler is damage that packing a picture leaves round its edges
      # @param enlarged [Float] pixels to one of the picture's own, in which it was packed
      # @return [Vips::Image] one band
      def cover(tone, lightest: LIGHTEST, palest: nil, enlarged: 1.0)
        level = 255 * lightest
        return (palest ? whole_at(tone, palest) : tone) unless pale?(tone, level)
        least = palest ? near?(tone, palest, enlarged).ifthenelse(drawn(tone, palest, level), 2 * level) : 1
        bare = palest ? (least / 2 > level).ifthenelse(least / 2, level) : level
        edge = (tone <= bare).morph(square(3), :dilate)
        near = tone.rank(3, 3, 8).rank(3, 3, 8)
        near = (near > least).ifthenelse(near, least)
        share = (tone * 255.0 / near).cast(:uchar)
        Graphics::Pixels.held(edge.ifthenelse(share, 255))
      end

      # @return [Vips::Image] the same with all that is as dark as its palest colour taken as full
      def whole_at(tone, palest)
        share = tone * (255.0 / palest)
        Graphics::Pixels.held((share > 255).ifthenelse(255, share).cast(:uchar))
      end

      # @return [Vips::Image] how dark a drawn thing near ink is: the palest even colour, or what is even there itself
      def drawn(tone, palest, bare)
        even = EvenTone.of(tone, bare)
        Graphics::Pixels.held(((even > 0) & (even < palest)).ifthenelse(even, palest))
      end

      # how far from an edge packing leaves damage, pixels: a block of 8, and as much again
      BLOCK_PX = 8
      DAMAGED_BLOCKS = 2

      # @return [Vips::Image] a mask of all that lies near ink at least half as dark as its palest colour, in blocks
      def near?(tone, palest, enlarged = 1.0)
        dark = Graphics::Pixels.held(tone > palest / 2.0)
        few = BLOCK_PX * BLOCK_PX / 255.0
        blocks = Graphics::Pixels.held(dark.cast(:float).shrink(BLOCK_PX, BLOCK_PX, ceil: true) * few >= FEW_DARK)
        near = Graphics::Pixels.grown(blocks, 2 * (DAMAGED_BLOCKS * enlarged).ceil + 1).zoom(BLOCK_PX, BLOCK_PX)
        Graphics::Pixels.held(near.crop(0, 0, tone.width, tone.height))
      end

      # places of a block that make it one with ink: fewer are a speck
      FEW_DARK = 3

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
