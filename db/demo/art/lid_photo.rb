# frozen_string_literal: true

require "vips"

module Demo
  module Art
    # A drawn photo: the lid of a keepsake box, sycamore with a dark pour, on a bench, seen a little aslant; white paper
    # lies beside it. Places on the bench are millimetres from the lid's middle.
    module LidPhoto
      WIDTH, HEIGHT = 2000, 1500
      LID = [[-80, -55], [80, -55], [80, 55], [-80, 55]].freeze
      PAPER = [[-60, 64], [-10, 64], [-10, 82], [-60, 82]].freeze
      # the edge of the pour, from left to right
      POUR = (0..20).map { |i| [-80 + i * 8, 22 + 2.4 * Math.sin(i * 0.9) + 1.3 * Math.sin(i * 2.3)] }.freeze

      module_function

      # a pinhole camera, tilted 18° and turned 3°
      def see((x, y))
        tilt, turn = 18 * Math::PI / 180, 3 * Math::PI / 180
        u, v = x * Math.cos(turn) - y * Math.sin(turn), x * Math.sin(turn) + y * Math.cos(turn)
        depth = 400 + v * Math.sin(tilt)
        [(WIDTH / 2 + 3800 * u / depth).round(2), (HEIGHT / 2 + 3800 * v * Math.cos(tilt) / depth).round(2)]
      end

      def points(list) = list.map { |place| see(place).join(",") }.join(" ")

      def corners = LID.map { |place| see(place) }

      # lines along the board, up 2° to the right
      def grain
        Array.new(46) do |i|
          y = -55 + i * 2.5
          line = (0..16).map { |k| [-80 + k * 10, y - k * 0.35 + 0.6 * Math.sin(i * 1.7 + k * 0.8)] }
          tone = %w[#d9bd8c #cfae79 #e3cb9f][i % 3]
          %(<polyline points="#{points(line)}" fill="none" stroke="#{tone}" stroke-opacity=".55" ) +
            %(stroke-width="#{5 + i % 4 * 3}"/>)
        end.join
      end

      def waves
        Array.new(12) do |i|
          y = 28 + i * 2.3
          line = (0..16).map { |k| [-80 + k * 10, y + Math.sin(i + k * 1.1)] }
          %(<polyline points="#{points(line)}" fill="none" stroke="#2f5563" stroke-width="5" stroke-opacity=".5"/>)
        end.join
      end

      # @return [String] JPEG
      def jpeg
        pour = POUR + [[80, 55], [-80, 55]]
        svg = <<~SVG
          <svg xmlns="http://www.w3.org/2000/svg" width="#{WIDTH}" height="#{HEIGHT}">
          <defs><clipPath id="lid"><polygon points="#{points(LID)}"/></clipPath></defs>
          <rect width="#{WIDTH}" height="#{HEIGHT}" fill="#5e5145"/>
          <polygon points="#{points(LID.map { |x, y| [x + 2, y + 3] })}" fill="#3a3128"/>
          <polygon points="#{points(LID)}" fill="#dcc39a"/>
          <g clip-path="url(#lid)">#{grain}
          <polygon points="#{points(pour)}" fill="#1f3a48"/>
          <g clip-path="url(#lid)">#{waves}</g>
          <polyline points="#{points(POUR)}" fill="none" stroke="#6f8fa0" stroke-width="7"/></g>
          <polygon points="#{points(PAPER)}" fill="#eceae4"/>
          </svg>
        SVG
        lit(Vips::Image.svgload_buffer(svg).flatten(background: [255, 255, 255])).jpegsave_buffer(Q: 90)
      end

      # a window on the left
      def lit(image)
        light = Vips::Image.xyz(image.width, image.height)[0] * (-0.22 / image.width) + 1.04
        (image * light).cast(:uchar)
      end
    end
  end
end
