# frozen_string_literal: true

require "vips"

module UpClose
  module Formats
    module SVG
      # Renders a drawing to pixels. The page is a whole number of pixels, since
      # the renderer would stretch any other to one.
      module Raster
        module_function

        # @param frame [Geometry::Box] the part to render, drawing units
        # @param scale [Float] pixels per unit
        # @return [Vips::Image] sRGB, 8 bit, white ground
        def call(drawing, frame:, scale:)
          Graphics::Pixels.held(image(drawing, frame, scale).flatten(background: [255, 255, 255]))
        end

        # the same with what is clear still clear
        def clear(drawing, frame:, scale:) = Graphics::Pixels.held(image(drawing, frame, scale))

        # @param frame [Geometry::Box] the drawing's units  @param scale [Float] pixels a unit  @return [Vips::Image]
        def image(drawing, frame, scale)
          map = Geometry::Transform.move(-frame.x, -frame.y).then(Geometry::Transform.scale(scale))
          width, height = (frame.width * scale).ceil.clamp(1, 30_000), (frame.height * scale).ceil.clamp(1, 30_000)
          sides = %(width="#{width}" height="#{height}" viewBox="0 0 #{width} #{height}")
          svg = %(<svg xmlns="http://www.w3.org/2000/svg" #{sides}>#{Painting.call(drawing, map: map)}</svg>)
          Vips::Image.svgload_buffer(svg, unlimited: true)
        end
      end
    end
  end
end
