# frozen_string_literal: true

module UpClose
  module Cutting
    # Where a picture leaves ink at its final size, as an area: its inked pixels, joined. mm, its ink's top left the
    # origin; true to half a pixel, 0.025 mm, while the picture has as many.
    class PictureRegion
      PER_MM = 20.0
      MOST_PIXELS = 4_000_000
      # stretches of ink; a picture of more is looked at half as finely
      MOST_RUNS = 20_000
      # how much of a pixel of ours is inked for it to count, of 255: where the picture's own are larger, or smaller
      HALF, SOME = 127, 40
      INK, BARE = "\xFF".b.freeze, "\0".b.freeze

      # @param picture [Artwork::Picture]  @param width_mm [Float]
      def initialize(picture, width_mm:)
        @picture, @width = picture, width_mm.to_f
        @height = @width * picture.ink.aspect
      end

      # @return [Geometry::Region]
      def ink = @ink ||= Geometry::Region.union(boxes.map { |box| Geometry::Region.box(box) })

      private

      # @return [Array<Geometry::Box>] mm
      def boxes
        mask = mask(per_mm)
        mask = halved(mask) while (runs = runs(mask)).size > MOST_RUNS
        across, down = @width / mask.width, @height / mask.height
        joined(runs).map do |x, y, wide, high|
          Geometry::Box.new(x: x * across, y: y * down, width: wide * across, height: high * down)
        end
      end

      def per_mm = [PER_MM, Math.sqrt(MOST_PIXELS / (@width * @height))].min

      # @return [Vips::Image] 255 where ink is laid, the ink's own box from edge to edge
      def mask(per_mm)
        part = @picture.image.crop(*@picture.ink.box.to_a.map(&:to_i))
        inked = Artwork::InkTone.tone(part) > 255 * Artwork::InkTone::LIGHTEST
        ratio = per_mm * @width / inked.width
        mask = inked.resize(ratio, vscale: per_mm * @height / inked.height, kernel: :linear)
        Graphics::Pixels.held(mask > ((ratio > 1) ? HALF : SOME))
      end

      def halved(mask) = Graphics::Pixels.held(mask.cast(:float).shrink(2, 2, ceil: true) > 0)

      # @return [Array<Array(Integer, Integer, Integer)>] x, y, wide
      def runs(mask)
        bytes = mask.write_to_memory
        Array.new(mask.height) { |y| in_row(bytes.byteslice(y * mask.width, mask.width), y) }.flatten(1)
      end

      def in_row(row, y)
        stretches, from = [], 0
        while (from = row.index(INK, from))
          to = row.index(BARE, from) || row.bytesize
          stretches << [from, y, to - from]
          from = to
        end
        stretches
      end

      # alike ones below each other are one box
      # @return [Array<Array(Integer, Integer, Integer, Integer)>] x, y, wide, high
      def joined(runs)
        runs.group_by { |x, _, wide| [x, wide] }.flat_map do |(x, wide), alike|
          alike.map { |_, y, _| y }.slice_when { |y, below| below > y + 1 }
            .map { |ys| [x, ys.first, wide, ys.size] }
        end
      end
    end
  end
end
