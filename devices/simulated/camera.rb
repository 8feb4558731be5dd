# frozen_string_literal: true

require "vips"

module Devices
  module Simulated
    # A hand-held camera over the bench: it sees a piece a little aslant, under a lamp that stands to one side, not
    # quite sharp. What it is shown is a picture from above, as something has left it.
    class Camera
      include Device

      # pixels of its sensor
      SENSOR = [4000, 3000].freeze
      # where the corners of what it looks at come to lie, as shares of its picture
      ASLANT = [[0.07, 0.11], [0.94, 0.07], [0.91, 0.93], [0.1, 0.9]].freeze
      BLUR = 0.9
      GRAIN = 3.5
      # how much darker the side away from the lamp is
      SHADE = 0.3

      # @param sensor [Array(Integer, Integer)]  @param aslant [Array<Array(Float, Float)>]
      def initialize(sensor: SENSOR, aslant: ASLANT)
        @sensor, @aslant = sensor, aslant
      end

      def name = "The camera"

      # @param flat [Vips::Image] from above, three bands  @param ground [Array<Numeric>] what lies round it
      # @return [String] JPEG
      def photograph(flat, ground:, seed: 1, shade: SHADE)
        seen = flat.mapim(
          from_above(flat), interpolate: Vips::Interpolate.new(:bilinear), extend: :background, background: ground
        )
        lit = (seen.gaussblur(BLUR) * light(shade)).cast(:uchar)
        bands = lit.bandsplit.each_with_index.map { |band, i| Noise.on(band, GRAIN, seed + i) }
        bands.first.bandjoin(bands.drop(1)).copy(interpretation: :srgb).jpegsave_buffer(Q: 90)
      end

      private

      # what a method left of a coupon, photographed; drawn in a worker
      # @param coupon [UpClose::Coupons::Coupon]  @param leaves [LeftBehind]
      def carry_out(coupon:, leaves:, seed: 1)
        refuse("There is nothing under the camera.", "Lay a coupon under it.") unless coupon.respond_to?(:printed)
        Workers.drawing("photographing")
        flat = leaves.of_coupon(coupon, seed: seed)
        photograph(flat, ground: leaves.ground, seed: seed)
      end

      # for each pixel of the photo, the place of the flat picture that is seen there
      def from_above(flat)
        wide, high = @sensor
        corners = @aslant.map { |x, y| UpClose::Geometry::Point[x * wide, y * high] }
        flat_corners = [[0, 0], [flat.width, 0], [flat.width, flat.height], [0, flat.height]]
          .map { |x, y| UpClose::Geometry::Point[x, y] }
        a, b, c, d, e, f, g, h, i = UpClose::Geometry::Homography.between(corners, flat_corners).values
        xy = Vips::Image.xyz(wide, high)
        w = xy[0] * g + xy[1] * h + i
        ((xy[0] * a + xy[1] * b + c) / w).bandjoin((xy[0] * d + xy[1] * e + f) / w)
      end

      # bright beside the lamp, at the upper left
      def light(shade)
        wide, high = @sensor
        xy = Vips::Image.xyz(wide, high)
        (xy[0] * (-shade / wide) + xy[1] * (-shade / 2 / high)) + (1 + shade / 4)
      end
    end
  end
end
