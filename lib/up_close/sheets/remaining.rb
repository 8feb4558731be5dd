# frozen_string_literal: true

require "vips"

module UpClose
  module Sheets
    # What is left of a part-used sheet, from a scan of it on a dark ground: the
    # largest light thing there, straightened by the smallest box round it. Frozen.
    class Remaining
      DPI = (72..1200)
      MOST_PIXELS = 140_000_000
      LEAST_MM2 = 400
      # an outline is made simpler by so much, and smaller holes are dust
      SIMPLER_MM = 0.08
      DUST_MM2 = 2.0
      # along an edge that is not quite straight, the box stands off by less than this
      SLIVER_MM = 0.2
      # a ground this near to the sheet's own grey cannot be told from it
      LEAST_CONTRAST = 40

      # @param bytes [String] a picture file
      # @raise [Errors::BadShape]
      def self.read(bytes, dpi:)
        header = Vips::Image.new_from_buffer(bytes, "", access: :sequential)
        if header.width * header.height > MOST_PIXELS
          refuse(
            "This scan is #{header.width} × #{header.height} pixels, too large to check.",
            "Scan at 300 dpi."
          )
        end
        new(Graphics::Pixels.held(Vips::Image.new_from_buffer(bytes, "").autorot), dpi: dpi)
      rescue Vips::Error
        refuse("This file cannot be read as a picture.", "Save the scan as PNG or JPEG.")
      end

      # @raise [Errors::BadShape]
      def self.refuse(reason, remedy, field = :scan) = raise(Errors::BadShape.new(reason, remedy: remedy, field: field))

      attr_reader :region

      # @param image [Vips::Image]  @param dpi [Numeric]
      def initialize(image, dpi:)
        Remaining.refuse("A scan of #{dpi} dots an inch.", "Scan at 300 dpi.", :dpi) unless DPI.cover?(dpi)
        @mm = 25.4 / dpi
        @region = upright(whole(largest(light(image))))
        freeze
      end

      # @return [Geometry::Box] from 0, 0
      def box = Geometry::Box.around(region.rings.first.map { |x, y| Geometry::Point[x, y] })

      # @return [Array<Array(Float, Float)>] its outline, mm from the upper left of the box
      def outline = region.rings.first

      # what is gone from the box
      # @return [Array<Array<Array(Float, Float)>>] rings
      def used
        gone = (Geometry::Region.box(box) - region).opened(SLIVER_MM).simpler(SIMPLER_MM)
        gone.parts.select { |part| part.area > DUST_MM2 }.map { |part| part.rings.first }
      end

      private

      # @return [Vips::Image] 0 or 255
      def light(image)
        grey = ((image.bands > 2) ? image.extract_band(0, n: 3).colourspace("b-w") : image.extract_band(0))
          .cast(:uchar)
          .median(3)
        dark, bright = [2, 98].map { |share| grey.percent(share) }
        if bright - dark < LEAST_CONTRAST
          Remaining.refuse(
            "The sheet does not stand out from what it lies on.",
            "Lay something dark behind it, and scan again."
          )
        end
        Graphics::Pixels.held(grey > (dark + bright) / 2)
      end

      def largest(mask)
        Artwork::Thinness::Regions.new(mask.write_to_memory, mask.width, mask.height)
          .parts(least: LEAST_MM2 / @mm**2)
          .first ||
          Remaining.refuse("No sheet was found in this scan.", "Lay it on something dark, and scan all of it.")
      rescue Artwork::Thinness::TooMuch
        Remaining.refuse("This scan is too busy to find a sheet in.", "Lay the sheet on something plain and dark.")
      end

      # its rows of pixels, joined
      def whole(part)
        strips = part.runs.map do |y, from, to|
          Geometry::Region.polygon([[from, y], [to, y], [to, y + 1], [from, y + 1]].map { |x, v| [x * @mm, v * @mm] })
        end
        body = Geometry::Region.union(strips).parts.max_by(&:area)
        outline, *holes = body.rings
        Geometry::Region.polygon(outline, holes.select { |ring| Geometry::Region.polygon(ring).area > DUST_MM2 })
          .simpler(SIMPLER_MM)
      end

      # turned by less than a quarter until the smallest box round it stands upright
      def upright(body)
        corners = body.around.rings.first
        side = corners.each_index.map { |i| [corners[i - 1], corners[i]] }.max_by do |(ax, ay), (bx, by)|
          Math.hypot(bx - ax, by - ay)
        end
        lean = Math.atan2(side[1][1] - side[0][1], side[1][0] - side[0][0]) * 180 / Math::PI
        straight = body.mapped(Geometry::Transform.turn(-(((lean + 45) % 90) - 45)))
        x, y = straight.rings.first.transpose.map(&:min)
        straight.mapped(Geometry::Transform.move(-x, -y))
      end
    end
  end
end
