# frozen_string_literal: true

module UpClose
  module Artwork
    module Preparing
      # A photo as if drawn in pencil: its grey divided by its own blurred grey,
      # so that even tones go bare and edges stay (the blurred-inverse dodge).
      module Pencil
        KEY = "pencil"
        LISTED = 40
        TITLE = "Photo to pencil"
        WORDS = "Even tones go bare, edges stay as soft pencil strokes."
        PARAMETERS = [Figure.new(:softness_mm, "softness", 0.6, 0.05..10.0, " mm")].freeze
        SIZED = true

        module_function

        # @param figures [Hash{Symbol => Numeric}] by PARAMETERS  @param bench [Bench] scale and size
        # @return [Drawing, Picture]
        def call(picture, figures, bench)
          grey = picture.grey
          blurred = grey.gaussblur([figures[:softness_mm] * bench.per_mm, 0.6].max)
          Picture.made((grey * 255.0 / (blurred + 1)).cast(:uchar))
        end
      end
    end
  end
end
