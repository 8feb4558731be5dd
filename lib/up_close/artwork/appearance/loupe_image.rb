# frozen_string_literal: true

require "vips"

module UpClose
  module Artwork
    # What is really left on the piece, for the loupe: tones as the printer's
    # dots, ink spread by what the method spreads, lines too thin to carry mostly
    # gone, and the surface showing through all of it.
    class LoupeImage
      MOST_PIXELS = 4_000_000
      # a line that does not carry leaves about this much of itself: a starting value
      LEFT_OF_LOST = 0.25
      # pixels along a cell of the screen, 600 an inch: coarser for toner than for ink (starting values)
      SCREENS = {"laser" => 6, "inkjet" => 4}.freeze

      # @param subject [CheckContext] with a surface  @param printer [String]
      def initialize(subject, printer:)
        @subject, @printer, @proof = subject, printer.to_s, subject.proof
      end

      # pixels a millimetre of +image+
      def per_mm = [@proof.per_mm, Math.sqrt(MOST_PIXELS / @proof.area_mm2), 600 / 25.4].min

      # @return [Vips::Image] the ink's own box, sRGB, 8 bit
      def image
        seen = spread(screened(kept(drawn))).colourspace(:scrgb) * @subject.look.ground
        Graphics::Pixels.held(seen.copy(interpretation: :scrgb).colourspace(:srgb).cast(:uchar))
      end

      private

      def drawn
        ratio = per_mm / @proof.per_mm
        margin = SizedRaster::MARGIN
        image = @proof.image.crop(margin, margin, @proof.image.width - 2 * margin, @proof.image.height - 2 * margin)
        image = image.resize(ratio).cast(:uchar) if ratio < 0.999
        Graphics::Pixels.held((image.bands < 3) ? image.colourspace(:srgb) : image)
      end

      # lines too thin to carry fade
      def kept(image)
        mask = Vips::Image.bandrank(image.bandsplit, index: 0) < 128
        px = (@subject.limits[:line_mm].to_f * per_mm).floor
        return image if px < 2
        carried = opened(mask, px)
        fading = Graphics::Pixels.held(mask & carried.invert).gaussblur(0.6) / 255.0
        Graphics::Pixels
          .held((image + (image.invert * (fading * (1 - LEFT_OF_LOST)))).cast(:uchar).copy(interpretation: :srgb))
      end

      def opened(mask, px)
        mask = mask.embed(px, px, mask.width + 2 * px, mask.height + 2 * px)
        middle = (px - 1) / 2.0
        disc = Vips::Image.new_from_array(
          Array.new(px) { |y| Array.new(px) { |x| (Math.hypot(x - middle, y - middle) <= px / 2.0) ? 255 : 128 } }
        )
        Graphics::Pixels.held(mask.morph(disc, :erode)
          .morph(disc, :dilate)
          .morph(Vips::Image.new_from_array([[255] * 3] * 3), :dilate)
          .crop(px, px, mask.width - 2 * px, mask.height - 2 * px))
      end

      # each colour as dots: its tone against a repeated threshold
      def screened(image)
        tile = thresholds
        field = tile.replicate((image.width / tile.width.to_f).ceil, (image.height / tile.height.to_f).ceil)
          .crop(0, 0, image.width, image.height)
        Graphics::Pixels.held((image > field).cast(:uchar).copy(interpretation: :srgb))
      end

      # a cell's pixels, filled from its middle outwards: growing round dots
      def thresholds
        size = SCREENS.fetch(@printer, 6)
        middle = (size - 1) / 2.0
        order = (0...size * size).sort_by { |i| [Math.hypot(i % size - middle, i / size - middle), i] }
        rank = order.each_with_index.to_h
        Vips::Image.new_from_array(
          Array.new(size) { |y| Array.new(size) { |x| 8 + 239.0 * (1 - (rank[y * size + x] + 0.5) / (size * size)) } }
        )
      end

      # ink creeps outwards: half of what spreads on either side of an edge
      def spread(image)
        px = @subject.limits[:spread_mm] * per_mm
        soft = image.gaussblur([px, 0.45].max)
        gain = [px / 4, 1].min
        # white stays white: only what is partly inked darkens
        Graphics::Pixels.held(soft.linear(1 + gain, -255 * gain).cast(:uchar).copy(interpretation: :srgb))
      end
    end
  end
end
