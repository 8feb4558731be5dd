# frozen_string_literal: true

require "vips"

module UpClose
  module Graphics
    # Decoding, with its failures told.
    module Pixels
      module_function

      # each place as the highest of those within a square round it
      # @param px [Integer] the square's side; of a smaller image, the whole of it
      # @return [Vips::Image]
      def grown(image, px)
        wide, high = [px, image.width].min, [px, image.height].min
        image.rank(wide, high, wide * high - 1)
      end

      # each place as the lowest of those within a square round it
      # @return [Vips::Image]
      def worn(image, px) = image.rank([px, image.width].min, [px, image.height].min, 0)

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

      # The pixels of large pictures lie outside what Ruby counts as its own, so
      # it would let many that are done with pile up.
      def release = GC.start
    end
  end
end
