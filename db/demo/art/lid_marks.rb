# frozen_string_literal: true

module Demo
  module Art
    # What lies on the poured lid in layers: the beams of the light, its tower, a herring under it.
    module LidMarks
      module_function

      # @return [String] SVG, 128 × 28 mm
      def beams
        wedges = [-1, 1].flat_map do |side|
          [[-12, -6], [-3, 3], [6, 12]].map do |from, to|
            middle = 64 + side * 8
            far = 64 + side * 64
            y = 14
            wedge = "M#{middle} #{y + from / 6.0}L#{far} #{y + from}V#{y + to}L#{middle} #{y + to / 6.0}z"
            %(<path d="#{wedge}" fill="#c67a1e"/>)
          end
        end
        %(<svg xmlns="http://www.w3.org/2000/svg" width="128mm" height="28mm" viewBox="0 0 128 28">#{wedges.join}</svg>)
      end

      # @return [String] SVG, 26 × 64 mm
      def tower
        <<~SVG
          <svg xmlns="http://www.w3.org/2000/svg" width="26mm" height="64mm" viewBox="0 0 26 64">
          <path d="M13 0L20 7H6z" fill="#2b2a28"/><rect x="8" y="7.5" width="10" height="9" fill="#2b2a28"/>
          <circle cx="13" cy="12" r="2.6" fill="#e6c36a"/><rect x="5" y="17" width="16" height="2" fill="#2b2a28"/>
          <path d="M8 20h10l3.4 36H4.6z" fill="#f4efe2"/>
          <path d="M8 20h10l.8 8H7.2zM6.4 36.500h13.200l.8 8.500H5.600z" fill="#2b2a28"/>
          <path d="M0 64c3-5 5-8 6-8h14c1 0 3 3 6 8z" fill="#2b2a28"/>
          </svg>
        SVG
      end

      # @return [String] SVG, 60 × 22 mm
      def herring
        scales = (0..2).flat_map { |row|
          (0..6).map do |i|
            x, y = 20 + i * 4 + (row.odd? ? 2 : 0), 8 + row * 3
            %(<path d="M#{x} #{y}a2 2 0 0 0 0 4" fill="none" stroke="#f3f6f8" stroke-width=".7"/>)
          end
        }.join
        <<~SVG
          <svg xmlns="http://www.w3.org/2000/svg" width="60mm" height="22mm" viewBox="0 0 60 22">
          <path d="M0 11C10 2 26 0 38 5l9 5L60 1l-4 10 4 10-13-9-9 5C26 22 10 20 0 11z" fill="#2a72ad"/>
          #{scales}<circle cx="8" cy="9.500" r="1.800" fill="#f3f6f8"/><circle cx="8" cy="9.500" r=".9" fill="#12212c"/>
          </svg>
        SVG
      end
    end
  end
end
