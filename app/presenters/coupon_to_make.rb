# frozen_string_literal: true

module Presenters
  # Which coupon would teach a method most: the settings' one where its faults lie in a setting, else the one that tells
  # what it holds, as long as that is guessed.
  class CouponToMake
    # @param causes [Hash{String => Integer}] found so often  @param limits [Array<UpClose::Record::KnownLimit>]
    def initialize(causes, limits)
      @causes, @limits = causes, limits
    end

    # One coupon worth making: which, why. Frozen.
    Teach = UpClose::Value.define(:kind, :axes, :words, :why, keyword_init: true)

    # @return [Teach, nil]
    def call
      axes, times = often
      return settings_coupon(axes, times) if times.to_i > 1 && times * 3 >= @causes.values.sum
      limits_coupon if @limits.any? { |limit| !limit.measured? }
    end

    private

    # the settings that most faults came from
    # @return [Array, nil] keys of settings, and how many faults
    def often
      by_settings = UpClose::Diagnosis::Causes.all.group_by(&:lies_in).reject { |settings, _| settings.empty? }
      by_settings.transform_values { |causes| @causes.slice(*causes.map(&:key)).values.sum }.max_by(&:last)
    end

    def settings_coupon(axes, times)
      Teach.new(
        kind: "grid", axes: axes,
        words: "#{axes.join(" against ").sub(/\A./, &:upcase)}: nine fields on one piece.",
        why: "#{times} of your #{@causes.values.sum} faults come from it."
      )
    end

    def limits_coupon
      guessed = @limits.reject(&:measured?).map { |limit| UpClose::Record::LimitBook::NAMES.fetch(limit.name).downcase }
      Teach.new(
        kind: "limits", axes: [], words: "What it holds: lines, gaps, solids and letters on one A6.",
        why: "Still starting values: #{guessed.join(", ")}."
      )
    end
  end
end
