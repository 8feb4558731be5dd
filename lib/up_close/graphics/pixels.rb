# frozen_string_literal: true

require "vips"

module UpClose
  module Graphics
    # Decoding, with its failures told.
    module Pixels
      module_function

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
