# frozen_string_literal: true

require "vips"

module UpClose
  module Outcomes
    # What was to come over and did not, as a mask, and where it lies. Frozen.
    class Missing
      # a place is missing when less than so much of its ink is there
      THERE = 0.45
      # no photo is laid over exactly: ink within so much of a place is there, mm
      NEAR_MM = 0.08
      # how blurred a photo usually is, mm
      BLUR_MM = 0.05
      # spots smaller than this are not counted, mm²
      LEAST_MM2 = 0.04
      # so dark a tone is asked about at all
      INKED = 60
      # many times as much as elsewhere
      MORE = 2.0
      # narrower than this counts as a thin line, wider as a solid, mm
      THIN_MM = 0.7
      SOLID_MM = 3.0
      RIM = 0.15
      MOST_SPOTS = 400

      # One spot: its middle and reach in shares of the mark's box. Frozen.
      Spot = Value.define(:x, :y, :r, :area_mm2)

      # @param printed [Printed]  @param there [Vips::Image] 0..1: how much ink is seen, as +printed+ lies
      def initialize(printed, there)
        @printed = printed
        @wanted = Graphics::Pixels.held(printed.tone.gaussblur(BLUR_MM * printed.per_mm))
        @asked = Graphics::Pixels.held(judged)
        near = (NEAR_MM * printed.per_mm).round.clamp(1, 4) * 2 + 1
        nearby = there.rank(near, 1, near - 1).rank(1, near, near - 1)
        @mask = Graphics::Pixels.held((nearby < @wanted * (THERE / 255.0)) & @asked)
        @parts = Artwork::Thinness::Regions.new(@mask.write_to_memory, @mask.width, @mask.height)
          .parts(least: [LEAST_MM2 * printed.per_mm**2, 3].max)
      rescue Artwork::Thinness::TooMuch
        @parts = []
      end

      # @return [Float] of all that was printed, 0..1
      def share = sum(@mask) / [sum(@asked), 1].max

      # @return [Array<Spot>] the largest first
      def spots
        @spots ||= @parts.first(MOST_SPOTS).map do |part|
          x, y = @printed.share((part.left + part.right) / 2.0, (part.top + part.bottom) / 2.0)
          reach = [part.width, part.height].max / 2.0 / (@printed.width - 2 * @printed.room)
          Spot.new(x.clamp(0.0, 1.0), y.clamp(0.0, 1.0), reach, part.area / @printed.per_mm**2)
        end
      end

      # across the largest, as a disc of its area
      # @return [Float] mm
      def largest_mm = spots.empty? ? 0.0 : 2 * Math.sqrt(spots.map(&:area_mm2).max / Math::PI)

      # @return [Array<Symbol>] of Diagnosis::Facts::PLACES
      def places
        return [] if share < 0.003
        [
          (:rim if more_in?(rim)), (:middle if more_in?(middle)), (:one_side if one_side?),
          (:thin_lines if more_in?(thin)), (:solids if more_in?(solid)), (:along_grain if along?),
          (:everywhere if everywhere?)
        ].compact
      end

      private

      # where ink was wanted, as dark as a photo can show it
      def judged = @wanted > INKED

      def sum(mask) = mask.avg * mask.width * mask.height / 255.0

      # @param part [Vips::Image] a mask of some of the print
      def more_in?(part)
        inside = sum(part & @asked)
        outside = sum(@asked) - inside
        return false if inside < sum(@asked) * 0.02 || outside < sum(@asked) * 0.02
        missing = sum(part & @mask)
        missing / inside > MORE * (sum(@mask) - missing + 1) / outside && missing > sum(@mask) * 0.4
      end

      def frame(inset)
        wide, high = @printed.width - 2 * @printed.room, @printed.height - 2 * @printed.room
        x, y = (@printed.room + inset * wide).round, (@printed.room + inset * high).round
        Vips::Image.black(@printed.width, @printed.height)
          .draw_rect(255, x, y, @printed.width - 2 * x, @printed.height - 2 * y, fill: true)
      end

      def rim = frame(RIM).invert

      def middle = frame(0.3)

      # what an opening takes away
      def thin = ink & opened(THIN_MM).invert

      def solid = opened(SOLID_MM)

      def ink = @ink ||= Graphics::Pixels.held(@printed.tone > INKED)

      # all of it that is at least so wide
      def opened(mm)
        small = Graphics::Pixels.held(ink.resize(0.5, kernel: :linear) > 127)
        half = mm / 4 * @printed.per_mm
        inner = Graphics::Pixels.held(away(small.invert) > half)
        kept = inner.max.zero? ? inner : away(inner) <= half
        kept.resize(ink.width / kept.width.to_f, vscale: ink.height / kept.height.to_f, kernel: :nearest)
          .crop(0, 0, ink.width, ink.height)
      end

      # how far each place is from a mask, pixels
      def away(mask) = mask.fill_nearest(distance: true).last["distance"].cast(:float)

      # all but a little of it in one half
      def one_side?
        columns, rows = [@mask, @asked].map(&:project).transpose
        [columns, rows].any? do |missing, asked|
          lost, there = [missing, asked].map { |image| image.to_a.flatten }
          half = middle_of(there)
          near = lost.first(half).sum / [lost.sum, 1].max.to_f
          near > 0.85 || near < 0.15
        end
      end

      # where half of the print lies on either side
      def middle_of(sums)
        so_far = 0
        sums.index { |value| (so_far += value) * 2 >= sums.sum } || sums.size / 2
      end

      # spots longer one way than across, all alike
      def along?
        long = @parts.select { |part| [part.width, part.height].max > 4 }
        return false if long.size < 6
        ratios = long.map { |part| Math.log(part.width / part.height.to_f) }
        mean = ratios.sum / ratios.size
        mean.abs > Math.log(2.0)
      end

      def everywhere?
        quarters = spots.map { |spot| [spot.x < 0.5, spot.y < 0.5] }.tally
        spots.size >= 8 && quarters.size == 4 && quarters.values.max < spots.size * 0.5
      end
    end
  end
end
