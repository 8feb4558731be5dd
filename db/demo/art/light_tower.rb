# frozen_string_literal: true

module Demo
  module Art
    # Pellow Ness Light as an emblem: tower, lantern, beams, sea.
    module LightTower
      module_function

      def svg
        <<~SVG
          <svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 100 100">
          <circle cx="50" cy="50" r="47"
            fill="none" stroke="#000" stroke-width="2.4"/>
          <path d="M42 78 45.2 38h9.6L58 78z"/>
          <path d="M44 36h12v-2.6H44zM45.6 32h8.8v-8.4h-8.8zm-1.4-9.8h11.6L50 15.4z"/>
          <path d="M46.6 31V24.6h6.8V31z" fill="#fff"/><path d="M43.6 56.5 44.5 46h11l.9 10.500z" fill="#fff"/>
          <path d="M60 25.600 91 17.500v5.200zM60 28.200l31.500 2v5.200z
            M40 25.600 9 17.500v5.200zM40 28.200l-31.500 2v5.200z"/>
          <path d="M12 80c5-4.500 9-4.500 13.500 0s9 4.500 13.500 0 9-4.500 13.500 0 9 4.500 13.500 0
            9-4.500 13.500 0 5 3 8.500 1"
            fill="none" stroke="#000" stroke-width="2.2" stroke-linecap="round"/>
          <path d="M25 87c4-3.600 7.500-3.600 11 0s7.500 3.600 11 0 7.500-3.600 11 0 7.500 3.600 11 0 4-1.500 6-1"
            fill="none" stroke="#000" stroke-width="1.800" stroke-linecap="round"/>
          </svg>
        SVG
      end
    end
  end
end
