# frozen_string_literal: true

require "vips"

module UpClose
  module Outcomes
    # One band of a picture, blurred once, then asked at many places. Frozen.
    class Sampled
      # @param image [Vips::Image] one band, 0..255  @param blur [Float] pixels
      def initialize(image, blur:)
        soft = (blur > 0.3) ? image.gaussblur(blur) : image
        held = Graphics::Pixels.held(soft.cast(:uchar))
        @width, @height, @bytes = held.width, held.height, held.write_to_memory
        freeze
      end

      # @param x [Float] pixels, a pixel's middle at its half  @return [Float] between pixels; beyond an edge as at it
      def at(x, y)
        left, top = (x - 0.5).floor.clamp(0, @width - 2), (y - 0.5).floor.clamp(0, @height - 2)
        u, v = (x - 0.5 - left).clamp(0.0, 1.0), (y - 0.5 - top).clamp(0.0, 1.0)
        i = top * @width + left
        upper = @bytes.getbyte(i) * (1 - u) + @bytes.getbyte(i + 1) * u
        lower = @bytes.getbyte(i + @width) * (1 - u) + @bytes.getbyte(i + @width + 1) * u
        upper * (1 - v) + lower * v
      end
    end
  end
end
