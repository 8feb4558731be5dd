# frozen_string_literal: true

module UpClose
  module Artwork
    module Preparing
      # Tones moved apart from the middle of the picture's own, or nearer to it.
      module Contrast
        KEY = "contrast"
        LISTED = 34
        TITLE = "Contrast"
        WORDS = "More or less contrast round the middle tone."
        PARAMETERS = [Figure.new(:more, "more", 25.0, -100.0..99.0, "")].freeze

        module_function

        # @param figures [Hash{Symbol => Numeric}] by PARAMETERS  @param _bench [Bench]
        # @return [Picture]
        def call(picture, figures, _bench)
          middle = ToneCurve.quantiles(picture.grey, 0.5).first
          slope = Math.tan((figures[:more] / 100 + 1) * Math::PI / 4)
          ToneCurve.apply(picture) { |tone| middle + (tone - middle) * slope }
        end
      end
    end
  end
end
