# frozen_string_literal: true

module UpClose
  module Artwork
    # How much ink there is, how much of it is half-tone, and the largest disc
    # of solid ink.
    class Solids
      SOLID = 204
      FAINT = 24
      GRID = 150

      # @param proof [Proof]
      def initialize(proof)
        @proof = proof
        @cover = proof.cover
      end

      # ink laid ÷ the ink's own box
      def coverage = @coverage ||= ink_sum / 255 / (@proof.area_mm2 * @proof.per_mm**2)

      # mid-tones away from edges, ÷ everything inked
      def tones
        @tones ||= begin
          inked = area(@cover > FAINT)
          inked.zero? ? 0.0 : area(((@cover > 38) & (@cover < 217)).morph(square, :erode).morph(square, :dilate)) / inked
        end
      end

      # @return [Array(Float, Geometry::Box)] diameter mm, and where
      def largest = @largest ||= find_largest

      private

      def ink_sum = @cover.avg * @cover.width * @cover.height

      def area(mask) = mask.avg / 255 * mask.width * mask.height

      def square = Vips::Image.new_from_array([[255] * 5] * 5)

      # exact distances on a coarse grid, then the pixel's own half taken off
      def find_largest
        shrink = ([@cover.width, @cover.height].max / GRID.to_f).ceil
        small = Pixels.held(((shrink > 1) ? @cover.shrink(shrink, shrink, ceil: true) : @cover) > SOLID)
        field = Geometry::Algorithms::DistanceField.call(small.write_to_memory, small.width, small.height)
        at = field.each_index.max_by { |i| field[i] }
        radius = [Math.sqrt(field[at]) - 0.5, 0].max * shrink
        x, y = [at % small.width, at / small.width].map { |v| (v + 0.5) * shrink }
        [2 * radius / @proof.per_mm, @proof.mm_box(x - radius, y - radius, 2 * radius, 2 * radius)]
      end
    end
  end
end
