# frozen_string_literal: true

module UpClose
  module Timetable
    # An oven: its door stays shut while something bakes, so only what bakes as hot and
    # as long goes in together, as many copies as its tray takes.
    class Oven < Resource
      # whether something goes in just then
      def begins_at?(moment) = @booked.any? { |from, *| from == moment }

      private

      # or where a bake begins that it may share
      def openings(from) = [from, *@booked.flat_map { |s, e, *| [s, e] }.select { |moment| moment > from }.uniq.sort]

      def room?(moment, length, need, heat)
        together = within(moment, length)
        together.all? { |s, e, _, hot| s == moment && e == moment + length && hot == heat } &&
          together.sum { |b| b[2] } + need <= holds
      end
    end
  end
end
