# frozen_string_literal: true

require "vips"

module UpClose
  module Formats
    module PNG
      # Writes one page of a finished PDF as PNG that knows its resolution.
      class Writer
        INCH_MM = 25.4
        RANGE = 72..1200

        # @param pdf [String] a whole PDF  @param page [Integer] from 0  @param dpi [Integer] 72..1200
        def initialize(pdf, page: 0, dpi: 600)
          unless dpi.is_a?(Numeric) && RANGE.cover?(dpi)
            raise Errors::DoesNotFit.new(
              "A PNG of #{dpi} dpi cannot be made.",
              remedy: "Ask for #{RANGE.begin} to #{RANGE.end}.",
              field: :dpi
            )
          end
          @pdf, @page, @dpi = pdf, page, dpi
        end

        # @return [String] the file
        def call
          image = Vips::Image.pdfload_buffer(@pdf, page: @page, dpi: @dpi).extract_band(0, n: 3)
          per_mm = @dpi / INCH_MM
          image.copy(xres: per_mm, yres: per_mm).pngsave_buffer(compression: 2, filter: :none, strip: true)
        end
      end
    end
  end
end
