# frozen_string_literal: true

module UpClose
  module Artwork
    module Preparing
      # A thin line round the outside of all ink; inside it nothing is printed.
      module Outline
        KEY = "outline"
        LISTED = 100
        TITLE = "Outline only"
        WORDS = "A thin line round it, to cut or to follow. Nothing is printed inside."
        PARAMETERS = [Figure.new(:line_mm, "line", 0.3, 0.05..5.0, " mm")].freeze
        SIZED = FINE = ON_LINES = true

        module_function

        # @param figures [Hash{Symbol => Numeric}] by PARAMETERS  @param bench [Bench] scale and size
        # @return [Drawing, Picture]
        def call(artwork, figures, bench)
          line = figures[:line_mm] * bench.per_mm
          artwork.vector? ? lines(artwork, line) : pixels(artwork, line)
        end

        # everything stroked in black, then covered in white as it was: what is left lies outside
        def lines(drawing, line)
          under = drawing.shapes.map do |shape|
            shape.with(
              fill: shape.fill && Colour::BLACK,
              stroke: Colour::BLACK,
              stroke_width: width(shape) + 2 * line,
              join: :round,
              cap: (shape.cap == :butt) ? :square : shape.cap,
              fill_alpha: 1.0,
              stroke_alpha: 1.0
            )
          end
          over = drawing.shapes.map do |shape|
            shape.with(
              fill: shape.fill && Colour::WHITE,
              stroke: shape.stroke && Colour::WHITE,
              fill_alpha: 1.0,
              stroke_alpha: 1.0
            )
          end
          Drawing.new(under + over, mm_per_unit: drawing.mm_per_unit, notes: drawing.notes)
        end

        # @param shape [Graphics::Painted]  @return [Numeric] of its stroke, the artwork's units
        def width(shape) = shape.stroke ? shape.stroke_width : 0

        # @param line [Float] pixels  @return [Picture] a line all round its ink
        def pixels(picture, line)
          reach = line.ceil
          image = picture.image
          room = image.embed(reach, reach, image.width + 2 * reach, image.height + 2 * reach, extend: :white)
          inked = Graphics::Pixels.held(InkTone.tone(room) > 255 * InkTone::LIGHTEST)
          grown = inked.morph(Thicken.disc(line), :dilate)
          Picture.made((grown & inked.invert).invert, notes: picture.notes)
        end
      end
    end
  end
end
