# frozen_string_literal: true

module UpClose
  module Artwork
    module Preparing
      # Takes strips off the edges.
      module Crop
        KEY = "crop"
        LISTED = 10
        TITLE = "Crop"
        WORDS = "Cuts this much off each edge of the picture."
        PARAMETERS = [%i[left left], %i[top top], %i[right right], %i[bottom bottom]]
          .map { |key, words| Figure.new(key, words.to_s, 0.0, 0.0..95.0, " %") }
          .freeze

        # what it leaves lies elsewhere than it came
        MOVES = true

        module_function

        # @param figures [Hash{Symbol => Numeric}] by PARAMETERS  @param bench [Bench] scale and size
        # @return [Drawing, Picture]
        def call(picture, figures, _bench)
          image = picture.image
          left, right = [figures[:left], figures[:right]].map { |v| (image.width * v / 100).round }
          top, bottom = [figures[:top], figures[:bottom]].map { |v| (image.height * v / 100).round }
          width, height = image.width - left - right, image.height - top - bottom
          if width < 1 || height < 1
            raise Errors::BadArtwork.new("This crop leaves nothing.", remedy: "Take less off.", field: :recipe)
          end
          Picture.made(image.crop(left, top, width, height))
        end
      end
    end
  end
end
