# frozen_string_literal: true

require "vips"

module UpClose
  module Artwork
    # How much of a picture's detail is finer than a width: the mean difference of each place from itself evened out
    # over that width (a Gaussian of a standard deviation of half of it), against that from itself evened out far wider.
    # Grain is left out: single places are made like those around them first.
    class FineDetail
      # mm: what is coarser is no detail
      WIDE_MM = 4.0
      LOOKED_PX = 1200
      # less than so many levels all over is an even picture, with no detail to lose
      EVEN = 0.5

      # @param proof [SizedRaster]
      def initialize(proof)
        @per_mm = [proof.per_mm, LOOKED_PX / [proof.width_mm, proof.height_mm].max].min
        grey = Graphics::Pixels.held(proof.image.colourspace(:"b-w")[0])
        scale = @per_mm / proof.per_mm
        small = Graphics::Pixels.held((scale < 1) ? grey.resize(scale) : grey)
        @grey = Graphics::Pixels.held(Graphics::Pixels.evened(small).cast(:float))
      end

      # @param finest [Float] mm
      # @return [Float] share of the detail, 0..1
      def lost_under(finest)
        whole = (@grey - evened(WIDE_MM)).abs.avg
        return 0.0 if whole < EVEN
        [(@grey - evened(finest)).abs.avg / whole, 1.0].min
      end

      private

      def evened(width_mm)
        sigma = width_mm / 2 * @per_mm
        (sigma < LEAST_SIGMA) ? @grey : @grey.gaussblur(sigma)
      end

      # of pixels: less evens out nothing
      LEAST_SIGMA = 0.3
    end
  end
end
