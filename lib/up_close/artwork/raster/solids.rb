# frozen_string_literal: true

module UpClose
  module Artwork
    # How much is inked and how darkly, how much of that is half-tone, and the largest disc
    # that is inked all over.
    class Solids
      INKED = 127
      GRID = 150

      # @param proof [SizedRaster]
      def initialize(proof)
        @proof = proof
        @cover, @tone = proof.cover, proof.tone
      end

      # what is inked ÷ the ink's own box
      def coverage = @coverage ||= share(@cover)

      # the ink itself: pale tones take less of it
      def laid = @laid ||= share(@tone)

      # mid-tones away from edges, ÷ everything inked
      def tones
        @tones ||= begin
          inked = area(@cover > INKED)
          inked.zero? ? 0.0 : area(((@tone > 38) & (@tone < 217)).morph(square, :erode).morph(square, :dilate)) / inked
        end
      end

      # @return [Array(Float, Geometry::Box)] diameter mm, and where
      def largest = @largest ||= find_largest

      private

      def share(image) = image.avg * image.width * image.height / 255 / (@proof.area_mm2 * @proof.per_mm**2)

      def area(mask) = mask.avg / 255 * mask.width * mask.height

      def square = Vips::Image.new_from_array([[255] * 5] * 5)

      # exact distances on a coarse grid, then the pixel's own half taken off
      def find_largest
        shrink = ([@cover.width, @cover.height].max / GRID.to_f).ceil
        small = Graphics::Pixels.held(((shrink > 1) ? @cover.shrink(shrink, shrink, ceil: true) : @cover) > INKED)
        field = Geometry::Algorithms::DistanceField.call(small.write_to_memory, small.width, small.height)
        index = field.each_index.max_by { |i| field[i] }
        radius = [Math.sqrt(field[index]) - 0.5, 0].max * shrink
        x, y = [index % small.width, index / small.width].map { |v| (v + 0.5) * shrink }
        [2 * radius / @proof.per_mm, @proof.mm_box(x - radius, y - radius, 2 * radius, 2 * radius)]
      end
    end
  end
end
