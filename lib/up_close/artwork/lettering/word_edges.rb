# frozen_string_literal: true

require "vips"

module UpClose
  module Artwork
    # How far each place of a photo lies from the edge of its letters: negative inside them. The photo's own threshold
    # parts letters from ground; the ground is what its border is of.
    class WordEdges
      # @param grey [Vips::Image] one band, 8 bit  @param per_mm [Float]
      # @param corner [Geometry::Point] of its top left, mm
      # @raise [Errors::BadArtwork] when nothing stands out
      def initialize(grey, per_mm:, corner:)
        @per_mm, @corner = per_mm, corner
        mask = letters(grey)
        @wide, @high = mask.width, mask.height
        @box, @mask = box_of(mask), mask
        @field = field(mask)
      end

      # @return [Geometry::Box] of all letters, mm
      attr_reader :box

      # how much of the letters here an outline's inside shares with them, over what either covers (P. Jaccard, 1901)
      # @param path [Geometry::Path] mm  @return [Float] 0..1
      def shared(path)
        painted = Graphics::Painted.new(path: path, fill: Colour::BLACK)
        frame = Geometry::Box.new(x: @corner.x, y: @corner.y, width: @wide / @per_mm, height: @high / @per_mm)
        drawn = Formats::SVG::Raster.call(Drawing.new([painted]), frame: frame, scale: @per_mm)[0] < 128
        drawn = drawn.embed(0, 0, @wide, @high)
        either = (drawn | @mask).avg
        either.zero? ? 0.0 : (drawn & @mask).avg / either
      end

      # @param point [Geometry::Point] mm  @return [Float] mm; further out than the picture, as far as its edge and on
      def at(point) = distance(point.x, point.y)

      # @param x_mm [Float]  @param y_mm [Float]  @return [Float] mm
      def distance(x_mm, y_mm)
        x = (x_mm - @corner.x) * @per_mm - 0.5
        y = (y_mm - @corner.y) * @per_mm - 0.5
        inside_x, inside_y = x.clamp(0, @wide - 1.001), y.clamp(0, @high - 1.001)
        (bilinear(inside_x, inside_y) + Math.hypot(x - inside_x, y - inside_y)) / @per_mm
      end

      private

      def letters(grey)
        level = Preparing::Threshold.otsu(grey)
        edge = [[0, 0, grey.width, 1], [0, grey.height - 1, grey.width, 1]].sum { |part| grey.crop(*part).avg } / 2
        mask = Graphics::Pixels.held((edge > level) ? grey <= level : grey > level)
        share = mask.avg / 255
        return mask if share.between?(0.005, 0.7)
        raise Errors::BadArtwork.new(
          "No letters can be found here.",
          remedy: "Lay the frame closer round the word, or take a photo with even light.", field: :word
        )
      end

      # specks of a few pixels are no letters
      def box_of(mask)
        left, top, wide, high = mask.rank(3, 3, 4).invert.find_trim(background: [255], threshold: 127)
        Geometry::Box.new(
          x: @corner.x + left / @per_mm, y: @corner.y + top / @per_mm, width: wide / @per_mm, height: high / @per_mm
        )
      end

      # each pixel's distance to the other side, less half a pixel, for the edge lies between both
      def field(mask)
        outside = nearest(mask)
        inside = nearest(mask.invert)
        signed = (mask > 0).ifthenelse(inside * -1 + 0.5, outside - 0.5)
        signed.cast(:float).write_to_memory.unpack("e*")
      end

      def nearest(mask) = mask.fill_nearest(distance: true).last["distance"].cast(:float)

      def bilinear(x, y)
        i, j = x.to_i, y.to_i
        u, v = x - i, y - j
        index = j * @wide + i
        top = @field[index] * (1 - u) + @field[index + 1] * u
        top * (1 - v) + (@field[index + @wide] * (1 - u) + @field[index + @wide + 1] * u) * v
      end
    end
  end
end
