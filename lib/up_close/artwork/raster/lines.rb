# frozen_string_literal: true

require "vips"

module UpClose
  module Artwork
    # How long a pen's way is along an artwork: once along what is as thin as a pen's line or a
    # little more, and all round what is wider. Lengths by the Crofton formula for a grid: the
    # edges of a mask, counted along both axes and both diagonals: within 6 %.
    class Lines
      # wider than this is drawn round on both sides, mm
      ROUND_MM = 2.0
      PER_MM = 6.0
      MOST_PIXELS = 3_000_000

      # @param proof [SizedRaster]
      def initialize(proof)
        @proof = proof
      end

      # @return [Float] mm
      def length_mm = @length_mm ||= (outline(wide) + outline(thin) / 2) / per_mm

      private

      def per_mm = @per_mm ||= [PER_MM, @proof.per_mm, Math.sqrt(MOST_PIXELS / @proof.area_mm2)].min

      def mask
        @mask ||= begin
          scale = per_mm / @proof.per_mm
          small = (scale < 1) ? @proof.cover.resize(scale, kernel: :linear) : @proof.cover
          Graphics::Pixels.held((small > 100).embed(2, 2, small.width + 4, small.height + 4))
        end
      end

      def wide
        @wide ||= begin
          steps = (ROUND_MM / 2 * per_mm).round.clamp(1, 40)
          opened = Array.new(steps).reduce(mask) { |image, _| image.morph(InkTone.square(3), :erode) }
          Graphics::Pixels.held(Array.new(steps).reduce(opened) { |image, _| image.morph(InkTone.square(3), :dilate) })
        end
      end

      def thin = Graphics::Pixels.held(mask & wide.invert)

      # pixels: π ÷ 8 × (changes along both axes + along both diagonals ÷ √2)
      def outline(image)
        Math::PI / 8 *
          (changes(image, 1, 0) + changes(image, 0, 1) + (changes(image, 1, 1) + changes(image, 1, -1)) / Math.sqrt(2))
      end

      def changes(image, dx, dy)
        moved = image.embed(dx, [dy, 0].max, image.width + 1, image.height + 1)
        still = image.embed(0, [-dy, 0].max, image.width + 1, image.height + 1)
        (moved ^ still).avg / 255 * moved.width * moved.height
      end
    end
  end
end
