# frozen_string_literal: true

module UpClose
  module Coupons
    # What a grid can vary. range: what is taken, in its unit. steps: keys of those it belongs to, the likeliest first.
    # figure: the step's own figure of it (nil: words alone). whole: it is counted. Frozen.
    Setting = Value.define(:key, :title, :unit, :range, :steps, :figure, :whole, keyword_init: true) do
      # @return [Array<Setting>]
      def self.all = GridSettings::ALL

      # @param key [String]  @return [Setting, nil]
      def self.find(key) = all.find { |setting| setting.key == key }

      # @param numbers [Array<Numeric, nil>] as they were read: so many as a grid takes, growing, within its range
      # @return [Grid::Axis, nil] nil where they make none
      def axis(numbers)
        return unless GridSettings::VALUES.cover?(numbers.size)
        return unless numbers.all? { |number| number && range.cover?(number) }
        Grid::Axis.new(key, title, unit, numbers) if numbers == numbers.uniq.sort
      end

      # @return [String] "heat, °C", "passes"
      def asked = [title, unit].uniq.join(", ")

      # @param value [Numeric]  @return [Numeric] as a step keeps it
      def kept(value) = whole ? value.round : value.round(1)
    end
  end
end
