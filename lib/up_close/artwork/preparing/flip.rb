# frozen_string_literal: true

module UpClose
  module Artwork
    module Preparing
      # Flips left and right, about the ink's own middle: for the other flank. What a method mirrors is not its affair.
      module Flip
        KEY = "flip"
        LISTED = 25
        TITLE = "Flip left and right"
        WORDS = "Mirrors the artwork, for the other side of a body. The mirroring for a method is done by itself."
        PARAMETERS = [].freeze
        ON_LINES = true
        # what it leaves lies elsewhere than it came
        MOVES = true

        module_function

        # @param _figures [Hash]  @param bench [Bench] scale and size
        # @return [Drawing, Picture]
        def call(artwork, _figures, bench)
          return pixels(artwork) unless artwork.vector?
          map = Geometry::Transform.new(-1, 0, 0, 1, 2 * bench.middle.x, 0)
          artwork.with_shapes { |shape| shape.transform(map) }
        end

        # the whole picture: its box lies as far from the other side
        def pixels(picture)
          box, wide = picture.ink.box, picture.image.width
          Picture.made(picture.image.fliphor, notes: picture.notes)
            .with_ink(mirrored(picture.ink, wide, Geometry::Box.new(
              x: wide - box.right, y: box.y, width: box.width, height: box.height
            )))
        end

        # @param wide [Float] of what holds it  @param box [Geometry::Box] its own, mirrored
        def mirrored(ink, wide, box)
          over = ink.hull.map { |p| Geometry::Point[wide - p.x, p.y] }
          Ink.new(
            box: box, hull: Geometry::Algorithms::ConvexHull.call(over),
            centroid: Geometry::Point[wide - ink.centroid.x, ink.centroid.y],
            rows: ink.rows.map { |x, y, w, h| [wide - x - w, y, w, h] }
          )
        end
      end
    end
  end
end
