# frozen_string_literal: true

module Demo
  module Art
    # A drawn photo: a cittern's headstock on a bench, seen from a slant, with a
    # card of 85.60 × 53.98 lying beside it. Places on the bench are millimetres.
    module HeadstockPhoto
      WIDTH = 1600
      HEIGHT = 1200
      CARD = [[-98, 22], [-12.4, 22], [-12.4, 75.98], [-98, 75.98]].freeze
      OUTLINE = [
        [-95, -38], [-60, -44], [-10, -40], [40, -46],
        [78, -36], [92, -18], [92, -4], [78, 12], [40, 18], [-10, 10], [-60, 14], [-95, 8]
      ].freeze

      module_function

      # a pinhole camera, tilted 24°
      def see((x, y))
        tilt, turn = 24 * Math::PI / 180, -7 * Math::PI / 180
        u, v = x * Math.cos(turn) - y * Math.sin(turn), x * Math.sin(turn) + y * Math.cos(turn)
        depth = 420 + v * Math.sin(tilt)
        [(800 + 2700 * u / depth).round(2), (600 + 2700 * v * Math.cos(tilt) / depth).round(2)]
      end

      def points(list) = list.map { |p| see(p).join(",") }.join(" ")

      def corners = CARD.map { |p| see(p) }

      def outline = OUTLINE.map { |p| see(p) }

      # from end to end
      def middle = [see([-95, -15]), see([92, -11])]

      # the bench it lies on
      def grain
        Array.new(14) do |i|
          at = "M0 #{40 + i * 88}q500 #{(i % 3) * 14 - 14} #{WIDTH} #{(i % 4) * 8}"
          %(<path d="#{at}" stroke="#7c6a55" stroke-width="3" fill="none"/>)
        end.join
      end

      def pegs
        [-70, -35, 0, 35, 65].product([-30, 0]).map do |peg|
          x, y = see(peg)
          %(<circle cx="#{x}" cy="#{y}" r="17" fill="#efe8da" stroke="#6b5a3a" stroke-width="3"/>)
        end.join
      end

      # @return [String] JPEG
      def jpeg
        svg = <<~SVG
          <svg xmlns="http://www.w3.org/2000/svg" width="#{WIDTH}" height="#{HEIGHT}">
          <rect width="#{WIDTH}" height="#{HEIGHT}" fill="#8d7a63"/>
          #{grain}
          <polygon points="#{points(OUTLINE.map { |x, y| [x + 2, y + 3] })}" fill="#5e4f3e"/>
          <polygon points="#{points(OUTLINE)}" fill="#d8b982" stroke="#8a6a3c" stroke-width="3"/>
          #{pegs}
          <polygon points="#{points(CARD)}" fill="#f4f1ea" stroke="#c9c2b2" stroke-width="2"/>
          <polygon points="#{points([[-90, 30], [-20, 30], [-20, 38], [-90, 38]])}" fill="#b9b2a2"/>
          </svg>
        SVG
        Vips::Image.svgload_buffer(svg).flatten(background: [255, 255, 255]).jpegsave_buffer(Q: 90)
      end
    end
  end
end
