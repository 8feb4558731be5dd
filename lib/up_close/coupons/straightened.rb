# frozen_string_literal: true

require "vips"

module UpClose
  module Coupons
    # A photo or scan of a coupon, found by its corners and laid flat: its grey levels by place in mm. Frozen.
    class Straightened
      # pixels a millimetre it is laid flat at
      PER_MM = 20.0
      # corners are looked for in a picture of about this many pixels across
      LOOKED_AT = 1400
      # round what is read
      MARGIN = 1.0
      FAULT = "Take the photo from above, in even light, with all four corners in it. Or tap the corners."

      # @param bytes [String] a picture file  @param coupon [Coupon]
      # @param corners [Array<Array(Float, Float)>, nil] pixels, where they were tapped
      # @raise [Errors::BadShape]
      def self.read(bytes, coupon, corners: nil)
        image = Formats::PictureFile.new(bytes).image
        new(image, coupon, corners: corners)
      end

      attr_reader :corners

      # @param image [Vips::Image]
      def initialize(image, coupon, corners: nil)
        @coupon = coupon
        grey = grey(image)
        @corners = corners ? corners.map { |x, y| Geometry::Point[x, y] } : CornersFound.new(grey, coupon).call
        flat = lay_flat(grey)
        @width, @height, @bytes = flat.width, flat.height, flat.write_to_memory
        freeze
      end

      # @param point [Geometry::Point] mm on the coupon  @return [Float] 0 dark to 255 light, between pixels
      def at(point) = level(point.x, point.y)

      # the same, by plain figures: asked a hundred thousand times
      def level(x_mm, y_mm)
        x, y = (x_mm + MARGIN) * PER_MM - 0.5, (y_mm + MARGIN) * PER_MM - 0.5
        left, top = x.floor.clamp(0, @width - 2), y.floor.clamp(0, @height - 2)
        u, v = (x - left).clamp(0.0, 1.0), (y - top).clamp(0.0, 1.0)
        i = top * @width + left
        upper = @bytes.getbyte(i) * (1 - u) + @bytes.getbyte(i + 1) * u
        lower = @bytes.getbyte(i + @width) * (1 - u) + @bytes.getbyte(i + @width + 1) * u
        upper * (1 - v) + lower * v
      end

      # @param box [Geometry::Box]  @param step [Float] mm
      # @return [Array<Float>] levels all over it
      def levels(box, step = 0.25)
        across, down = [box.width, box.height].map { |side| [(side / step).floor, 1].max }
        Array.new(down) { |j|
          Array.new(across) { |i|
            level(box.x + (i + 0.5) * box.width / across, box.y + (j + 0.5) * box.height / down)
          }
        }.flatten
      end

      private

      # light ink on a dark ground is turned round
      def grey(image)
        image = image.flatten(background: 255) if image.has_alpha?
        image = image.autorot.colourspace(:"b-w")[0].cast(:uchar)
        Graphics::Pixels.held(image)
      end

      def lay_flat(grey)
        frame = Geometry::Box.new(
          x: -MARGIN, y: -MARGIN, width: @coupon.width_mm + 2 * MARGIN, height: @coupon.height_mm + 2 * MARGIN
        )
        map = Geometry::Homography.between(@coupon.corners, @corners)
        a, b, c, d, e, f, g, h, i = map.values
        xy = Vips::Image.xyz((frame.width * PER_MM).round, (frame.height * PER_MM).round)
        x, y = [[xy[0], frame.x], [xy[1], frame.y]].map { |axis, from| (axis + 0.5) * (1 / PER_MM) + from }
        w = x * g + y * h + i
        from = ((x * a + y * b + c) / w).bandjoin((x * d + y * e + f) / w) - 0.5
        Graphics::Pixels.held(
          grey.mapim(from, interpolate: Vips::Interpolate.new(:bilinear), extend: :copy).cast(:uchar)
        )
      rescue ExceptionForMatrix::ErrNotRegular
        raise Errors::BadShape.new("These corners lie in line.", remedy: FAULT, field: :photo)
      end
    end
  end
end
