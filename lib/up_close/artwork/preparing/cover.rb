# frozen_string_literal: true

module UpClose
  module Artwork
    module Preparing
      # Moves and turns an artwork behind the outline of its piece, and takes away what lies beyond. What comes out is
      # as large as the outline, whatever of it is inked. Not chosen among other steps: a mark that covers has it last.
      module Cover
        KEY = "cover"
        TITLE = "Cover the piece"
        WORDS = "The picture is cut to the piece's outline."
        PARAMETERS = [
          Figure.new(:edge_mm, "beyond the edge", Covering::Cover::BLEED_MM, Covering::Cover::EDGES, " mm"),
          Figure.new(:x_mm, "right", 0.0, -5000.0..5000.0, " mm"),
          Figure.new(:y_mm, "down", 0.0, -5000.0..5000.0, " mm"),
          Figure.new(:turn_deg, "turn", 0.0, -360.0..360.0, "°"),
          Figure.new(:overlap_mm, "ends lie over", 0.0, 0.0..60.0, " mm")
        ].freeze
        SIZED = ON_LINES = BY_ITSELF = FOLLOWS_PIECE = true
        MOST_PIXELS = 60_000_000

        module_function

        # @param figures [Hash{Symbol => Numeric}] by PARAMETERS  @param bench [Bench] scale, size and piece
        # @return [Drawing, Picture]
        # @raise [Errors::BadShape] when nothing of the piece is left
        def call(artwork, figures, bench)
          region = region(figures, bench.shape)
          outline = region.path.transform(Geometry::Transform.scale(bench.per_mm))
          artwork.vector? ? lines(artwork, figures, bench, outline) : pixels(artwork, figures, bench, outline)
        end

        # @param shape [Surfaces::Shape]  @return [Geometry::Region] mm
        def region(figures, shape)
          over = figures[:overlap_mm]
          Covering::Cover.new(
            edge_mm: figures[:edge_mm], seam: over.positive? ? "overlap" : "butt", overlap_mm: over
          ).region(shape)
        end

        # from the artwork to the piece, both in the artwork's units
        # @param middle [Geometry::Point]  @return [Geometry::Transform]
        def map(figures, bench, middle)
          Geometry::Transform.move(-middle.x, -middle.y).then(Geometry::Transform.turn(figures[:turn_deg]))
            .then(Geometry::Transform.move(figures[:x_mm] * bench.per_mm, figures[:y_mm] * bench.per_mm))
        end

        # shapes as they lie on the piece, clipped when they are drawn
        def lines(drawing, figures, bench, outline)
          there = map(figures, bench, bench.middle)
          Drawing.new(
            drawing.shapes.map { |shape| shape.transform(there) }, mm_per_unit: drawing.mm_per_unit,
            notes: drawing.notes, clip: outline
          ).with_ink(ink(outline, Geometry::Point[0, 0]))
        end

        # @param outline [Geometry::Path] pixels from the piece's middle
        def pixels(picture, figures, bench, outline)
          wide, high = size(outline.box)
          # as many whole pixels as hold it, about its middle
          from = outline.box.centre - Geometry::Point[wide / 2.0, high / 2.0]
          there = map(figures, bench, bench.middle).then(Geometry::Transform.move(-from.x, -from.y))
          moved = picture.image.affine(
            [there.a, there.c, there.b, there.d], odx: there.e, ody: there.f, oarea: [0, 0, wide, high],
            extend: :white, interpolate: Vips::Interpolate.new(:bicubic)
          )
          inside = mask(outline, from, wide, high)
          Picture.made(inside.ifthenelse(moved, 255), notes: picture.notes).with_ink(ink(outline, from, wide, high))
        end

        # @return [Array(Integer, Integer)] pixels
        # @raise [Errors::TooMuch]
        def size(box)
          wide, high = box.width.ceil.clamp(1, nil), box.height.ceil.clamp(1, nil)
          return [wide, high] if wide * high <= MOST_PIXELS
          raise Errors::TooMuch.new(
            "At this size the picture would have #{wide * high / 1_000_000} million pixels.",
            remedy: "Take a smaller part of the picture, or a smaller picture."
          )
        end

        # 255 within the outline, a pixel a unit
        def mask(outline, from, wide, high)
          drawing = Drawing.new([Graphics::Painted.new(path: outline, fill: Colour::BLACK, even_odd: true)])
          frame = Geometry::Box.new(x: from.x, y: from.y, width: wide, height: high)
          Formats::SVG::Raster.call(drawing, frame: frame, scale: 1.0)[0] < 128
        end

        # the outline is its ink, whatever of it is bare
        # @param from [Geometry::Point] where the outcome's own units begin  @return [Ink]
        def ink(outline, from, wide = nil, high = nil)
          there = outline.transform(Geometry::Transform.move(-from.x, -from.y))
          box = wide ? Geometry::Box.new(x: 0, y: 0, width: wide, height: high) : there.box
          hull = Geometry::Algorithms::ConvexHull.call(there.flatten(box.width * 1e-4).flat_map(&:first))
          Ink.new(box: box, hull: hull, centroid: box.centre, rows: [box.to_a])
        end
      end
    end
  end
end
