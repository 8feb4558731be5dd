# frozen_string_literal: true

module UpClose
  module Artwork
    module Preparing
      # Whatever is as good as the border's colour, and can be walked to from the
      # border, becomes white: nothing is printed there.
      module ClearGround
        KEY = "clear-ground"
        TITLE = "Clear the ground"
        WORDS = "What is near the border's colour, from the border inwards, becomes bare."
        PARAMETERS = [Figure.new(:tolerance, "tolerance", 12.0, 0.0..60.0, " %")].freeze

        module_function

        def call(picture, figures, _bench)
          image = picture.image
          ground = Whites.new(picture).border_colour or return picture
          near = nearness(image, ground) <= figures[:tolerance] * 2.55
          framed = Pixels.held(near.embed(1, 1, near.width + 2, near.height + 2, extend: :white))
          labels = framed.labelregions
          outer = (labels == labels.getpoint(0, 0).first).crop(1, 1, image.width, image.height)
          Picture.made(outer.ifthenelse(255, image))
        end

        # the widest difference of any channel
        def nearness(image, ground)
          difference = (image - ((image.bands > 2) ? ground.to_a : ground.to_a.first)).abs
          (difference.bands > 1) ? Vips::Image.bandrank(difference.bandsplit, index: difference.bands - 1) : difference
        end
      end
    end
  end
end
