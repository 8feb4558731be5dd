# frozen_string_literal: true

module Demo
  module Art
    # The ring of sectors for the lamp-room gauge.
    module HourRing
      module_function

      def svg
        marks = Array.new(60) { |i| i * 6 }.map do |a|
          long = (a % 30).zero?
          [
            %(<path d="M#{CompassRose.at(a, 27.6)}L#{CompassRose.at(a, long ? 22.6 : 25.6)}" stroke="#000" ),
            %(stroke-width="#{long ? 1.1 : 0.5}"/>)
          ].join
        end
        [
          %(<svg xmlns="http://www.w3.org/2000/svg" width="60mm" height="60mm" viewBox="-30 -30 60 60"><circle ),
          %(r="27.6" fill="none" stroke="#000" stroke-width="0.5"/>#{marks.join}</svg>)
        ].join
      end
    end
  end
end
