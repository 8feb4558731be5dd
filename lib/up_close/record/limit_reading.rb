# frozen_string_literal: true

module UpClose
  module Record
    # One limit as a coupon, or the record, showed it. value and off: in the limit's own unit. years: how old it is.
    # changed: the printer got a new cartridge or fuser since. source: in words, "coupon of 3 November". Frozen.
    LimitReading = Value.define(:name, :value, :off, :way, :years, :changed, :source, :bound, keyword_init: true) do
      # all of its ladder was whole: it may hold more than was tried
      # @param starting [Float]  @return [Boolean] whether that tells no more than the starting value
      def idle?(starting)
        return false unless bound.to_s == "least"
        (name == :solid_mm) ? starting >= value : starting <= value
      end
    end
  end
end
