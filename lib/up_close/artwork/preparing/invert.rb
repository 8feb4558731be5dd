# frozen_string_literal: true

module UpClose
  module Artwork
    module Preparing
      # Dark for light.
      module Invert
        KEY = "invert"
        LISTED = 80
        TITLE = "Invert"
        WORDS = "Dark becomes light and light becomes dark, inside the box of the ink."
        PARAMETERS = [].freeze

        module_function

        # @param figures [Hash{Symbol => Numeric}] by PARAMETERS  @param bench [Bench] scale and size
        # @return [Drawing, Picture]
        def call(picture, _figures, _bench)
          Picture.made(picture.image.crop(*picture.ink.box.to_a.map(&:to_i)).invert)
        end
      end
    end
  end
end
