# frozen_string_literal: true

require "vips"

module Demo
  module Art
    # Twelve small views of the headland, as round pictures in greys, each cut to fit inside its blank.
    module Views
      TITLES = [
        "The light from the quay", "The light at noon", "Fog bank", "The tender going out", "Gulls", "The slipway",
        "Low water", "The bell buoy", "Night ferry", "First snow", "The keeper's house", "Spring tide"
      ].freeze
      SIDE_PX = 340
      PARTS = %i[sky tower sea boat gulls].freeze

      module_function

      # @param number [Integer] 0..11
      # @return [String] a PNG
      def png(number)
        Vips::Image.svgload_buffer(svg(number)).flatten(background: [255, 255, 255])
          .colourspace("b-w").pngsave_buffer(strip: true)
      end

      def svg(number)
        <<~SVG
          <svg xmlns="http://www.w3.org/2000/svg" width="#{SIDE_PX}" height="#{SIDE_PX}" viewBox="0 0 96 96">
          <defs><clipPath id="round"><circle cx="48" cy="48" r="46"/></clipPath></defs>
          <g clip-path="url(#round)">#{PARTS.map { |part| public_send(part, number) }.join}</g></svg>
        SVG
      end

      def sky(number)
        tone = 130 + number * 37 % 50
        %(<path d="M0 0h96v96H0z" fill="rgb(#{tone},#{tone},#{tone})"/>
          <circle cx="#{14 + number * 29 % 68}" cy="#{14 + number * 11 % 20}" r="7" fill="#c4c4c4"/>)
      end

      def tower(number)
        x = 22 + number * 23 % 52
        %(<path d="M#{x - 16} 66q16-12 34 0z" fill="#222"/><path d="M#{x} 62l1.6-32h5l1.600 32z" fill="#c8c8c8"/>
          <path d="M#{x + 0.4} 29h7.400v-2.400h-7.400zM#{x + 1.4} 26h5.400l-2.700-6z" fill="#111"/>)
      end

      def sea(number)
        waves = Array.new(9) { |i| "M#{(i * 31 + number * 17) % 90} #{69 + i * 3}h#{7 + i % 4}" }.join
        %(<path d="M0 64h96v32H0z" fill="#4a4a4a"/><path d="#{waves}" stroke="#a8a8a8" stroke-width="1" fill="none"/>)
      end

      def boat(number)
        x = 12 + number * 41 % 60
        %(<path d="M#{x} 72h18l-3 5H#{x + 3}z" fill="#111"/><path d="M#{x + 8} 71V58l8 12z" fill="#bdbdbd"/>)
      end

      def gulls(number)
        Array.new(1 + number % 4) do |i|
          x, y = 18 + (i * 19 + number * 13) % 60, 34 + (i * 7 + number * 5) % 18
          %(<path d="M#{x} #{y}q2.500-3 5 0q2.500-3 5 0" fill="none" stroke="#111" stroke-width="1.100"/>)
        end.join
      end
    end
  end
end
