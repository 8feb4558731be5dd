# frozen_string_literal: true

require "vips"

module UpClose
  module Artwork
    # A photo with its tilt taken out: each place of the plane asks the photo for its colour.
    module StraightenedPhoto
      MOST_PX = 2400

      module_function

      # @param image [Vips::Image]  @param scale [Measure::PhotoScale::Straightened]
      # @param box [Geometry::Box] the part of the plane wanted, mm
      # @return [Vips::Image]
      def call(image, scale, box, most_px: MOST_PX)
        per_mm = most_px / [box.width, box.height].max
        back = scale.method(:photo)
        corners = [[0, 0], [1, 0], [1, 1], [0, 1]].map do |x, y|
          Geometry::Point[x * box.width * per_mm, y * box.height * per_mm]
        end
        map = Geometry::Homography.between(corners, box.corners.map { |p| back.call(p) })
        a, b, c, d, e, f, g, h, i = map.values
        xy = Vips::Image.xyz((box.width * per_mm).round, (box.height * per_mm).round)
        w = xy[0] * g + xy[1] * h + i
        from = ((xy[0] * a + xy[1] * b + c) / w).bandjoin((xy[0] * d + xy[1] * e + f) / w)
        Graphics::Pixels.held(
          image.mapim(
            from,
            interpolate: Vips::Interpolate.new(:bicubic),
            extend: :background,
            background: [255] * image.bands
          )
            .cast(:uchar)
            .copy(interpretation: (image.bands < 3) ? :"b-w" : :srgb)
        )
      end
    end
  end
end
