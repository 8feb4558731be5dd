# frozen_string_literal: true

module UpClose
  module Record
    # One limit as a coupon, or the record, showed it. value and off: in the limit's own unit. years: how old it is.
    # changed: the printer got a new cartridge or fuser since. source: in words, "coupon of 3 November". Frozen.
    LimitReading = Value.define(:name, :value, :off, :way, :years, :changed, :source, keyword_init: true)
  end
end
