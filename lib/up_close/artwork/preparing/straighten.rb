# frozen_string_literal: true

module UpClose
  module Artwork
    module Preparing
      # Turns a crooked picture or drawing upright.
      module Straighten
        KEY = "straighten"
        LISTED = 20
        TITLE = "Straighten"
        WORDS = "Turns it clockwise by this angle; a negative angle turns it anticlockwise."
        PARAMETERS = [Figure.new(:turn, "turn", 0.0, -45.0..45.0, "°")].freeze
        ON_LINES = true

        # what it leaves lies elsewhere than it came
        MOVES = true

        module_function

        # @param figures [Hash{Symbol => Numeric}] by PARAMETERS  @param bench [Bench] scale and size
        # @return [Drawing, Picture]
        def call(artwork, figures, _bench)
          return artwork if figures[:turn].zero?
          return turned(artwork, figures[:turn]) if artwork.vector?
          Picture.made(artwork.image.rotate(figures[:turn], background: [255] * artwork.image.bands))
        end

        # @param degrees [Numeric] clockwise  @return [Drawing]
        def turned(drawing, degrees)
          drawing.with_shapes { |shape| shape.transform(Geometry::Transform.turn(degrees)) }
        end
      end
    end
  end
end
