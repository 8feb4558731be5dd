# frozen_string_literal: true

require "vips"

module UpClose
  module Artwork
    # Marks on a ground whose every place sends back its own share of the light, lowest first: ink is a filter, white
    # film sends back w + (1 − w) S before it (ColoursOnPiece). Linear light. Frozen but for what it has worked out.
    class PieceLook
      INKED = 0.85
      # hard to read: ink against what lies round it, over a window so wide, mm; ratios of contrast as the web's
      # guideline has them, (Y₁ + 0.05) ÷ (Y₂ + 0.05). Starting values.
      WINDOW_MM = 2.0
      HARD = 1.5
      FLARE = 0.05
      LEAST_INK = 0.04
      MOST_RINGS = 6
      LUMA = [0.2126, 0.7152, 0.0722].freeze

      # a place that is hard to read: mm from the picture's top left, and its contrast
      Hard = Value.define(:box, :ratio) do
        def area = box.width * box.height
      end

      attr_reader :ground

      # @param ground [Vips::Image] linear, three bands  @param per_mm [Float] its pixels a millimetre
      # @param bare [Vips::Image] the same before anything was laid  @param inks [Vips::Image, nil] what was laid
      def initialize(ground, per_mm:, surround: ground, inks: nil)
        @ground, @per_mm, @surround, @inks = ground, per_mm, surround, inks
      end

      # @param ink [Vips::Image] linear, as large as the ground: 1 where nothing is laid
      # @param film [Vips::Image, nil] 0..1, where white film lies; nil for clear film or a bare transfer
      # @return [PieceLook] with it laid
      def with(ink, film: nil)
        backing = ColoursOnPiece::BACKING
        under = film ? ground * (film * -backing + 1) + film * backing : ground
        PieceLook.new(
          held(under * ink), per_mm: @per_mm, surround: held(film ? @surround * (film * -backing + 1) + film * backing :
            @surround), inks: held(@inks ? @inks * ink : ink)
        )
      end

      # @return [Vips::Image] sRGB, 8 bit
      def picture = ground.copy(interpretation: :scrgb).colourspace(:srgb)

      # contrast of all the ink against what lies round it
      # @return [Float, nil] nil where nothing is laid
      def contrast
        return unless @inks
        share = mask.avg
        share.zero? ? nil : Math.exp((ratios * mask).avg / share)
      end

      # @return [Array<Hard>] the largest first
      def hard_to_read
        return [] unless @inks
        inked = held(windowed(mask))
        low = (inked > LEAST_INK) & (windowed(ratios * mask) / (inked + Tolerance::SLIGHT) < Math.log(HARD))
        boxes(held(low)).first(MOST_RINGS)
      end

      private

      def held(image) = Graphics::Pixels.held(image.cast(:float))

      def luminance(image) = image.recomb([LUMA])

      # 1 where ink is laid
      def mask = @mask ||= Graphics::Pixels.held((luminance(@inks) < INKED).ifthenelse(1.0, 0.0))

      # logarithm of the contrast of each place with itself without ink
      def ratios
        @ratios ||= Graphics::Pixels.held(((luminance(@surround) + FLARE) / (luminance(ground) + FLARE)).log.abs)
      end

      # the mean over a window
      def windowed(image)
        wide = [(WINDOW_MM * @per_mm).round, 1].max
        image.cast(:float).gaussblur([wide / 2.0, 0.6].max)
      end

      def boxes(low)
        labels = low.labelregions.cast(:ushort)
        grid = Vips::Image.xyz(labels.width, labels.height)
        ends = [[0, :min], [1, :min], [0, :max], [1, :max]].map { |band, how|
          grid[band].hist_find_indexed(labels, combine: how).to_a.flatten
        }
        hit = (low / 255.0).hist_find_indexed(labels, combine: :max).to_a.flatten
        boxes = ends.transpose.each_with_index.select { |_, i| hit[i].to_f > 0.5 }.map { |box, _| hard(*box) }
        boxes.select { |box| box.area > (WINDOW_MM / 2)**2 }.sort_by { |box| -box.area }
      end

      def hard(left, top, right, bottom)
        area = [left, top, right - left + 1, bottom - top + 1].map(&:to_i)
        inked = mask.crop(*area)
        ratio = inked.avg.zero? ? 1.0 : Math.exp((ratios.crop(*area) * inked).avg / inked.avg)
        x, y, width, height = area.map { |px| px / @per_mm }
        Hard.new(Geometry::Box.new(x: x, y: y, width: width, height: height), ratio)
      end
    end
  end
end
