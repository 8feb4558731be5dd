# frozen_string_literal: true

module UpClose
  module Artwork
    module Preparing
      # Edges made to stand out by what a blur takes away from them: what ink spreads, this gives back beforehand.
      module Sharpen
        KEY = "sharpen"
        LISTED = 36
        TITLE = "Sharpen"
        WORDS = "Makes edges clearer, over this width. It helps small print and soft photos most."
        PARAMETERS = [
          Figure.new(:over_mm, "over", 0.2, 0.02..5.0, " mm"), Figure.new(:by, "by", 80.0, 0.0..400.0, " %")
        ].freeze
        SIZED = true

        module_function

        # @param figures [Hash{Symbol => Numeric}] by PARAMETERS  @param bench [Bench] scale and size
        # @return [Picture]
        def call(picture, figures, bench)
          image = picture.image
          blurred = image.gaussblur([figures[:over_mm] * bench.per_mm, 0.5].max, precision: :float)
          # the cast keeps it within 0 and 255
          sharp = image + (image - blurred) * (figures[:by] / 100)
          Picture.made(sharp.rint.cast(:uchar), notes: picture.notes)
        end
      end
    end
  end
end
