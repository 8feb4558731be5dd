# frozen_string_literal: true

module Demo
  module Art
    # The skin of one flank of a herring from edge to edge, to cover a plug: dark back, scales, the line along the side,
    # the eye a little behind the nose.
    module HerringSkin
      # from the left edge and the top of 110 × 44 mm
      EYE = [16.0, 19.5].freeze

      module_function

      # @return [String] SVG, 110 × 44 mm
      def svg
        <<~SVG
          <svg xmlns="http://www.w3.org/2000/svg" width="110mm" height="44mm" viewBox="0 0 110 44">
          <rect width="110" height="44" fill="#c9d3d8"/>
          <path d="M0 0H110V16C84 13 40 12 0 17z" fill="#1f3d52"/>
          <path d="M0 17C40 12 84 13 110 16v4C84 17 40 16 0 21z" fill="#5c8496"/>
          #{scales}
          <path d="M24 22H108" stroke="#1f3d52" stroke-width=".6" fill="none"/>
          <path d="M25 12c4 5 4 14 0 20" stroke="#1f3d52" stroke-width=".9" fill="none"/>
          <circle cx="#{EYE[0]}" cy="#{EYE[1]}" r="2.600" fill="#e8c24a"/>
          <circle cx="#{EYE[0]}" cy="#{EYE[1]}" r="1.300" fill="#111"/>
          </svg>
        SVG
      end

      def scales
        (0..6).flat_map { |row|
          (0..24).map do |i|
            x, y = 30 + i * 3.2 + (row.odd? ? 1.6 : 0), 24 + row * 2.4
            %(<path d="M#{x.round(2)} #{y.round(2)}a1.5 1.5 0 0 0 2.8 0" ) +
              %(fill="none" stroke="#7b98a6" stroke-width=".35"/>)
          end
        }.join
      end
    end
  end
end
