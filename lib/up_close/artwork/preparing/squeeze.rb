# frozen_string_literal: true

module UpClose
  module Artwork
    module Preparing
      # A little narrower or wider, its height kept: so that whole units fill a run.
      module Squeeze
        KEY = "squeeze"
        LISTED = 105
        TITLE = "Squeeze"
        WORDS = "A little narrower or wider at the same height, so that whole units fill a length."
        PARAMETERS = [Figure.new(:across, "across", 100.0, 50.0..200.0, " %")].freeze
        ON_LINES = true
        # what it leaves lies elsewhere than it came
        MOVES = true

        module_function

        # @param figures [Hash{Symbol => Numeric}] by PARAMETERS  @param bench [Bench] scale and size
        # @return [Drawing, Picture]
        def call(artwork, figures, bench)
          share = figures[:across] / 100
          unless artwork.vector?
            return Picture.made(artwork.image.resize(share, vscale: 1.0, kernel: :lanczos3), notes: artwork.notes)
          end
          middle = bench.middle.x
          map = Geometry::Transform.new(share, 0, 0, 1, middle * (1 - share), 0)
          # a stroke is as wide along as across: it keeps its width
          artwork.with_shapes { |shape| shape.with(path: shape.path.transform(map)) }
        end
      end
    end
  end
end
