# frozen_string_literal: true

module UpClose
  module Artwork
    module Thinness
      # Masks widened and narrowed by discs of pixels: part of Survey.
      module Discs
        private

        # By a disc built of small steps, squares and crosses in turn: an octagon as
        # wide as the disc along the axes and up to a ninth wider between them.
        # @param px [Integer] diameter, odd
        def spread(mask, px, verb)
          radius = px / 2
          Array.new(radius) { |i| i.odd? ? square : cross }.reduce(mask) { |image, step| image.morph(step, verb) }
        end

        def square = @square ||= Vips::Image.new_from_array([[255] * 3] * 3)

        def cross = @cross ||= Vips::Image.new_from_array([[128, 255, 128], [255, 255, 255], [128, 255, 128]])
      end
    end
  end
end
