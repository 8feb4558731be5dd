# frozen_string_literal: true

require "vips"

module UpClose
  module Artwork
    # An artwork at its final size, as pixels fine enough to measure. The
    # ink's own box starts MARGIN pixels in from the top left. Frozen but for
    # what it has worked out.
    class SizedRaster
      MARGIN = 16
      WANTED_PER_MM = 600 / 25.4
      FINE_PER_MM = 1200 / 25.4
      # continuous tone has no edge to measure, and is looked at with no more pixels than it has
      TONED_PER_MM = 300 / 25.4
      # but a small print of it with so many along its longer side: FineDetail looks at those
      TONED_PX = 1200.0
      MOST_PIXELS = 40_000_000
      # a large print has no more than so many, but for as many to its limit as tell it (Thinness::Profile::RESOLVED_PX)
      MANY_PIXELS = 8_000_000
      FEW_PIXELS = 1_600_000

      attr_reader :artwork, :width_mm

      # @param artwork [Drawing, Picture]  @param width_mm [Float] of the ink's own box
      # @param per_mm [Float, nil] pixels a millimetre, when it is only to be shown
      # @param lightest [Float] the lightest tone that is laid, as a share of full ink
      # @param kind [Kind, nil] what it is taken as
      # @param finest_mm [Float, nil] the least width that is looked for in it
      def initialize(artwork, width_mm:, per_mm: nil, lightest: InkTone::LIGHTEST, kind: nil, finest_mm: nil)
        @artwork, @width_mm, @per_mm, @lightest, @kind = artwork, width_mm, per_mm, lightest, kind
        @finest_mm = finest_mm
      end

      def height_mm = width_mm * artwork.ink.aspect

      def area_mm2 = width_mm * height_mm

      # pixels a millimetre
      def per_mm
        @per_mm ||= if artwork.vector?
          drawn_per_mm
        elsif @kind&.photograph?
          [own_per_mm, bounded([TONED_PER_MM, TONED_PX / [width_mm, height_mm].max].max)].min
        else
          [own_per_mm, bounded(finest)].min.clamp(bounded(wanted), nil)
        end
      end

      # pixels a millimetre the picture itself has; nil for a drawing
      def own_per_mm = artwork.vector? ? nil : artwork.ink.box.width / width_mm

      # @return [Vips::Image] sRGB or grey on white, 8 bit, at +per_mm+
      def image = @image ||= artwork.vector? ? drawn : taken

      # how dark it is printed, 0 none … 255 full
      # @return [Vips::Image] one band
      def tone = @tone ||= InkTone.tone(image)

      # how much of each place is inked, 0 none … 255 all, whatever its colour
      # @return [Vips::Image] one band
      def cover = @cover ||= artwork.vector? ? drawn_cover : taken_cover

      # the same with continuous tone taken as solid: no line of its own is looked for there
      # @return [Vips::Image] one band
      def line_cover
        @line_cover ||= toned_region.then { |mask| mask ? Graphics::Pixels.held(mask.ifthenelse(255, cover)) : cover }
      end

      # +line_cover+ at a half, a quarter … of its pixels, each made from the one before
      # @param times [Integer] how often it is halved
      # @return [Vips::Image] one band
      def halved(times)
        return line_cover if times.zero?
        (@halved ||= {})[times] ||= Graphics::Pixels.held(halved(times - 1).shrink(2, 2, ceil: true))
      end

      # @return [Geometry::Box] mm from the ink's top left
      def mm_box(x, y, width, height)
        Geometry::Box.new(
          x: (x - MARGIN) / per_mm,
          y: (y - MARGIN) / per_mm,
          width: width / per_mm,
          height: height / per_mm
        )
      end

      private

      # at +per_mm+, with the margin
      def toned_region
        return if artwork.vector?
        whole = @kind&.toned_region(artwork.image.width, artwork.image.height) or return
        part = whole.crop(*artwork.ink.box.to_a.map(&:to_i))
        part = part.resize(per_mm / own_per_mm, kernel: :nearest)
        part.embed(MARGIN, MARGIN, cover.width, cover.height)
      end

      def bounded(wanted) = [wanted, Math.sqrt(MOST_PIXELS / area_mm2)].min

      # small marks are looked at twice as finely
      def finest = (area_mm2 * FINE_PER_MM**2 < FEW_PIXELS) ? FINE_PER_MM : bounded(wanted)

      def wanted
        return WANTED_PER_MM unless @finest_mm
        enough = [Thinness::Profile::RESOLVED_PX / @finest_mm, Math.sqrt(MANY_PIXELS / area_mm2)].max
        [WANTED_PER_MM, enough].min
      end

      def drawn_per_mm = finest

      def drawn = rendered(artwork)

      def taken_cover
        InkTone.cover(
          tone, lightest: [@lightest, (@kind&.paper || 0) / 255.0].max, palest: @kind&.palest,
          enlarged: [per_mm / own_per_mm, 1.0].max
        )
      end

      def drawn_cover
        black = InkTone.as_black(artwork, lightest: @lightest)
        black.equal?(artwork) ? tone : InkTone.tone(rendered(black))
      end

      def rendered(drawing)
        box = artwork.ink.box
        scale = per_mm * width_mm / box.width
        Formats::SVG::Raster.call(drawing, frame: box.grown(MARGIN / scale), scale: scale)
      end

      def taken
        box = artwork.ink.box
        part = artwork.image.crop(*box.to_a.map(&:to_i))
        ratio = per_mm / own_per_mm
        return Graphics::Pixels.held(enlarged(part, ratio)) if ratio > 1 + Tolerance::SLIGHT
        part = part.resize(ratio, kernel: :lanczos3) if ratio < 1 - Tolerance::SLIGHT
        Graphics::Pixels
          .held(part.embed(MARGIN, MARGIN, part.width + 2 * MARGIN, part.height + 2 * MARGIN, extend: :white))
      end

      # Evenly between the middles of its pixels, white beyond, so that half tone lies where a pixel's edge lay. The
      # library's own enlarging moves edges by up to half a pixel, each by another part of one.
      def enlarged(part, ratio)
        size = [part.width, part.height].map { |side| (side * ratio).round + 2 * MARGIN }
        part.affine(
          [ratio, 0, 0, ratio], interpolate: Vips::Interpolate.new(:bilinear), idx: 0.5, idy: 0.5, odx: -0.5, ody: -0.5,
          oarea: [-MARGIN, -MARGIN, *size], extend: :background, background: [255] * part.bands
        )
      end
    end
  end
end
