# frozen_string_literal: true

require "vips"

module UpClose
  module Formats
    module PDF
      # A PDF's first page as its renderer makes it, any part of it at any scale.
      class RenderedPage
        POINTS_AN_INCH = 72.0

        # @return [Geometry::Box] the page as it is seen, mm
        attr_reader :whole

        # @param bytes [String]  @param whole [Geometry::Box]
        def initialize(bytes, whole)
          @bytes, @whole = bytes, whole
        end

        # @param part [Geometry::Box] mm  @param scale [Float] pixels a mm
        # @return [Array(Vips::Image, Float)] held in memory, on white; and the scale
        # @raise [Vips::Error]
        def image(part, scale)
          page = Vips::Image.pdfload_buffer(@bytes, dpi: POINTS_AN_INCH * scale / per_mm, background: [255])
          left, top = [part.x - whole.x, part.y - whole.y].map { |mm| (mm * scale).floor.clamp(0, nil) }
          wide, high = [[part.width, page.width - left], [part.height, page.height - top]].map do |mm, most|
            (mm * scale).ceil.clamp(1, most)
          end
          [Graphics::Pixels.held(page.crop(left, top, wide, high)), scale]
        end

        private

        # pixels a mm at a point a pixel: the renderer knows no unit but the point
        def per_mm = @per_mm ||= Vips::Image.pdfload_buffer(@bytes, dpi: POINTS_AN_INCH * 4).width / 4.0 / whole.width
      end
    end
  end
end
