# frozen_string_literal: true

require "vips"

module UpClose
  module Outcomes
    # Whether a mark lies there twice: two prints, a little apart, cover what is dark better than one does. The one that
    # was laid over the photo may be either, or lie half way between.
    class Doubled
      # it is looked for so far away, in steps, mm
      REACH_MM = 2.4
      STEP_MM = 0.15
      WAYS = 12
      # by so much better: what both share, of all that either has
      BETTER = 0.05
      DARK = 0.35
      SMALL = 200

      # @param printed [Printed]  @param there [Vips::Image] 0..1
      def initialize(printed, there)
        @scale = SMALL / [printed.width, printed.height].max.to_f
        @per_mm = printed.per_mm * @scale
        room = (REACH_MM * @per_mm).ceil
        @print, @dark = [printed.tone > 110, there > DARK].map do |mask|
          bits(mask.resize(@scale, kernel: :linear) > 127, room)
        end
      end

      # @return [Float] mm; 0 where it lies there once
      def shift_mm
        once = shared(@print)
        far, twice = shifts.map { |mm, x, y| [mm, two(x, y)] }.max_by { |mm, share| [share, -mm] }
        (twice > once + BETTER) ? far : 0.0
      end

      private

      # a mask as one whole number, a bit a pixel, row after row: moved by shifting it
      def bits(mask, room)
        wide = mask.embed(room, room, mask.width + 2 * room, mask.height + 2 * room)
        @row = wide.width
        (wide / 255 + 48).cast(:uchar).write_to_memory.to_i(2)
      end

      # half of all directions: the other half is the same two prints
      def shifts
        (1..(REACH_MM / STEP_MM).round).flat_map do |i|
          far = i * STEP_MM
          Array.new(WAYS) { |k|
            angle = Math::PI * k / WAYS
            [far, far * @per_mm * Math.cos(angle), far * @per_mm * Math.sin(angle)]
          }
        end
      end

      # the best of: half way between both, or on one of them
      def two(x, y)
        [[-0.5, 0.5], [0, 1], [0, -1]].map { |one, other|
          shared(moved(x * one, y * one) | moved(x * other, y * other))
        }.max
      end

      def moved(x, y)
        by = y.round * @row + x.round
        by.negative? ? @print >> -by : @print << by
      end

      # what both share, of all that either has
      def shared(mask) = count(mask & @dark) / [count(mask | @dark), 1].max.to_f

      def count(bits) = bits.to_s(2).count("1")
    end
  end
end
