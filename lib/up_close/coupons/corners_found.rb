# frozen_string_literal: true

require "vips"

module UpClose
  module Coupons
    # Finds the four rings of a coupon in a photo: dark parts that are as wide as high and hold another such part in
    # their middle; of those the four that lie as the coupon's do, turned so that the key lies beside the first.
    class CornersFound
      LOOKED_AT = 1400
      # darker than about itself by so much
      STEP = 14
      # a part's sides are this near to each other, and a ring is so many times its dot
      SQUARE = (0.6..1.67)
      RING_TO_DOT = (2.0..5.5)
      # pixels, in the small picture
      LEAST = 8
      MOST_RINGS = 14

      # One ring, and where it is. Frozen.
      Ring = Value.define(:at, :size)

      # @param grey [Vips::Image]  @param coupon [Coupon]
      def initialize(grey, coupon)
        @grey, @coupon = grey, coupon
        @shrink = [LOOKED_AT / [grey.width, grey.height].max.to_f, 1].min
      end

      # @return [Array<Geometry::Point>] pixels: top left, top right, bottom right, bottom left
      # @raise [Errors::BadShape]
      def call
        corners = best or refuse(rings.size)
        corners.map { |corner| sharpened(corner * (1 / @shrink), size(corners)) }
      end

      private

      def small = @small ||= Graphics::Pixels.held((@shrink < 1) ? @grey.resize(@shrink, kernel: :linear) : @grey)

      # dark against what lies about it: a lamp to one side does not matter
      def parts
        about = small.gaussblur(small.width / 40.0)
        mask = Graphics::Pixels.held((about - small) > STEP)
        Artwork::Thinness::Regions.new(mask.write_to_memory, mask.width, mask.height).parts(least: LEAST)
          .select { |part| SQUARE.cover?(part.width / part.height.to_f) && part.width > 2 }
      rescue Artwork::Thinness::TooMuch
        []
      end

      def rings
        @rings ||= parts.then { |all| all.filter_map { |part| ring(part, all) } }
          .sort_by { |group| -group.size }.first(MOST_RINGS)
      end

      def ring(part, all)
        middle = centre(part)
        dot = all.find do |other|
          RING_TO_DOT.cover?(part.width / other.width.to_f) && centre(other).distance(middle) < part.width * 0.12
        end
        return unless dot && part.area < 0.8 * part.width * part.height
        Ring.new(centre(dot), (part.width + part.height) / 2.0)
      end

      def centre(part) = Geometry::Point[(part.left + part.right) / 2.0, (part.top + part.bottom) / 2.0]

      # the four whose shape is the coupon's
      # @return [Array<Geometry::Point>, nil] in order
      def best
        fours = rings.combination(4).select { |four| alike?(four) }.map { |four| around(four.map(&:at)) }
        turned = fours.flat_map { |four| (0..3).map { |turns| four.rotate(turns) } }
        likest = turned.select { |four| sides?(four) }.max_by { |four| key(four) }
        likest if likest && key(likest) > STEP
      end

      def alike?(four) = four.map(&:size).minmax.then { |low, high| high < low * 1.9 }

      # clockwise, as they lie in the picture
      def around(four)
        middle = four.reduce(:+) * 0.25
        four.sort_by { |corner| Math.atan2(corner.y - middle.y, corner.x - middle.x) }
      end

      # about as long to its height as the coupon
      def sides?(four)
        across = four[0].distance(four[1]) + four[3].distance(four[2])
        down = four[1].distance(four[2]) + four[0].distance(four[3])
        first, _, third, = @coupon.corners
        wanted = (third.x - first.x) / (third.y - first.y)
        (across / down / wanted).between?(0.55, 1.8)
      end

      # how much darker the key's place is than the same place at the other corners
      def key(four)
        map = Geometry::Homography.between(@coupon.corners, four)
        here, *others = key_places.map { |box| mean(box, map) }
        others.min - here
      rescue ExceptionForMatrix::ErrNotRegular
        0
      end

      def key_places
        box, wide, high = @coupon.key_box, @coupon.width_mm, @coupon.height_mm
        right, low = wide - box.right, high - box.bottom
        [[box.x, box.y], [right, box.y], [box.x, low], [right, low]].map do |x, y|
          Geometry::Box.new(x: x, y: y, width: box.width, height: box.height)
        end
      end

      def mean(box, map)
        levels = [0.25, 0.5, 0.75].product([0.3, 0.7]).map do |u, v|
          place = map.apply(Geometry::Point[box.x + u * box.width, box.y + v * box.height])
          pixel(place.x, place.y)
        end
        levels.sum / levels.size
      end

      def pixel(x, y) = small.getpoint(x.clamp(0, small.width - 1), y.clamp(0, small.height - 1)).first

      # how large a ring is in the whole picture
      def size(corners)
        first, second, = @coupon.corners
        corners[0].distance(corners[1]) / @shrink / first.distance(second) * Coupon::RING * 2
      end

      # the middle of what is dark of a ring and its dot, in the whole picture
      def sharpened(corner, size)
        2.times do
          reach = (size * 0.62).ceil
          left, top = (corner.x - reach).floor, (corner.y - reach).floor
          return corner if [left, top].min.negative? || left + 2 * reach > @grey.width || top + 2 * reach > @grey.height
          corner = weighted(@grey.crop(left, top, 2 * reach, 2 * reach), left, top)
        end
        corner
      end

      def weighted(crop, left, top)
        light = crop.percent(80)
        dark = (crop.cast(:float) * -1 + light * 0.75)
        dark = (dark > 0).ifthenelse(dark, 0.0)
        columns, rows = dark.project
        x, y = [columns, rows].map { |sums| middle(sums.to_a.flatten) }
        Geometry::Point[left + x, top + y]
      end

      def middle(sums) = sums.each_with_index.sum { |sum, i| sum * (i + 0.5) } / [sums.sum, Tolerance::ROUNDING].max

      def refuse(seen)
        raise Errors::BadShape.new(
          "No coupon was found: #{seen} of its four corners were found.", remedy: Straightened::FAULT, field: :photo
        )
      end
    end
  end
end
