# frozen_string_literal: true

module UpClose
  module Artwork
    module Preparing
      # Every edge of the ink moved outwards, or inwards when negative, by an
      # exact length: lines grow by twice as much. Drawings by a stroke along
      # their edges, pictures by a disc. Continuous tone has no edges to move,
      # and stays as it is.
      module Thicken
        KEY = "thicken"
        LISTED = 90
        TITLE = "Thicken or thin"
        WORDS = "Moves every edge outward by this much; a negative figure moves it inward. Lines grow by twice that."
        PARAMETERS = [Figure.new(:by_mm, "each edge by", 0.05, -2.0..2.0, " mm")].freeze
        SIZED = FINE = ON_LINES = true
        MANY_PIXELS = 6_000_000
        NO_LINES = "A photograph has no lines to thicken: it stays as it is."

        module_function

        # @param figures [Hash{Symbol => Numeric}] by PARAMETERS  @param bench [Bench] scale and size
        # @return [Drawing, Picture]
        def call(artwork, figures, bench)
          by = figures[:by_mm] * bench.per_mm
          return artwork if by.zero?
          artwork.vector? ? lines(artwork, by) : pixels(artwork, by, bench)
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
        def pixels(picture, by, bench)
          return Picture.made(picture.image, notes: [*picture.notes, NO_LINES]) if bench.kind&.photograph?
          reach = by.abs.ceil
          toned = bench.toned(picture)&.then { |mask| roomy(mask, reach, :black) }
          bands = roomy(picture.image, reach, :white).bandsplit.map { |band| moved(band, by, toned) }
          Picture.made(
            (bands.size > 1) ? bands.first.bandjoin(bands.drop(1)) : bands.first, notes: picture.notes
          )
        end

        def roomy(image, reach, ground)
          image.embed(reach, reach, image.width + 2 * reach, image.height + 2 * reach, extend: ground)
        end

        # Levels are moved as outlines: some greys, each as a mask, put together again. What did not change keeps its
        # own tone, and what did gets that of the ink, or the ground, beside it.
        # @param toned [Vips::Image, nil] a mask of what stays, and moves nothing beside it
        def moved(band, by, toned)
          plain = (by > 0) ? WHITE : 0
          drawn = toned ? Graphics::Pixels.held(toned.ifthenelse(plain, band)) : band
          step = 256.0 / ((band.width * band.height > MANY_PIXELS) ? 4 : 16)
          before, after = in_steps(drawn, step) { |mask| mask }, in_steps(drawn, step) { |mask| spread(mask, by) }
          side = 2 * by.abs.ceil + 1
          beside = (by > 0) ? Graphics::Pixels.worn(drawn, side) : Graphics::Pixels.grown(drawn, side)
          new = ((beside - after).abs <= step).ifthenelse(beside, after)
          all = (before == after).ifthenelse(drawn, new)
          Graphics::Pixels.held((toned ? toned.ifthenelse(band, all) : all).cast(:uchar))
        end

        WHITE = 255

        # @yield [Vips::Image] a mask of what is darker than each level
        # @return [Vips::Image] in as many greys
        def in_steps(band, step)
          levels = Array.new((256 / step).round) { |i| (i + 0.5) * step }
          above = levels.reduce(0) do |count, level|
            counted = Graphics::Pixels.held((yield(band < level).invert & 1) + count).cast(:uchar)
            Graphics::Pixels.done_with(band)
            counted
          end
          Graphics::Pixels.held((above * (255.0 / levels.size)).cast(:uchar))
        end

        # By a disc; by a wide one as by the rectangles that make it up, each along its rows and then its columns, which
        # is the same to the pixel: the library is slow with large masks.
        def spread(mask, by)
          verb = (by > 0) ? :dilate : :erode
          return mask.morph(disc(by), verb) if by.abs < NARROW_PX
          rectangles(by.abs).reduce(nil) do |all, (wide, high)|
            Graphics::Pixels.done_with(mask)
            one = Graphics::Pixels.held(mask.morph(bar(wide), verb)).morph(bar(high).rot90, verb)
            Graphics::Pixels.held(all ? joined(all, one, by) : one)
          end
        end

        def joined(one, other, by) = (by > 0) ? one | other : one & other

        # a disc with more places takes long
        NARROW_PX = 3.4

        # @return [Array<Array(Integer, Integer)>] how far each reaches to the sides, and up and down, pixels
        def rectangles(radius)
          rows = (0..radius.ceil).filter_map do |high|
            wide = Math.sqrt([(radius + SLACK_PX)**2 - high**2, 0].max).floor
            [wide, high] if high <= radius + SLACK_PX
          end
          rows.group_by(&:first).map { |_, alike| alike.last }
        end

        # a place belongs to a disc when its middle lies no further beyond its edge
        SLACK_PX = 0.25

        def bar(reach) = Vips::Image.new_from_array([[255] * (2 * reach + 1)])

        # @param by [Float] pixels  @return [Vips::Image] a disc, for rank filters
        def disc(by)
          radius = by.abs
          reach = radius.ceil
          Vips::Image.new_from_array(
            (-reach..reach).map { |y| (-reach..reach).map { |x| (Math.hypot(x, y) <= radius + SLACK_PX) ? 255 : 128 } }
          )
        end
      end
    end
  end
end
