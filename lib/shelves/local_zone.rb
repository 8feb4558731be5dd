# frozen_string_literal: true

module Shelves
  # The clock on this shop's wall, daylight saving and all.
  module LocalZone
    module_function

    # @param date [Date]  @param minutes [Integer] after midnight, past the next one too
    # @return [Integer] seconds
    def at(date, minutes)
      day, rest = minutes.divmod(1440)
      (date + day).then { |d| Time.local(d.year, d.month, d.day, rest / 60, rest % 60).to_i }
    end

    # @return [Date]
    def date_of(moment) = Time.at(moment).to_date
  end
end
