# frozen_string_literal: true

module UpClose
  module Artwork
    # A drawing that lines cannot hold, as a picture of its ink: found on the whole page first, then
    # rendered alone, as fine as it is wanted.
    class RenderedDrawing
      COARSE_PX = 1600
      # pixels along the longer side of the ink, when its printed size is not known yet
      USUAL_PX = 4800
      MOST_PIXELS = 40_000_000
      # a size in pixels is rounded up to these, so that near sizes share one rendering
      STEP_PX = 600
      PER_MM = 1200 / 25.4

      # pixels along the longer side for a printed size, in whole steps
      # @param longer_mm [Float]
      def self.pixels_for(longer_mm) = [(longer_mm * PER_MM / STEP_PX).ceil * STEP_PX, USUAL_PX].max

      # @param page [#whole, #image] as Formats::SVG::RenderedPage
      # @param mm_per_unit [Float, nil] what one of the page's units comes to
      # @param px [Integer] along the longer side of the ink
      def initialize(page, mm_per_unit:, px: USUAL_PX)
        @page, @mm_per_unit, @px = page, mm_per_unit, px
      end

      # @param bytes [String] the drawing  @param words [String] what it holds
      # @param notes [Array<String>]
      # @return [Picture]
      def call(bytes, words, notes)
        image, scale = @page.image(inked, fine)
        note = "#{words}, so it is printed as a picture of #{image.width} × #{image.height} pixels, not as lines."
        Picture.new(
          bytes,
          image: image,
          notes: [*notes, note],
          mm_per_unit: @mm_per_unit && @mm_per_unit / scale,
          rendered: true
        )
      end

      private

      # the ink's own box, a coarse pixel wider all round; all of the page when nothing is inked
      def inked
        @inked ||= begin
          whole = @page.whole
          image, scale = @page.image(whole, COARSE_PX / [whole.width, whole.height].max)
          left, top, wide, high = boxed(image)
          if wide.zero?
            whole
          else
            Geometry::Box.new(
              x: whole.x + (left - 1) / scale,
              y: whole.y + (top - 1) / scale,
              width: (wide + 2) / scale,
              height: (high + 2) / scale
            ).overlap(whole)
          end
        end
      end

      def boxed(image)
        flat = image.has_alpha? ? image.flatten(background: [255] * (image.bands - 1)) : image
        flat.find_trim(background: [255] * flat.bands, threshold: 1)
      end

      def fine = [@px / [inked.width, inked.height].max.to_f, Math.sqrt(MOST_PIXELS / (inked.width * inked.height))].min
    end
  end
end
