# frozen_string_literal: true

module UpClose
  module Coupons
    # What a photo of a coupon shows: of each ladder the share of its lines that is there, and the limit that comes of
    # it; solids, greys and letters likewise. Frozen.
    class Reading
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
        @coupon = coupon
        @seen = Seen.new(sheet, coupon)
      end

      # @return [Hash{String => Hash{Float => Float}}] ladder → size, mm → share that is there
      def shares
        @shares ||= @coupon.elements.group_by(&:ladder).transform_values do |elements|
          elements.reject { |element| element.kind == :solid && elements.size > 5 && element.ladder != "solid" }
            .to_h { |element| [element.tone || element.size_mm, @seen.share(element)] }
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
          elements.sum { |element| @seen.share(element) } / elements.size
        end
      end

      private

      # the mean of the directions that hold least, each weighed by how sure it is
      def of_ladders(kind)
        of_kind = ladders.select { |name, _| name.start_with?(kind) }
        return if of_kind.empty?
        worst = of_kind.sort_by { |_, limit| -limit.mm }.first(WORST)
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

      # what lines grew by on each side: their mean width across the profile, against what was printed
      def spread
        wide = @coupon.elements.select { |element| element.kind == :line && element.size_mm >= 0.5 }
        grown = wide.map { |element| (@seen.width(element) - element.size_mm) / 2 }
        return if grown.empty?
        mean = median(grown)
        off = Math.sqrt(grown.sum { |value| (value - mean)**2 } / grown.size / grown.size) + 0.005
        Found.new(
          name: :spread_mm, value: mean, off: off, bound: nil,
          working: Working.new("#{wide.size} wide lines, each side: #{Working.number(mean, 3)} mm", source: nil)
        )
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

      def median(values) = values.sort[values.size / 2]

      def n2(value) = Working.number(value, 2)
    end
  end
end
