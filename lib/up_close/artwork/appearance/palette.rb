# frozen_string_literal: true

require "vips"

module UpClose
  module Artwork
    # The main colours of an artwork's ink, each with its share of the inked area: places alike
    # are counted together, and near colours become one. Frozen.
    class Palette
      MOST = 12
      # colours nearer than this are one
      ALIKE = 6.0
      # fewer places than this are no colour of their own
      LEAST_SHARE = 0.004
      # levels that a place's neighbours may differ by: more is an edge, where two colours mix
      EVEN = 30
      # where fewer places than this are even, lines are too thin for their own colour: their darkest stands for it
      EVEN_SHARE = 0.3

      # @return [Array<Array(Colour, Float)>] most of it first; shares sum to 1
      attr_reader :colours

      # @param image [Vips::Image] sRGB on white, small  @param lightest [Float] as InkTone has it
      def self.of(image, lightest: InkTone::LIGHTEST)
        level = (255 * (1 - lightest)).floor
        counts = Hash.new { |all, key| all[key] = [0, 0, 0, 0] }
        own_colours(image, level).write_to_memory.unpack("C*").each_slice(image.bands) do |r, g, b|
          next if [r, g, b].min > level
          sums = counts[(r >> 4) << 8 | (g >> 4) << 4 | (b >> 4)]
          sums[0] += 1
          sums[1] += r
          sums[2] += g
          sums[3] += b
        end
        new(together(counts.values.map { |n, *sums| [Colour.new(*sums.map { |sum| sum / n.to_f }), n] }))
      end

      # edges left out: white where a place is none of an even area, or in thin lines none of their middle
      def self.own_colours(image, level)
        low, high = [0, 8].map { |rank| image.rank(3, 3, rank) }
        inked = darkest(image) <= level
        even = Vips::Image.bandrank((high - low).bandsplit, index: image.bands - 1) <= EVEN
        if Graphics::Pixels.held(inked & even).avg >= EVEN_SHARE * Graphics::Pixels.held(inked).avg
          return Graphics::Pixels.held(even.ifthenelse(image, 255).cast(:uchar))
        end
        middle = (darkest(image).invert * 2.0) >= darkest(low).invert
        Graphics::Pixels.held(middle.ifthenelse(low, 255).cast(:uchar))
      end

      # @param image [Vips::Image]  @return [Vips::Image] the darkest of its bands at each pixel
      def self.darkest(image) = Vips::Image.bandrank(image.bandsplit, index: 0)

      # @param kept [Array<Array(String, Float)>] as +to_a+ gives it
      def self.from(kept) = new(kept.map { |hex, share| [Colour.hex(hex), share] })

      # black ink all over: what is judged while the artwork has not been looked at
      def self.black = new([[Colour::BLACK, 1.0]])

      # the most frequent first, each taking in what is near it
      def self.together(counted)
        all = counted.sum(&:last).to_f
        main = counted.sort_by { |_, n| -n }.each_with_object([]) do |(colour, n), kept|
          near = kept.find { |other, _| other.difference(colour) < ALIKE } ||
            (kept.min_by { |other, _| other.difference(colour) } if kept.size >= MOST || n < all * LEAST_SHARE)
          near ? near[1] += n : kept << [colour, n]
        end
        main.map { |colour, n| [colour, n / all] }
      end

      def initialize(colours)
        @colours = colours.freeze
        freeze
      end

      def to_a = colours.map { |colour, share| [colour.to_hex, share.round(4)] }
    end
  end
end
