# frozen_string_literal: true

require "vips"

module Devices
  module Simulated
    # What any sensor or printer adds of its own. Made once, on a square, and laid side by side:
    # its side is a prime, so that no lattice of anything else falls in step with it.
    module Noise
      SIDE = 1021

      # @param image [Vips::Image] grey  @param sigma [Numeric] grey levels  @param seed [Integer]
      # @return [Vips::Image] uchar; the same each time
      def self.on(image, sigma, seed)
        square = Vips::Image.gaussnoise(SIDE, SIDE, sigma: sigma, mean: 0, seed: seed).copy_memory
        noise = square.replicate((image.width / SIDE.to_f).ceil, (image.height / SIDE.to_f).ceil)
          .crop(0, 0, image.width, image.height)
        (image.cast(:float) + noise).cast(:uchar)
      end
    end
  end
end
