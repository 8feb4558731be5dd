# frozen_string_literal: true

module UpClose
  module Coupons
    # How much of each element of a coupon is there, as the photo shows it.
    class Seen
      # mm between the places along a line that are looked at, and across
      ALONG = 0.12
      ACROSS = 0.06
      # a line may lie so far from where it was printed
      STRAY = 0.3
      # how blurred a photo usually is, mm
      BLUR = 0.06

      # @param sheet [Straightened]  @param coupon [Coupon]
      def initialize(sheet, coupon)
        @sheet, @coupon = sheet, coupon
      end

      # @param element [Element]  @return [Float] 0..1
      def share(element)
        case element.kind
        when :line then line_share(element)
        when :gap then 1 - line_share(element, gap: true)
        when :solid then solid_share(element)
        when :grey then darkness(element.box, paper(element.box))
        when :letters then letter_share(element)
        end
      end

      # how wide a line lies there, its greys added up across it
      # @return [Float] mm
      def width(element)
        ground, ink = ladder_levels(element)
        half = element.size_mm / 2 + 0.5
        steps = (2 * half / ACROSS).round
        sums = element.stations(0.5).map do |station, across|
          Array.new(steps) { |i| @sheet.at(station + across * (-half + (i + 0.5) * 2 * half / steps)) }
            .sum { |level| ((ground - level) / (ground - ink)).clamp(0, 1) } * 2 * half / steps
        end
        median(sums)
      end

      private

      # at each place along a line the darkest near it, against the ground on either side and the ink of wide lines
      def line_share(element, gap: false)
        threshold = 0.5 * Math.erf(element.size_mm / (2 * Math.sqrt(2) * BLUR))
        stations = element.stations(ALONG)
        there = stations.count { |station, across| depth(station, across, element, gap) > threshold }
        share = there / stations.size.to_f
        gap ? 1 - share : share
      end

      # 0 as the ground, 1 as ink; for a gap 0 as ink, 1 as the ground
      def depth(station, across, element, gap)
        extreme = near(station, across, [element.size_mm / 4, STRAY].max).then { |all| gap ? all.max : all.min }
        levels = ladder_levels(element)
        from, to = gap ? levels.reverse : levels
        (from - extreme) / (from - to).then { |step|
          if step.abs < 8
            8.0 * (step.negative? ? -1 : 1)
          else
            step
          end
        }
      end

      def near(station, across, reach)
        count = [(reach / ACROSS).ceil, 1].max
        (-count..count).map { |i| @sheet.level(station.x + across.x * i * ACROSS, station.y + across.y * i * ACROSS) }
      end

      # ground and ink about a ladder: beside its thinnest, and in the middle of its widest
      # @return [Array(Float, Float)]
      def ladder_levels(element)
        (@levels ||= {})[element.ladder] ||= begin
          same = @coupon.elements.select { |other| other.ladder == element.ladder && other.kind == element.kind }
          on = median(same.last(3).flat_map { |wide| wide.stations(0.5).map { |station, _| @sheet.at(station) } })
          beside = median(same.last(3).flat_map { |wide|
            wide.stations(0.5).map { |station, across| @sheet.at(station + across * reach(wide)) }
          })
          (element.kind == :gap) ? [on, beside] : [beside, on]
        end
      end

      # half way to the next line
      def reach(element) = element.size_mm / 2 + Ladder::BETWEEN / 2

      def solid_share(element)
        inner = element.box.grown(-element.size_mm * 0.16)
        levels = @sheet.levels(inner, 0.2)
        ink = levels.min(levels.size / 4).max
        ground = paper(element.box)
        levels.count { |level| level < ink + (ground - ink) * 0.4 } / levels.size.to_f
      end

      # how dark a grey is, of full ink
      def darkness(box, ground)
        full = shares_ink
        ((ground - median(@sheet.levels(box.grown(-box.width * 0.2), 0.3))) / (ground - full)).clamp(0.0, 1.0)
      end

      # ink of letters that is there, against the largest of them
      def letter_share(element)
        largest = @coupon.elements.select { |other| other.kind == :letters }.max_by(&:size_mm)
        (inked(element) / [inked(largest), Tolerance::SLIGHT].max).clamp(0.0, 1.0)
      end

      # share of its box that is ink; the same whatever its size
      def inked(element)
        ground = paper(element.box)
        levels = @sheet.levels(element.box, element.size_mm / 16)
        levels.sum { |level| ((ground - level) / (ground - shares_ink)).clamp(0.0, 1.0) } / levels.size
      end

      def shares_ink
        @shares_ink ||= begin
          solids = @coupon.elements.select { |element| element.kind == :solid }
          median(solids.flat_map { |element| @sheet.levels(element.box.grown(-element.size_mm * 0.3), 0.4) })
        end
      end

      # the ground round a box
      def paper(box)
        out = box.grown(0.9)
        edge = 40.times.map { |i| around(out, i / 40.0) }
        edge.sort[(edge.size * 0.6).floor]
      end

      def around(box, part)
        along = part * 2 * (box.width + box.height)
        x, y = if along < box.width then [along, 0]
        elsif along < box.width + box.height then [box.width, along - box.width]
        elsif along < 2 * box.width + box.height then [2 * box.width + box.height - along, box.height]
        else [0, 2 * (box.width + box.height) - along]
        end
        @sheet.level(box.x + x, box.y + y)
      end

      def median(values) = values.sort[values.size / 2]
    end
  end
end
