# frozen_string_literal: true

module Presenters
  # One coupon: how it is made, and what was read of it.
  class CouponPage
    attr_reader :coupon

    # @param now [Time]
    def initialize(coupon, now:)
      @coupon, @now = coupon, now
    end

    def mark = coupon.mark

    def read? = !coupon.read_at.nil?

    def grid? = !coupon.plan.nil?

    # @return [Array<UpClose::Record::KnownLimit>] as they stand with this coupon
    def limits
      known = ShopLimits.book(now: @now).known(coupon.method_core, coupon.way)
      coupon.readings.keys.filter_map { |name| known[name.to_sym] }
    end

    # "0.21 ± 0.01 mm"
    def reading_words(name)
      told = coupon.readings.fetch(name.to_s)
      finer = (name.to_s == "solid_mm") ? "or larger" : "or finer"
      bound = {"least" => finer, "most" => "or more"}[told["bound"]]
      unit = (name.to_s == "lightest") ? "of full ink" : "mm"
      figures = [told["value"], "±", told["off"]]
      told = figures.map { |figure| figure.is_a?(String) ? figure : UpClose::Working.number(figure) }
      [*told, unit, bound].compact.join(" ")
    end

    # ladders as rows of shares
    # @return [Array<Array(String, Array<Array(String, Float)>)>]
    def ladders
      return [] if grid?
      coupon.shares.select { |_, sizes| sizes.is_a?(Hash) && sizes.size > 1 }.map do |name, sizes|
        [name, sizes.map { |size, share| [UpClose::Working.number(size), share] }]
      end
    end

    # @return [String, nil] where it stands, in one sentence
    def stands
      return if read?
      return "Made, not yet printed." unless mark&.packed_at || mark&.run
      mark.run&.finished? ? "Done: read it now." : "Under way."
    end

    # @return [Array<Array(String, String)>] each setting, and its best
    def best
      axes = [coupon.plan_core.across, coupon.plan_core.down].compact
      axes.map do |axis|
        low, high = coupon.best["ranges"].fetch(axis.key)
        best = axis.words(coupon.best["at"].fetch(axis.key))
        [axis.title, best, "#{axis.words(low)} to #{axis.words(high)} does as well"]
      end
    end

    # "over 99 in 100"
    def sure
      share = (coupon.best["sure"] * 100).round
      (share > 99) ? "over 99 in 100" : "#{share} in 100"
    end

    # "Try hotter: the best lies at the edge."
    def beyond
      words = {"more" => {"heat" => "hotter", "time" => "longer", "wait" => "a longer wait"},
               "less" => {"heat" => "cooler", "time" => "shorter", "wait" => "a shorter wait"}}
      coupon.best["beyond"].map do |key, way|
        "Try #{words[way.to_s].fetch(key) { "#{way} #{key}" }}: The best value is at the edge of what you tried."
      end
    end

    # @return [Array<Array(UpClose::Coupons::Grid::Field, Float, nil)>]
    def fields = coupon.plan_core.fields.map { |field| [field, coupon.shares[field.name]] }
  end
end
