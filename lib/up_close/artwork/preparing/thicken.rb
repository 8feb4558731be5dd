# frozen_string_literal: true

module UpClose
  module Artwork
    module Preparing
      # Every edge of the ink moved outwards, or inwards when negative, by an
      # exact length: lines grow by twice as much. Drawings by a stroke along
      # their edges, pictures by a disc.
      module Thicken
        KEY = "thicken"
        LISTED = 90
        TITLE = "Thicken or thin"
        WORDS = "Moves every edge outward by this much; a negative figure moves it inward. Lines grow by twice that."
        PARAMETERS = [Figure.new(:by_mm, "each edge by", 0.05, -2.0..2.0, " mm")].freeze
        SIZED = FINE = ON_LINES = true
        MANY_PIXELS = 6_000_000

        module_function

        # @param figures [Hash{Symbol => Numeric}] by PARAMETERS  @param bench [Bench] scale and size
        # @return [Drawing, Picture]
        def call(artwork, figures, bench)
          by = figures[:by_mm] * bench.per_mm
          return artwork if by.zero?
          artwork.vector? ? lines(artwork, by) : pixels(artwork, by)
        end

        # what is filled gets a stroke of its own colour; to thin, of white; what is stroked, a wider one
        def lines(drawing, by)
          shapes = drawing.shapes.flat_map { |shape| [*filled(shape, by), *stroked(shape, by)] }
          Drawing.new(shapes, mm_per_unit: drawing.mm_per_unit, notes: drawing.notes)
        end

        # @param by [Float] the artwork's units, negative: thinner  @return [Array<Graphics::Painted>]
        def filled(shape, by)
          return [] unless shape.fill
          edge = (by > 0) ? shape.fill : Colour::WHITE
          edge = Colour::BLACK if by < 0 && shape.fill.white?
          [Graphics::Painted.new(
            path: shape.path,
            fill: shape.fill,
            fill_alpha: shape.fill_alpha,
            even_odd: shape.even_odd,
            stroke: edge,
            stroke_alpha: shape.fill_alpha,
            stroke_width: 2 * by.abs,
            join: (by > 0) ? :round : :miter
          )]
        end

        # @param by [Float] the artwork's units  @return [Array<Graphics::Painted>]
        def stroked(shape, by)
          width = shape.stroke ? shape.stroke_width + 2 * by : 0
          return [] unless width > 0
          [Graphics::Painted.new(
            path: shape.path,
            stroke: shape.stroke,
            stroke_alpha: shape.stroke_alpha,
            stroke_width: width,
            cap: shape.cap,
            join: shape.join,
            miter: shape.miter
          )]
        end

        # the darkest, or the lightest, within the disc
        def pixels(picture, by)
          reach = by.abs.ceil
          room = picture.image
            .embed(reach, reach, picture.image.width + 2 * reach, picture.image.height + 2 * reach, extend: :white)
          Picture.made(room.bandsplit.map { |band| moved(band, by) }.then { |bands|
            (bands.size > 1) ? bands.first.bandjoin(bands.drop(1)) : bands.first
          })
        end

        # Levels are moved as outlines: some greys, each as a mask, put together again.
        def moved(band, by)
          count = (band.width * band.height > MANY_PIXELS) ? 4 : 16
          levels = Array.new(count) { |i| (i + 0.5) * 256 / count }
          masks = levels.map do |level|
            (by > 0) ? (band < level).morph(disc(by), :dilate).invert : (band < level).morph(disc(by), :erode).invert
          end
          masks.map { |mask| mask / count.to_f }.reduce(:+).cast(:uchar)
        end

        # @param by [Float] pixels  @return [Vips::Image] a disc, for rank filters
        def disc(by)
          radius = by.abs
          reach = radius.ceil
          Vips::Image.new_from_array(
            (-reach..reach).map { |y| (-reach..reach).map { |x| (Math.hypot(x, y) <= radius + 0.25) ? 255 : 128 } }
          )
        end
      end
    end
  end
end
