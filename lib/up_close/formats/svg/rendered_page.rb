# frozen_string_literal: true

require "strscan"
require "vips"

module UpClose
  module Formats
    module SVG
      # A drawing as its renderer makes it, any part of its page at any scale: the part is a page of
      # its own, a whole number of pixels, with the drawing inside it.
      class RenderedPage
        # Letters fail above some scale, and once they have failed, fail at any: so drawings with letters begin
        # with so many pixels along their longer side, and are doubled while the renderer bears it.
        FIRST_PX = 600
        # The renderer draws what is larger in squares of so many pixels, and works a filter out anew, and whole, for
        # each: 4800 pixels of a blur take 18 times as long as 2400. So filters are drawn in one square, and enlarged.
        SQUARE_PX = 2000

        # @param text [String] the drawing, its document type taken off
        # @param room [Geometry::Box, nil] its page, px; nil when it has no edge, and the renderer finds one
        # @param beyond [Geometry::Box, nil] what is to be seen beyond the page as well
        # @param letters [Boolean] whether it holds live text
        # @param filters [Boolean] whether it holds blurs, shadows and their like
        def initialize(text, room, beyond: nil, letters: false, filters: false)
          @text, @room, @beyond, @letters, @filters = text, room || usual_room, beyond, letters, filters
        end

        # @return [Geometry::Box] all that can be seen, px
        def whole = @beyond ? @room.union(@beyond) : @room

        # @param part [Geometry::Box] px of the drawing  @param scale [Float] pixels for one of them
        # @return [Array(Vips::Image, Float)] held in memory, what is clear still clear; and the scale that it came to
        # @raise [Vips::Error]
        def image(part, scale)
          return [enlarged(part, scale), scale] if @filters
          return [rendered(part, scale), scale] unless @letters
          scales = [scale]
          scales.unshift(scales.first / 2) while scales.first * [part.width, part.height].max > FIRST_PX
          as_fine_as_borne(part, scales)
        end

        private

        def enlarged(part, scale)
          coarse = [scale, SQUARE_PX / [part.width, part.height].max.to_f].min
          image = rendered(part, coarse)
          return image if coarse == scale
          # what is clear has no colour of its own to be mixed with its neighbour's
          large = image.premultiply.resize(scale / coarse, kernel: :cubic).unpremultiply
          Graphics::Pixels.held(large.cast(:uchar).copy(interpretation: :srgb))
        end

        # @param scales [Array<Float>] coarsest first
        def as_fine_as_borne(part, scales)
          scales.reduce(nil) do |kept, scale|
            image = rendered(part, scale)
            break kept if kept && blank?(image)
            [image, scale]
          rescue Vips::Error
            kept ? (break kept) : raise
          end
        end

        def blank?(image) = image.has_alpha? && image[image.bands - 1].max.zero?

        def rendered(part, scale)
          wide, high = [part.width, part.height].map { |side| (side * scale).ceil.clamp(1, 30_000) }
          view = [part.x, part.y, wide / scale, high / scale].join(" ")
          around = %(<svg xmlns="http://www.w3.org/2000/svg" width="#{wide}" height="#{high}" viewBox="#{view}">)
          around += "#{inside}</svg>"
          Graphics::Pixels.held(Vips::Image.svgload_buffer(around, unlimited: true))
        end

        # as browsers have it for a drawing that says no size (CSS 2.2, 10.3.2)
        def usual_room = Geometry::Box.new(x: 0, y: 0, width: 300, height: 150)

        # the drawing's own first tag, its size said in px
        def inside
          @inside ||= begin
            scan = StringScanner.new(@text)
            scan.skip_until(/(?=<(?:[\w.-]+:)?svg[\s>\/])/) or Guard.refuse(
              "This SVG holds no drawing.",
              "Check that it is the right file."
            )
            opening = scan.scan(/<[\w.:-]+/)
            attributes = first_tag(scan)
            beyond = ' overflow="visible"' if @beyond
            sides = %(x="0" y="0" width="#{@room.width}" height="#{@room.height}"#{beyond})
            "#{opening} #{sides}#{attributes}#{scan.rest}"
          end
        end

        OURS = /\A(?:width|height|x|y|overflow)\s*=/

        # attributes as they stand, but for the size; the scanner ends within the tag
        def first_tag(scan)
          kept = +""
          until scan.check(%r{\s*/?>}) || scan.eos?
            attribute = scan.scan(/\s*[^\s=>\/]+\s*=\s*(?:"[^"]*"|'[^']*')/) || scan.getch
            kept << attribute unless attribute.lstrip.match?(OURS)
          end
          kept
        end
      end
    end
  end
end
