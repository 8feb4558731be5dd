# frozen_string_literal: true

module UpClose
  module Artwork
    module Preparing
      # White letters on a piece of another colour, printers having no white: a field in the piece's colour is printed
      # on white film round them, and they stay open. Seen on film the field is darker than it is printed, so it is
      # printed lighter by as much: as seen = as printed × (w + (1 − w) S), ColoursOnPiece.
      module Field
        KEY = "field"
        LISTED = 105
        TITLE = "Field with open letters"
        WORDS = "A field in the piece's colour is printed round it. What was ink stays open: white film shows there."
        PARAMETERS = [
          Figure.new(:margin_mm, "margin", 3.0, 0.5..50.0, " mm"),
          Figure.new(:round_mm, "round corners", 2.0, 0.0..50.0, " mm"),
          Tint.new(:colour, "colour; empty is the piece's")
        ].freeze
        SIZED = ON_LINES = FOLLOWS_COLOUR = FINE = true

        module_function

        # @param figures [Hash{Symbol => Object}] by PARAMETERS  @param bench [Bench] scale, box and the piece's colour
        # @return [Drawing, Picture]
        def call(artwork, figures, bench)
          seen = figures[:colour].empty? ? bench.colour || Colour::BLACK : Colour.hex(figures[:colour])
          box = bench.box.grown(figures[:margin_mm] * bench.per_mm)
          corner = [figures[:round_mm] * bench.per_mm, box.width / 2, box.height / 2].min
          around = Graphics::Painted.new(
            path: Geometry::Shapes.rounded_rectangle(box, corner, corner), fill: printed(seen, bench.colour || seen)
          )
          artwork.vector? ? lines(artwork, around) : pixels(artwork, around, box)
        end

        # @param seen [Colour] as the field is to look on white film  @param surface [Colour] beneath the film
        # @return [Colour] as it is printed; as dark as film can look, where it cannot be met
        def printed(seen, surface)
          shares = seen.reflectance.zip(ColoursOnPiece.ground(surface, :white)).map { |want, ground| want / ground }
          Colour.reflecting(shares.map { |share| share.clamp(0.0, 1.0) })
        end

        # @param around [Graphics::Painted]  @return [Drawing] all that is laid left open in it
        def lines(drawing, around)
          open = InkTone.as_black(drawing).with_shapes do |shape|
            shape.with(fill: swapped(shape.fill, around.fill), stroke: swapped(shape.stroke, around.fill))
          end
          Drawing.new([around, *open.shapes], mm_per_unit: drawing.mm_per_unit, notes: drawing.notes)
        end

        # @param colour [Colour, nil] black for ink, white for what hides it
        def swapped(colour, field)
          return colour unless colour
          colour.white? ? field : Colour::WHITE
        end

        # @param box [Geometry::Box] of the field, pixels  @return [Picture]
        def pixels(picture, around, box)
          left, top = box.x.floor, box.y.floor
          frame = Geometry::Box.new(x: left, y: top, width: box.right.ceil - left, height: box.bottom.ceil - top)
          field = Formats::SVG::Raster.call(Drawing.new([around]), frame: frame, scale: 1.0)
          ink = InkTone.tone(picture.image).embed(-left, -top, field.width, field.height, extend: :black)
          open = Graphics::Pixels.held(ink.cast(:float) / 255)
          Picture.made(Graphics::Pixels.held(field * (open * -1 + 1) + open * 255), notes: picture.notes)
        end
      end
    end
  end
end
