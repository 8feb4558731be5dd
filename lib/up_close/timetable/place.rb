# frozen_string_literal: true

module UpClose
  module Timetable
    # Something that holds so much at once: an oven, a press, a drying place.
    class Place
      attr_reader :holds

      # @param holds [Integer] copies, or jobs where it takes one at a time
      def initialize(holds, booked = [])
        @holds, @booked = holds, booked
      end

      def dup = Place.new(holds, @booked.dup)

      # @return [Numeric] when there is room for +need+ that long
      def earliest(from, length, need)
        # room can only open where something leaves
        [from, *ends_after(from)].find { |at| room?(at, length, need) }
      end

      def book(from, to, need) = @booked << [from, to, need]

      private

      def ends_after(from) = @booked.filter_map { |_, to, _| to if to > from }.sort

      def room?(at, length, need)
        over = @booked.select { |s, e, _| s < at + length && e > at }
        return true if over.sum { |b| b[2] } + need <= holds
        # most at once, at each start among them
        [at, *over.map(&:first)].all? { |t| t < at || over.sum { |s, e, n| (s <= t && e > t) ? n : 0 } + need <= holds }
      end
    end
  end
end
