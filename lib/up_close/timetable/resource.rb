# frozen_string_literal: true

module UpClose
  module Timetable
    # Something that holds so much at once: a press, a drying place.
    class Resource
      attr_reader :holds

      # @param holds [Integer] copies, or marks where it takes one at a time
      def initialize(holds, booked = [])
        @holds, @booked = holds, booked
      end

      def dup = self.class.new(holds, @booked.dup)

      # @param heat [Numeric, nil] °C
      # @return [Numeric] when there is room for +need+ that long
      def earliest(from, length, need, heat = nil) = openings(from).find { |moment| room?(moment, length, need, heat) }

      # @param from [Numeric] moment  @param need [Integer] copies  @param heat [Numeric, nil] °C
      def book(from, to, need, heat = nil) = @booked << [from, to, need, heat]

      private

      # room can only open where something leaves
      def openings(from) = [from, *@booked.filter_map { |_, to| to if to > from }.sort]

      def within(moment, length) = @booked.select { |s, e, *| s < moment + length && e > moment }

      def room?(moment, length, need, _heat)
        over = within(moment, length)
        return true if over.sum { |b| b[2] } + need <= holds
        # most at once, at each start among them
        [moment, *over.map(&:first)].all? do |t|
          t < moment || over.sum { |s, e, n, _| (s <= t && e > t) ? n : 0 } + need <= holds
        end
      end
    end
  end
end
