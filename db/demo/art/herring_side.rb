# frozen_string_literal: true

module Demo
  module Art
    # One side of a herring: back, scales in rows, lateral line, eye and gill.
    module HerringSide
      module_function

      # @return [String] SVG, 84 × 22 mm
      def svg
        <<~SVG
          <svg xmlns="http://www.w3.org/2000/svg" width="84mm" height="22mm" viewBox="0 0 84 22">
          <path d="M2 12C14 2 40 0 60 5c10 2 18 4 22 5-4 1-12 2-22 2C44 13 18 11 2 12z" fill="#1f3d52"/>
          <path d="M2 12c12 6 34 10 56 6 10-2 20-6 24-8" fill="none" stroke="#1f3d52" stroke-width=".5"/>
          #{scales}
          <circle cx="9" cy="11" r="2.2" fill="#e8c24a" stroke="#111" stroke-width=".4"/>
          <circle cx="9" cy="11" r="1" fill="#111"/>
          <path d="M15 7c3 3 3 7 0 10" fill="none" stroke="#111" stroke-width=".5"/>
          </svg>
        SVG
      end

      # arcs in rows, each row half a scale on from the last
      def scales
        (0..3).flat_map do |row|
          (0..20).map do |i|
            x, y = 19 + i * 2.7 + (row.odd? ? 1.35 : 0), 13.2 + row * 1.2
            [
              %(<path d="M#{x.round(2)} #{y.round(2)}a1.3 1.3 0 0 0 2.4 0" fill="none" stroke="#3f6b7d" ),
              %(stroke-width=".3"/>)
            ].join
          end
        end.join
      end
    end
  end
end
