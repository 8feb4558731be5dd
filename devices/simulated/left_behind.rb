# frozen_string_literal: true

require "vips"

module Devices
  module Simulated
    # What a method leaves on a piece of what was printed, with limits of its own that nobody is told: thin lines break,
    # thin gaps close, spots are missing, a haze lies over it. A value that a worker is sent.
    class LeftBehind
      # pixels a millimetre
      PER_MM = 16.0
      # of the piece round a coupon
      MARGIN = 3.0
      # how sudden a limit is
      STEEP = 0.12
      # of the pictures that luck is drawn on
      LUCK = 7
      USUAL = {
        line_mm: 0.25, gap_mm: 0.25, spread_mm: 0.0, missing: 0.002, spot_mm: 0.5, haze: 0.0, surface: "#dcc191",
        ink: "#2b2724", shift_mm: 0.0, missing_at: nil
      }.freeze

      attr_reader(*USUAL.keys)

      # @param changes [Hash] of USUAL: limits and what gathers about +missing_at+, a place and a reach in shares
      def initialize(**changes)
        USUAL.merge(changes).each { |name, value| instance_variable_set(:"@#{name}", value) }
      end

      # the bench under it
      def ground = UpClose::Colour.hex(surface).to_a.map { |level| level * 0.55 }

      # @param coupon [UpClose::Coupons::Coupon]  @return [Vips::Image] from above
      def of_coupon(coupon, seed: 1)
        frame = UpClose::Geometry::Box.new(
          x: -MARGIN, y: -MARGIN, width: coupon.width_mm + 2 * MARGIN, height: coupon.height_mm + 2 * MARGIN
        )
        cover = worn(coupon, frame, seed)
        coloured(with_greys(cover, coupon, frame), seed)
      end

      # artwork on its piece
      # @param raster [Vips::Image] as printed, PER_MM pixels a millimetre, black on white
      # @return [Vips::Image] from above
      def of_artwork(raster, seed: 1)
        cover = raster.colourspace(:"b-w")[0].cast(:float) * (-1 / 255.0) + 1
        cover = doubled(cover)
        coloured(without_spots(cover, seed), seed)
      end

      private

      # of each width of line and gap, as much as there is to be
      def worn(coupon, frame, seed)
        ink = coupon.printed
        ground = UpClose::Geometry::Region.box(frame) - ink
        lines = layers(ink, frame, line_mm, even(frame, seed), grown: spread_mm)
        closed = layers(ground, frame, gap_mm, even(frame, seed + 7), lost: true)
        without_spots((lines + closed).cast(:float).then { |sum| (sum > 1).ifthenelse(1.0, sum) }, seed)
      end

      # @param luck [Vips::Image] 0..1, even  @param lost [Boolean] what is not there, instead
      def layers(region, frame, limit, luck, grown: 0.0, lost: false)
        classes(region, limit).filter_map { |part, share|
          next if part.empty? || (lost ? share >= 1 : share <= 0)
          layer = mask(part, frame, grown)
          next layer if lost ? share <= 0 : share >= 1
          layer * ((lost ? luck > share : luck <= share) / 255)
        }.reduce { |sum, layer| sum + layer } || 0.0
      end

      # what is about as wide, and how much of it is left; those of which all or nothing is left are one
      # @return [Array<Array(Geometry::Region, Float)>]
      def classes(region, limit)
        widths = UpClose::Coupons::WIDTHS
        shares = widths.map { |width|
          survival(width, limit).then { |s|
            if s > 0.997
              1.0
            else
              ((s < 0.003) ? 0.0 : s)
            end
          }
        }
        whole = shares.index(1.0) || widths.size - 1
        steps = [region, *widths[1..whole].map { |width| opened(region, width) }]
        [*steps.each_cons(2).map { |here, thicker| here - thicker }, steps.last].zip(shares)
      end

      # all of it that is at least so wide
      def opened(region, width)
        half = width / 2 - 0.004
        shape = region.shape.buffer(-half, quad_segs: 8).buffer(half, quad_segs: 8)
        UpClose::Geometry::Region.new(shape)
      end

      # how much of a line of this width is left: 95 % at the limit
      def survival(width, limit)
        1 / (1 + Math.exp(-((Math.log(width) - Math.log(limit)) / STEEP + Math.log(0.95 / 0.05))))
      end

      # @param grown [Float] mm it spreads on every side
      # @return [Vips::Image] 0..1
      def mask(region, frame, grown)
        black = UpClose::Colour::BLACK
        spread = grown.positive? ? {stroke: black, stroke_width: 2 * grown, join: :round} : {}
        drawing = UpClose::Artwork::Drawing.new(
          [UpClose::Graphics::Painted.new(path: region.path, fill: black, even_odd: true, **spread)]
        )
        raster = UpClose::Formats::SVG::Raster.call(drawing, frame: frame, scale: PER_MM)
        raster[0].cast(:float) * (-1 / 255.0) + 1
      end

      # luck, 0..1, every share as likely as any other; alike within half a millimetre
      def even(frame, seed)
        wide, high = (frame.width * PER_MM).ceil, (frame.height * PER_MM).ceil
        small = Vips::Image.gaussnoise(wide / LUCK, high / LUCK, seed: seed, mean: 0, sigma: 40)
        smooth = small.gaussblur(1.2)
        spread = smooth.deviate
        level = ((smooth / spread) * 40 + 128).cast(:uchar).hist_equal
        level.resize(wide / level.width.to_f, vscale: high / level.height.to_f, kernel: :linear)
          .crop(0, 0, wide, high).cast(:float) / 255.0
      end

      # holes of about +spot_mm+, so much of it all; in one part only where that is said
      def without_spots(cover, seed)
        return cover if missing.zero?
        size = spot_mm * PER_MM
        small = Vips::Image.gaussnoise(
          [(cover.width / size * 2).ceil, 8].max, [(cover.height / size * 2).ceil, 8].max, seed: seed + 3, sigma: 40
        ).gaussblur(1.0)
        field = small.resize(cover.width / small.width.to_f, vscale: cover.height / small.height.to_f, kernel: :cubic)
        field = field.crop(0, 0, cover.width, cover.height)
        field = near_place(field) if missing_at
        level = ((field - field.min) * (255.0 / (field.max - field.min))).cast(:uchar).percent((1 - missing) * 100)
        holes = ((field - field.min) * (255.0 / (field.max - field.min))) > level
        cover * ((holes / 255.0) * -1 + 1)
      end

      # spots gather about a place, given in shares
      def near_place(field)
        x, y, reach = missing_at
        xy = Vips::Image.xyz(field.width, field.height)
        away = (xy[0] - x * field.width)**2 + (xy[1] - y * field.height)**2
        field - away * (1.0 / (reach * [field.width, field.height].max)**2) * 40
      end

      def doubled(cover)
        return cover if shift_mm.zero?
        px = (shift_mm * PER_MM).round
        moved = cover.embed(px, px / 3, cover.width + px, cover.height + px, extend: :black)
          .crop(0, 0, cover.width, cover.height)
        both = cover + moved * 0.75
        (both > 1).ifthenelse(1.0, both)
      end

      def with_greys(cover, coupon, frame)
        coupon.elements.select { |element| element.kind == :grey }.reduce(cover) do |sum, grey|
          box = grey.box
          patch = Vips::Image.black((box.width * PER_MM).round, (box.height * PER_MM).round).cast(:float) + grey.tone
          sum.insert(patch, ((box.x - frame.x) * PER_MM).round, ((box.y - frame.y) * PER_MM).round)
        end
      end

      # ink over the surface, and what lies over both
      def coloured(cover, seed)
        ground, inked = [surface, ink].map { |hex| UpClose::Colour.hex(hex).to_a }
        grain = Vips::Image.gaussnoise(cover.width / 3, cover.height / 40 + 1, seed: seed + 11, mean: 0, sigma: 14)
          .resize(3.0, vscale: 40.0, kernel: :linear).gaussblur(2.0)
        grain = grain.embed(0, 0, cover.width, cover.height, extend: :mirror)
        bands = ground.zip(inked).map do |bare, over|
          painted = (cover * -1 + 1) * (grain + bare) + cover * over
          painted * (1 - haze) + 238 * haze
        end
        bands.first.bandjoin(bands.drop(1)).cast(:uchar).copy(interpretation: :srgb)
      end
    end
  end
end
