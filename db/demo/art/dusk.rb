# frozen_string_literal: true

require "vips"

module Demo
  module Art
    # A picture of the light at dusk, in greys, as pixels.
    module Dusk
      module_function

      # @return [String] a PNG
      def png
        svg = <<~SVG
          <svg xmlns="http://www.w3.org/2000/svg" width="1200" height="800" viewBox="0 0 120 80">
          <defs><linearGradient id="sky" x1="0" y1="0" x2="0" y2="1">
            <stop offset="0" stop-color="#3b3b3b"/>
            <stop offset="0.8" stop-color="#d9d9d9"/></linearGradient>
          <linearGradient id="sea" x1="0" y1="0" x2="0" y2="1">
            <stop offset="0" stop-color="#8a8a8a"/><stop offset="1" stop-color="#2c2c2c"/></linearGradient>
          <radialGradient id="glow"><stop offset="0" stop-color="#ffffff"/>
            <stop offset="1" stop-color="#ffffff" stop-opacity="0"/></radialGradient></defs>
          <rect width="120" height="80" fill="url(#sky)"/><rect y="58" width="120" height="22" fill="url(#sea)"/>
          <circle cx="78" cy="22" r="17" fill="url(#glow)"/><path d="M55 60q12-8 46 0z" fill="#1d1d1d"/>
          <path d="M74.500 56l2-31h3.600l2 31z" fill="#efefef"/>
          <path d="M75 25h6.500v-1.500H75zM76 23h4.500v-4H76zM75.300 18.500h6L78.300 15z" fill="#111"/>
          <path d="M76 40l.5-7h3.600l.5 7z" fill="#444"/>#{glints}
          </svg>
        SVG
        Vips::Image.svgload_buffer(svg)
          .flatten(background: [255, 255, 255])
          .colourspace("b-w")
          .pngsave_buffer(strip: true)
      end

      # the light on the water
      def glints
        Array.new(26) do |i|
          at = "M#{(i * 37) % 118} #{61 + (i * 7) % 17}h#{4 + i % 6}"
          %(<path d="#{at}" stroke="#e8e8e8" stroke-opacity=".5" stroke-width=".35"/>)
        end.join
      end
    end
  end
end
