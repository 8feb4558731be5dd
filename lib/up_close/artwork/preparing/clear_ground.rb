# frozen_string_literal: true

module UpClose
  module Artwork
    module Preparing
      # Whatever is as good as the border's colour, and can be walked to from the
      # border, becomes white: nothing is printed there.
      module ClearGround
        KEY = "clear-ground"
        LISTED = 30
        TITLE = "Clear the ground"
        WORDS = "Everything near the border's colour is removed, with shadows and paper texture, from the " \
          "border inwards."
        PARAMETERS = [
          Figure.new(:tolerance, "tolerance", 12.0, 0.0..60.0, " %"),
          Tick.new(:enclosed, "also inside rings and letters")
        ].freeze
        UNCOVERS = true

        module_function

        # @param figures [Hash{Symbol => Numeric}] by PARAMETERS  @param bench [Bench] scale and size
        # @return [Drawing, Picture]
        def call(picture, figures, _bench)
          border = Border.new(*layers(picture))
          return unchanged(picture) unless border.colour
          image = picture.image
          near = nearness(image, border) <= figures[:tolerance] * 2.55
          cleared = Graphics::Pixels.held(figures[:enclosed].zero? ? outer(near) : near)
          left = near & cleared.invert
          Picture.made(cleared.ifthenelse(255, image), notes: picture.notes + [note(cleared, left)])
        end

        # as it came, where clear and white still differ
        def layers(picture)
          image = picture.layered
          return [image, nil] unless image.has_alpha?
          [
            Graphics::Pixels.held(image.flatten(background: [255] * (image.bands - 1)).cast(:uchar)),
            Graphics::Pixels.held(image[image.bands - 1])
          ]
        end

        # @param picture [Picture]  @return [Picture] the same, with a note that says why
        def unchanged(picture)
          Picture.made(
            picture.image,
            notes: picture.notes + [
              "The border has several colours, so nothing was cleared. Crop it first, or use “Black or bare”."
            ]
          )
        end

        # the widest difference of any channel from the ground, single places evened out
        def nearness(image, border)
          difference = (image - border.across(image.width, image.height)).abs
          widest = (difference.bands > 1) ? Vips::Image.bandrank(
            difference.bandsplit,
            index: difference.bands - 1
          ) : difference
          Graphics::Pixels.held(widest.cast(:uchar)).median(3)
        end

        # what can be walked to from the border
        def outer(near)
          framed = Graphics::Pixels.held(near.embed(1, 1, near.width + 2, near.height + 2, extend: :white))
          flooded = framed.draw_flood([WALKED], 0, 0, equal: true)
          (flooded == WALKED).crop(1, 1, near.width, near.height)
        end

        # neither of a mask's two levels
        WALKED = 128

        # @param cleared [Vips::Image] mask  @param left [Vips::Image] mask  @return [String]
        def note(cleared, left)
          share = ->(mask) { Working.number(mask.avg / 2.55, 1) }
          rest = Graphics::Pixels.held(
            left
          ).avg.zero? ? "Nothing of that colour is left." : "#{share[left]} % like it is left " \
            "inside what is drawn."
          "The ground was cleared: #{share[cleared]} % of the picture. #{rest}"
        end
      end
    end
  end
end
