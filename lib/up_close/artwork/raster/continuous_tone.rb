# frozen_string_literal: true

require "vips"

module UpClose
  module Artwork
    # Where a picture has continuous tone, as photographs and shadings have, and where even colours and lines. Even
    # colours are narrow peaks in the histogram of all places that lie away from edges; what is away from edges, is no
    # ground and lies in no peak is continuous tone. Thresholds are starting values, found on pictures drawn for it
    # (spec/support/drawn_pictures.rb). Frozen but for what it has worked out.
    class ContinuousTone
      MOST_PIXELS = 1_500_000
      # levels of a colour within which the places around do not differ: away from an edge
      STILL = 20
      # levels of one bin; a peak keeps so much of what lies within OUTER bins of it within INNER bins
      BIN = 4
      INNER = 3
      OUTER = 7
      PEAKED = 0.8
      # of all still places: a smaller peak is no colour of its own
      LEAST_PEAK = 0.004
      MOST_PEAKS = 24
      # of all even places: less is the halo of another colour
      OWN_COLOUR = 0.06
      # but a pale colour may be small, if it lies evenly over a square of so many pixels, as no damage does
      EVEN_PX = 7
      # levels round a peak that are still its colour
      ALIKE = 16
      # from the ground, levels
      GROUND = 26
      # of what is inked: fewer still places say nothing, and then those between light and dark tell
      FEW_STILL = 0.15
      BETWEEN = (0.3..0.7)
      # of the longer side: gaps in a region of tone that are closed, and parts of it that are too small
      CLOSED = 0.02
      SPECK = 0.012

      # @param image [Vips::Image] 8 bit, on white, one band or three
      def initialize(image)
        @shrink = [Math.sqrt(image.width * image.height / MOST_PIXELS.to_f).ceil, 1].max
        small = (@shrink > 1) ? image.shrink(@shrink, @shrink) : image
        small = small.bandjoin([small, small]) if small.bands < 3
        @image = Graphics::Pixels.held(small.cast(:uchar).embed(1, 1, small.width + 2, small.height + 2, extend: :copy))
      end

      # of all that is inked
      # @return [Float] 0..1
      def share
        @share ||= if area(inked).zero?
          0.0
        elsif area(still) < FEW_STILL * area(inked)
          noisy? ? 1.0 : 0.0
        else
          [area(region & inked.crop(1, 1, region.width, region.height)) / area(inked), 1.0].min
        end
      end

      # even colours besides the ground that take a share of what is inked
      # @return [Integer]
      def colours
        sizes = peaks.map(&:last)
        sizes.count { |size| size >= OWN_COLOUR * sizes.sum }
      end

      # how darkly the palest of those colours is printed
      # @return [Float, nil] levels, 0 none … 255 full; strokes that are nowhere even: half of them are darker
      def palest
        of_tone = ->(peak) { 255 - (peak.min * BIN + BIN / 2.0) }
        laid = peaks.map(&:first).select { |peak| of_tone[peak] > 255 * InkTone::LIGHTEST }
        found = laid.sort_by(&of_tone).find { |peak| even_area?(peak) } || laid.max_by(&of_tone)
        found ? of_tone[found] : middle_tone
      end

      # how dark paper is that was scanned or photographed with a drawing
      # @return [Float, nil] levels; nil where it lies on none
      def paper_tone = (on_ground? && border.paper?) ? 255 - pale_ground.min + GROUND : nil

      # the region of continuous tone, gaps in it closed: what no line is looked for in
      # @return [Vips::Image] a mask of the whole picture, smaller than it where that is large
      def region
        @region ||= begin
          speck, closed = [SPECK, CLOSED].map { |part| ([@image.width, @image.height].max * part).ceil | 1 }
          kept = Graphics::Pixels.squared(Graphics::Pixels.squared(toned, :erode, speck), :dilate, speck)
          whole = Graphics::Pixels.squared(Graphics::Pixels.squared(kept, :dilate, closed), :erode, closed)
          Graphics::Pixels.held(whole.crop(1, 1, @image.width - 2, @image.height - 2))
        end
      end

      # whether it lies on a pale ground of its own
      def on_ground? = !inked.equal?(whole)

      private

      def smooth = @smooth ||= Graphics::Pixels.held(@image.median(3))

      def still
        @still ||= begin
          range = smooth.bandsplit.map { |band| band.rank(3, 3, 8) - band.rank(3, 3, 0) }
          Graphics::Pixels.held((Vips::Image.bandrank(range, index: 2) < STILL) & inked)
        end
      end

      # what is no ground: a pale border's own colour, unless nearly all is that, or it runs through too many tones
      def inked
        @inked ||= begin
          ground = pale_ground
          apart = ground && Graphics::Pixels.held(apart(smooth, ground) > GROUND)
          (apart && area(apart) > LEAST_INK * area(whole)) ? apart : whole
        end
      end

      def whole = @whole ||= Graphics::Pixels.held(smooth[0] >= 0)

      def pale_ground
        return @pale_ground if defined?(@pale_ground)
        @pale_ground = if border.colour && border.colour.to_a.min >= Border::PALE
          ground = Graphics::Pixels.held(border.across(@image.width, @image.height))
          ground if ground.max - ground.min < UNEVEN
        end
      end

      def border = @border ||= Border.new(@image)

      def middle_tone
        tone = InkTone.tone(@image)
        counts = inked.ifthenelse(tone, 0).hist_find.to_a.flatten.drop(1)
        half = counts.sum / 2.0
        counts.index { |count| (half -= count) <= 0 }&.+(1)
      end

      # paper is not lit more unevenly than this, levels
      UNEVEN = 90
      LEAST_INK = 0.001

      def toned
        @toned ||= begin
          flat = peaks.map { |peak, _| of_colour(peak) }
          even = flat.reduce { |all, mask| all | mask }
          Graphics::Pixels.held(even ? still & even.invert : still)
        end
      end

      def of_colour(peak) = apart(smooth, peak.map { |bin| bin * BIN + BIN / 2.0 }) <= ALIKE

      def even_area?(peak)
        Graphics::Pixels.squared(Graphics::Pixels.held(of_colour(peak) & still), :erode, EVEN_PX).max.positive?
      end

      # @return [Array<Array(Array(Float, Float, Float), Integer)>] bins, and how many places
      def peaks
        @peaks ||= begin
          left, whole = histogram.dup, histogram.dup
          all = left.values.sum.to_f
          found = []
          MOST_PEAKS.times do
            peak, count = left.max_by(&:last)
            break if peak.nil? || count < all * LEAST_PEAK / 8
            inner, outer = [INNER, OUTER].map { |reach| whole.select { |bin, _| near?(bin, peak, reach) } }
            within = inner.values.sum
            even = within >= PEAKED * outer.values.sum && within >= all * LEAST_PEAK
            found << [middle(inner), outer.values.sum] if even
            (even ? outer : inner).each_key { |bin| left.delete(bin) }
            outer.each_key { |bin| whole.delete(bin) } if even
          end
          found
        end
      end

      def near?(bin, peak, reach) = bin.each_with_index.all? { |v, i| (v - peak[i]).abs <= reach }

      def middle(bins)
        weight = bins.values.sum.to_f
        [0, 1, 2].map { |i| bins.sum { |bin, count| bin[i] * count } / weight }
      end

      # @return [Hash{Array => Integer}] bins of the still places, those few that hold anything
      def histogram = @histogram ||= told_apart

      def told_apart
        bins = 256 / BIN
        places = area(still)
        return {} if places.zero?
        told = still.ifthenelse(smooth, 0)
        cells = told.hist_find_ndim(bins: bins).to_a
        found = {}
        cells.each_with_index do |row, y|
          row.each_with_index do |cell, x|
            cell.each_with_index { |count, z| found[[x, y, z]] = count if count > 1 }
          end
        end
        # those masked out were told as black
        black = found.fetch([0, 0, 0], 0) - (still.width * still.height - places).round
        (black > 1) ? found[[0, 0, 0]] = black : found.delete([0, 0, 0])
        found
      end

      # grain all over, or dots and strokes: of two tones these have little between; a few thin strokes are dark enough
      # for half of what is inked
      def noisy?
        grey = @image.colourspace(:"b-w")[0]
        dark = [2.0, 50.0 * area(inked) / area(whole)].min
        low, high = [dark, 98].map { |percent| grey.percent(percent) }
        return true if high - low < STILL
        from, to = [BETWEEN.begin, BETWEEN.end].map { |share| low + share * (high - low) }
        area((grey > from) & (grey < to)) > 0.3 * area(grey >= 0)
      end

      # the widest difference of any channel
      def apart(image, colour)
        Vips::Image.bandrank((image - colour).abs.bandsplit, index: 2)
      end

      def area(mask) = mask.avg / 255 * mask.width * mask.height
    end
  end
end
