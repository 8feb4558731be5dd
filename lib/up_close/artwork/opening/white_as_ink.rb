# frozen_string_literal: true

require "vips"

module UpClose
  module Artwork
    # A white logo made for a dark piece, turned into ink: what is opaque becomes black, what is
    # clear stays bare.
    module WhiteAsInk
      module_function

      # @param artwork [Drawing, Picture]
      # @return [Drawing, Picture]
      def call(artwork) = artwork.vector? ? drawing(artwork) : picture(artwork)

      # whether anything in it lies on clear
      def any?(artwork) = artwork.vector? ? artwork.shapes.any? : !clear(artwork).nil?

      # @param artwork [Drawing]  @return [Drawing] every fill and stroke black
      def drawing(artwork)
        artwork.with_shapes do |shape|
          shape.with(fill: shape.fill && Colour::BLACK, stroke: shape.stroke && Colour::BLACK)
        end
      end

      # @param artwork [Picture]  @return [Picture] what is opaque and white becomes black
      def picture(artwork)
        cleared = clear(artwork)
        cleared ? Picture.made(cleared.invert, notes: artwork.notes) : artwork
      end

      # how opaque each place is; nil when there is nothing clear round it, or nothing at all
      def clear(artwork)
        image = artwork.layered
        return unless image.has_alpha?
        alpha = Graphics::Pixels.held(image[image.bands - 1])
        alpha if alpha.max > 127 && alpha.min < 128
      end
    end
  end
end
