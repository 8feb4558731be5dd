# frozen_string_literal: true

module UpClose
  module Coupons
    # What a photo of a coupon shows: of each ladder the share of its lines that is there, and the limit that comes of
    # it; solids, greys and letters likewise. Frozen.
    class Reading
      # mm between the places along a line that are looked at, and across
      ALONG = 0.12
      ACROSS = 0.06
      # a line may lie so far from where it was printed
      STRAY = 0.3
      # how blurred a photo usually is, mm
      BLUR = 0.06
      # so many directions, those that hold least, make a limit
      WORST = 3
      # a solid is even, a letter there, when so much of it is
      EVEN = 0.97
      LEGIBLE = 0.85
      # a grey is seen when it darkens the ground by so much of full ink
      SEEN = 0.025

      # One limit: its name, mm (or a share for the lightest grey), how far it may be off, and where that comes from.
      Found = Value.define(:name, :value, :off, :bound, :working, keyword_init: true)

      # @param sheet [Straightened]  @param coupon [Coupon]
      def initialize(sheet, coupon)
        @sheet, @coupon = sheet, coupon
      end

      # @return [Hash{String => Hash{Float => Float}}] ladder → size, mm → share that is there
      def shares
        @shares ||= @coupon.elements.group_by(&:ladder).transform_values do |elements|
          elements.reject { |one| one.kind == :solid && elements.size > 5 && one.ladder != "solid" }
            .to_h { |one| [one.tone || one.size_mm, share(one)] }
        end
      end

      # @return [Hash{String => Limit}] of the ladders of lines and gaps
      def ladders
        @ladders ||= shares.select { |name, _| name.match?(/\A(line|gap) /) }.transform_values { |all| Limit.new(all) }
      end

      # @return [Hash{Symbol => Found}] by the names of Methods::Limits, as far as they were read
      def limits
        {
          line_mm: of_ladders("line"), gap_mm: of_ladders("gap"), spread_mm: spread, solid_mm: solid,
          x_height_mm: letters, lightest: lightest
        }.compact
      end

      # of a settings' coupon: how much came over in each field
      # @return [Hash{String => Float}]
      def fields
        @coupon.elements.group_by(&:ladder).transform_values do |elements|
          elements.sum { |one| share(one) } / elements.size
        end
      end

      private

      # the mean of the directions that hold least, each weighed by how sure it is
      def of_ladders(kind)
        found = ladders.select { |name, _| name.start_with?(kind) }
        return if found.empty?
        worst = found.sort_by { |_, limit| -limit.mm }.first(WORST)
        weights = worst.map { |_, limit| 1 / [limit.off_mm, 0.01].max**2 }
        mm = worst.zip(weights).sum { |(_, limit), weight| limit.mm * weight } / weights.sum
        bound = worst.map { |_, limit| limit.bound }.uniq.then { |all| all.first if all.one? }
        Found.new(
          name: :"#{kind}_mm", value: mm, off: 1 / Math.sqrt(weights.sum), bound: bound,
          working: Working.new(
            "#{worst.map { |name, limit| "#{name}: #{Working.number(limit.mm, 3)} mm" }.join(", ")} hold least; " \
              "#{Working.number(mm, 3)} mm",
            source: worst.first.last.working.to_s
          )
        )
      end

      def share(one)
        case one.kind
        when :line then line_share(one)
        when :gap then 1 - line_share(one, gap: true)
        when :solid then solid_share(one)
        when :grey then darkness(one.box, paper(one.box))
        when :letters then letter_share(one)
        end
      end

      # at each place along a line the darkest near it, against the ground on either side and the ink of wide lines
      def line_share(one, gap: false)
        threshold = 0.5 * Math.erf(one.size_mm / (2 * Math.sqrt(2) * BLUR))
        stations = one.stations(ALONG)
        there = stations.count { |at, across| depth(at, across, one, gap) > threshold }
        share = there / stations.size.to_f
        gap ? 1 - share : share
      end

      # 0 as the ground, 1 as ink; for a gap 0 as ink, 1 as the ground
      def depth(at, across, one, gap)
        extreme = near(at, across, [one.size_mm / 4, STRAY].max).then { |all| gap ? all.max : all.min }
        levels = ladder_levels(one)
        from, to = gap ? levels.reverse : levels
        (from - extreme) / (from - to).then { |step|
          if step.abs < 8
            8.0 * (step.negative? ? -1 : 1)
          else
            step
          end
        }
      end

      def near(at, across, reach)
        count = [(reach / ACROSS).ceil, 1].max
        (-count..count).map { |i| @sheet.level(at.x + across.x * i * ACROSS, at.y + across.y * i * ACROSS) }
      end

      # ground and ink about a ladder: beside its thinnest, and in the middle of its widest
      # @return [Array(Float, Float)]
      def ladder_levels(one)
        (@levels ||= {})[one.ladder] ||= begin
          same = @coupon.elements.select { |other| other.ladder == one.ladder && other.kind == one.kind }
          on = median(same.last(3).flat_map { |wide| wide.stations(0.5).map { |at, _| @sheet.at(at) } })
          beside = median(same.last(3).flat_map { |wide|
            wide.stations(0.5).map { |at, across| @sheet.at(at + across * reach(wide)) }
          })
          (one.kind == :gap) ? [on, beside] : [beside, on]
        end
      end

      # half way to the next line
      def reach(one) = one.size_mm / 2 + Ladder::BETWEEN / 2

      # what lines grew by on each side: their mean width across the profile, against what was printed
      def spread
        wide = @coupon.elements.select { |one| one.kind == :line && one.size_mm >= 0.5 }
        grown = wide.map { |one| (width_seen(one) - one.size_mm) / 2 }
        return if grown.empty?
        mean = median(grown)
        off = Math.sqrt(grown.sum { |value| (value - mean)**2 } / grown.size / grown.size) + 0.005
        Found.new(
          name: :spread_mm, value: mean, off: off, bound: nil,
          working: Working.new("#{wide.size} wide lines, each side: #{Working.number(mean, 3)} mm", source: nil)
        )
      end

      def width_seen(one)
        ground, ink = ladder_levels(one)
        half = one.size_mm / 2 + 0.5
        steps = (2 * half / ACROSS).round
        sums = one.stations(0.5).map do |at, across|
          Array.new(steps) { |i| @sheet.at(at + across * (-half + (i + 0.5) * 2 * half / steps)) }
            .sum { |level| ((ground - level) / (ground - ink)).clamp(0, 1) } * 2 * half / steps
        end
        median(sums)
      end

      def solid
        all = shares["solid"] or return
        even = all.take_while { |_, share| share >= EVEN }.map(&:first).last
        bound = (even == all.keys.last) ? :least : nil
        value = even || all.keys.first
        Found.new(
          name: :solid_mm, value: value, off: value * 0.2, bound: even ? bound : :most,
          working: Working.new(told(all, "mm"))
        )
      end

      def letters
        all = shares["letters"] or return
        legible = all.sort.reverse.take_while { |_, share| share >= LEGIBLE }.map(&:first).last or return
        # an x is about 0.72 of a capital
        Found.new(
          name: :x_height_mm, value: legible * 0.72, off: legible * 0.1,
          bound: (legible == all.keys.min) ? :least : nil, working: Working.new("caps of #{told(all, "mm")}")
        )
      end

      def lightest
        all = shares["grey"] or return
        seen = all.sort.find { |_, share| share > SEEN } or return
        Found.new(
          name: :lightest, value: seen.first, off: 0.03, bound: nil,
          working: Working.new(all.sort.map { |tone, share| "#{(tone * 100).round} %: #{n2(share)}" }.join(", "))
        )
      end

      # @return [String] "3 mm: 100 %, 6 mm: 98 %"
      def told(all, unit)
        all.sort.map { |size, share| "#{Working.number(size)} #{unit}: #{(share * 100).round} %" }.join(", ")
      end

      def solid_share(one)
        inner = one.box.grown(-one.size_mm * 0.16)
        levels = @sheet.levels(inner, 0.2)
        ink = levels.min(levels.size / 4).max
        ground = paper(one.box)
        levels.count { |level| level < ink + (ground - ink) * 0.4 } / levels.size.to_f
      end

      # how dark a grey is, of full ink
      def darkness(box, ground)
        full = shares_ink
        ((ground - median(@sheet.levels(box.grown(-box.width * 0.2), 0.3))) / (ground - full)).clamp(0.0, 1.0)
      end

      # ink of letters that is there, against the largest of them
      def letter_share(one)
        largest = @coupon.elements.select { |other| other.kind == :letters }.max_by(&:size_mm)
        (inked(one) / [inked(largest), 1e-6].max).clamp(0.0, 1.0)
      end

      # share of its box that is ink; the same whatever its size
      def inked(one)
        ground = paper(one.box)
        levels = @sheet.levels(one.box, one.size_mm / 16)
        levels.sum { |level| ((ground - level) / (ground - shares_ink)).clamp(0.0, 1.0) } / levels.size
      end

      def shares_ink
        @shares_ink ||= begin
          solids = @coupon.elements.select { |one| one.kind == :solid }
          median(solids.flat_map { |one| @sheet.levels(one.box.grown(-one.size_mm * 0.3), 0.4) })
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

      def n2(value) = Working.number(value, 2)
    end
  end
end
