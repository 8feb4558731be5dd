# frozen_string_literal: true

require "vips"

module UpClose
  module Outcomes
    # What was to come over, as a photo sees it: 0 bare … 255 black, the mark's own box with room round it. Frozen.
    class Printed
      # pixels along its longer side
      LONGER = 720
      # round it, as a share of its longer side
      ROOM = 0.12

      attr_reader :tone, :per_mm, :width_mm, :height_mm, :room

      # @param artwork [Artwork::Drawing, Artwork::Picture]  @param width_mm [Float] of its ink's own box
      def initialize(artwork, width_mm:)
        @width_mm, @height_mm = width_mm, width_mm * artwork.ink.aspect
        @per_mm = LONGER / [@width_mm, @height_mm].max
        @room = (LONGER * ROOM).round
        raster = Artwork::SizedRaster.new(artwork, width_mm: width_mm, per_mm: @per_mm)
        margin = Artwork::SizedRaster::MARGIN
        wide, high = [@width_mm, @height_mm].map { |side| (side * @per_mm).round }
        dark = raster.image.colourspace(:"b-w")[0].invert
        own = dark.embed(0, 0, [dark.width, wide + margin].max, [dark.height, high + margin].max)
          .crop(margin, margin, wide, high)
        @tone = Graphics::Pixels.held(own.embed(@room, @room, wide + 2 * @room, high + 2 * @room))
        freeze
      end

      # the darkest of it that makes up so much of its own box; no more than half way to black
      # @param share [Float] 0..1  @return [Integer] a tone
      def darker_than(share)
        own = tone.crop(room, room, width - 2 * room, height - 2 * room)
        own.percent((1 - share) * 100).clamp(24, 128)
      end

      def width = tone.width

      def height = tone.height

      # corners of the mark's own box, pixels: top left, top right, bottom right, bottom left
      # @return [Array<Geometry::Point>]
      def corners
        right, low = width - room, height - room
        [[room, room], [right, room], [right, low], [room, low]].map { |x, y| Geometry::Point[x, y] }
      end

      # a place in shares of the mark's own box
      # @return [Array(Float, Float)]
      def share(x, y) = [(x - room) / (width - 2.0 * room), (y - room) / (height - 2.0 * room)]
    end
  end
end
