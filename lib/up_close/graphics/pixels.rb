# frozen_string_literal: true

require "vips"

module UpClose
  module Graphics
    # Decoding, with its failures told.
    module Pixels
      module_function

      # Each place as the highest of those within a square round it, along its rows and then along its columns: the
      # library's rank over a whole square is slower by its side, and for some sides wrong.
      # @param px [Integer] the square's side; of a smaller image, the whole of it
      # @return [Vips::Image]
      def grown(image, px)
        wide, high = [px, image.width].min, [px, image.height].min
        held(image.rank(wide, 1, wide - 1)).rank(1, high, high - 1)
      end

      # each place as the lowest of those within a square round it
      # @return [Vips::Image]
      def worn(image, px) = held(image.rank([px, image.width].min, 1, 0)).rank(1, [px, image.height].min, 0)

      # the same of a mask, far sooner
      # @param verb [Symbol] :dilate to grow, :erode to wear  @param px [Integer] the square's side, odd
      # @return [Vips::Image]
      def squared(mask, verb, px)
        row = Vips::Image.new_from_array([[255] * px])
        held(held(mask.morph(row, verb)).morph(row.rot90, verb))
      end

      # each place as the middle one of the nine about it; a narrower image stays as it is
      # @return [Vips::Image]
      def evened(image) = ([image.width, image.height].min < 3) ? image : image.median(3)

      # Runs the whole pipeline once and holds its pixels. The binding's own
      # copy_memory hands on a null image when decoding fails.
      # @raise [Vips::Error]
      def held(image)
        pointer = Vips.vips_image_copy_memory(image)
        raise Vips::Error if pointer.null?
        Vips::Image.new(pointer)
      end

      # so many pixels are let pile up
      MOST_DONE_WITH = 50_000_000

      # tells that pixels were held which nobody needs any more; every so often they are let go
      # @param image [Vips::Image] as large as those
      def done_with(image)
        @done_with = (@done_with || 0) + image.width * image.height
        return if @done_with < MOST_DONE_WITH
        @done_with = 0
        release
      end

      # The pixels of large pictures lie outside what Ruby counts as its own, so
      # it would let many that are done with pile up.
      def release = GC.start
    end
  end
end
