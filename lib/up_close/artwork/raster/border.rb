# frozen_string_literal: true

require "matrix"

module UpClose
  module Artwork
    # The ground of a picture, told from the strip along its border: the colour that most of the
    # strip clusters about, how far it spreads, and how it changes across the picture, for paper
    # has texture and photographs have shadows. Thresholds are starting values.
    class Border
      # of the shorter side
      STRIP = 0.02
      # ΔE₀₀ within which the strip is one ground
      ALIKE = 10.0
      ONE_COLOUR = 0.5
      # nearly white lies within 12 % of white (handbook, “Artwork at its final size”), and over 1 % off it
      NEAR = 255 * 0.88
      WHITE = 255 * 0.99
      # of a white border, as much as this may be shaded before it shows
      SHADED = 0.1
      # paper is no darker; ΔE₀₀ that grain and light spread it by; of the strip
      PALE = 150
      UNEVEN = 1.5
      ALL_ROUND = 0.9
      MOST_PLACES = 1000
      ROUNDS = 3

      # @param image [Vips::Image] 8 bit, one band or three  @param alpha [Vips::Image, nil] 8 bit
      def initialize(image, alpha = nil)
        @image, @alpha = image.cast(:uchar), alpha&.cast(:uchar)
        @places = sampled
      end

      # @return [Colour, nil] the median of its cluster; nil when the border is clear or of no one colour
      def colour = one_colour? ? @middle : nil

      # ΔE₀₀ from the colour that 95 % of the cluster keep within
      def spread
        @spread ||= alike.map { |place| difference(place, @middle.to_a) }.sort.then do |all|
          all[(all.size * 0.95).floor] || 0.0
        end
      end

      # @return [Boolean] nearly but not quite white, or white with a shadow on it
      def nearly_white?
        return false unless colour
        darkest = @middle.to_a.min
        (darkest >= NEAR && darkest < WHITE) || (darkest >= WHITE && shaded > SHADED)
      end

      # Paper that was photographed or scanned: pale all round, but not even, as no drawn colour is.
      # @return [Boolean]
      def paper?
        return false unless colour && around?
        colour.to_a.min.between?(PALE, WHITE) && spread > UNEVEN
      end

      # @return [Boolean] its colour runs along all of the strip, not along a part as a sky does
      def around? = one_colour? && alike.size >= @asked * ALL_ROUND

      # share of the cluster that is not as good as white
      def shaded = alike.count { |place| place.last.min < WHITE } / alike.size.to_f

      # what the ground would be at each place, from a surface of second degree laid through the
      # strip by least squares, by itself for each channel
      # @return [Vips::Image] float, bands of the image; of a large one laid coarsely and drawn out, true to a tenth of
      #   a level
      def across(width, height)
        fold = [width, height].max / COARSE_PX
        return laid(width, height) if fold <= 1
        coarse = Graphics::Pixels.held(laid((width / fold).ceil, (height / fold).ceil))
        coarse.resize(width / coarse.width.to_f, vscale: height / coarse.height.to_f, kernel: :linear)
      end

      COARSE_PX = 800.0

      private

      def laid(width, height)
        grid = Vips::Image.xyz(width, height)
        x, y = grid[0] / width.to_f, grid[1] / height.to_f
        bands = fitted.map do |(a, b, c, d, e, f), range|
          value = x * b + y * c + x * x * d + x * y * e + y * y * f + a
          value = (value < range.begin).ifthenelse(range.begin, value)
          (value > range.end).ifthenelse(range.end, value)
        end
        (bands.size > 1) ? bands.first.bandjoin(bands.drop(1)) : bands.first
      end

      def one_colour? = @places.any? && alike.size >= @asked * ONE_COLOUR

      # x, y 0..1 and the channels of places in the strip that are not clear
      def sampled
        width, height = @image.width, @image.height
        deep = [([width, height].min * STRIP).ceil, 2].max.clamp(1, [width, height].min)
        strips =
          [[0, 0, width, deep], [0, height - deep, width, deep], [0, 0, deep, height], [width - deep, 0, deep, height]]
        step = (strips.sum { |_, _, w, h| w * h } / MOST_PLACES.to_f).ceil.clamp(1, nil)
        all = strips.flat_map { |strip| places_in(strip, step) }
        @asked = all.size
        all.compact.tap { |kept| @middle = median(kept) if kept.any? }
      end

      def places_in((left, top, wide, high), step)
        colours, alphas = [@image, @alpha].map { |image| image&.crop(left, top, wide, high)&.write_to_memory }
        bands = @image.bands
        (0...wide * high).step(step).map do |i|
          next if alphas && alphas.getbyte(i) < 128
          channels = Array.new([bands, 3].min) { |band| colours.getbyte(i * bands + band) }
          [(left + i % wide) / @image.width.to_f, (top + i / wide) / @image.height.to_f, channels]
        end
      end

      def median(places)
        places.map(&:last).transpose.map { |values| values.sort[values.size / 2] }.then do |grey|
          Colour.new(*((grey.size < 3) ? [grey.first] * 3 : grey))
        end
      end

      # the cluster: begun about the median, grown along the surface that fits it
      def alike = @alike ||= ROUNDS.times.reduce(near { @middle.to_a }) { |kept, _| grown(kept) }

      def grown(kept)
        return kept if kept.size < 12
        surface = kept.first.last.each_index.map { |band| coefficients(kept, band) }
        near { |x, y| surface.map { |them| value(them, x, y) } }
      end

      def near = @places.select { |x, y, channels| difference([x, y, channels], yield(x, y)) <= ALIKE }

      # the same pairs come again and again
      def difference((_, _, channels), wanted)
        pair = [channels.map(&:round), wanted.map(&:round)]
        (@differences ||= {})[pair] ||= (pair[0] == pair[1]) ? 0.0 : ColourDifference.call(lab(pair[0]), lab(pair[1]))
      end

      def lab(channels)
        (@labs ||= {})[channels] ||= Colour.new(*((channels.size < 3) ? [channels.first] * 3 : channels)).lab
      end

      def fitted
        @fitted ||= alike.first.last.each_index.map do |band|
          them = coefficients(alike, band)
          [them, Range.new(*alike.map { |x, y, _| value(them, x, y) }.minmax)]
        end
      end

      def value((a, b, c, d, e, f), x, y) = a + b * x + c * y + d * x * x + e * x * y + f * y * y

      # least squares by the normal equations
      def coefficients(places, band)
        rows = Matrix.rows(places.map { |x, y, _| [1.0, x, y, x * x, x * y, y * y] })
        wanted = Vector.elements(places.map { |_, _, channels| channels[band].to_f })
        normal = rows.transpose * rows + Matrix.identity(6) * Tolerance::ROUNDING
        normal.lup.solve(rows.transpose * wanted).to_a
      end
    end
  end
end
