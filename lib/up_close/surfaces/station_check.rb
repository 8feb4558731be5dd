# frozen_string_literal: true

module UpClose
  module Surfaces
    # The stations of a lofted body, read and refused in words: part of Loft.
    module StationCheck
      private

      def number(_parameter, value)
        list = Array(value)
        check_size(list)
        list.map { |along, girth| [Float(along), Float(girth)] }.freeze
      rescue ArgumentError, TypeError
        refuse(
          :stations,
          "Some stations do not read as two lengths.",
          "Type them as 12, 48: how far along, how far round; one a line."
        )
      end

      def check_size(list)
        if list.size < 2
          refuse(
            :stations, "A body needs two stations or more.", "Measure the girth at the nose, at the tail and between."
          )
        end
        return if list.size <= Loft::MOST_STATIONS
        refuse(
          :stations, "These are #{list.size} stations; #{Loft::MOST_STATIONS} is the most.",
          "Leave some out where the girth changes evenly."
        )
      end

      def check
        back = stations.each_cons(2).find { |(a, _), (b, _)| b <= a }
        if back
          refuse(
            :stations,
            "Station #{num(back[1][0])} comes after #{num(back[0][0])}.",
            "Put them in order from nose to tail."
          )
        end
        empty = stations[1..-2].find { |_, girth| girth <= 0 }
        refuse(:stations, "The girth at #{num(empty[0])} is nothing.", "Only the ends may come to a point.") if empty
        if stations.any? { |along, girth| girth.negative? || along.negative? }
          refuse(:stations, "A girth cannot be below 0.", "Check the figures.")
        end
        if stations.last[0] > 2000 || stations.any? { |_, girth| girth > 4000 }
          refuse(:stations, "The body is over 2 m.", "Check the unit.")
        end
        if stations.all? { |_, girth| girth.zero? }
          refuse(:stations, "All girths are 0.", "Check the girths.")
        end
      end
    end
  end
end
