# frozen_string_literal: true

require "matrix"
require "vips"

module UpClose
  module Artwork
    # What each place of a photographed piece sends back of the light: the photo in linear light, less how the light
    # falls off across it, scaled by a white paper in the picture or by the colour that was typed. The fall-off is a
    # surface of second degree in the logarithm, common to up to four paints, woods or papers, so that a dark pour
    # beside a light board is not taken for shade (least squares with a constant for each cluster). Clusters are told
    # by hue more than by lightness, which the light itself changes.
    class PieceGround
      # of white paper: a starting value
      PAPER = 0.85
      CLUSTERS = 4
      SAMPLED_PX = 48
      DARKEST = 1e-3
      # lighter than this a photo tells nothing of the light: burnt out, or beyond its edge
      BURNT, MOST_BURNT = 0.99, 0.01
      # smaller clusters are not what was typed
      LEAST_SHARE = 0.08
      # what things send back of the light: from soot to paper
      PLAUSIBLE = 0.004..0.95
      # what is not known of a reflectance, as a share of it: starting values
      BY_PAPER, BY_COLOUR = 0.05, 0.15

      # @param photo [Vips::Image] sRGB, the plane of the piece alone
      # @param typed [Colour] of the piece  @param white [Geometry::Box, nil] of white paper in it, pixels
      def initialize(photo, typed:, white: nil)
        @photo, @typed, @white = photo, typed, white
      end

      # @return [Vips::Image] linear, 0..1, three bands
      def reflectance
        @reflectance ||= begin
          even = linear / light
          scaled = even * scale(even)
          Graphics::Pixels.held((scaled > 1).ifthenelse(1.0, scaled).cast(:float))
        end
      end

      # how much darker its darkest lit corner is than its lightest
      # @return [Float] share
      def falloff
        values = corners.map { |x, y| smooth(x, y) }
        1 - Math.exp(values.min - values.max)
      end

      # what a reflectance may be off by
      # @return [Float] share
      def uncertainty = Math.hypot(@white ? BY_PAPER : BY_COLOUR, falloff / 4)

      # @return [Finding]
      def finding
        Finding.new(
          key: :light, title: "Light in the photo", verdict: (uncertainty > 0.25) ? :watch : :fine,
          figure: "± #{Working.number(uncertainty * 100, 0)} %", value: uncertainty * 100, unit: "%",
          working: Working.new(
            "falls off by #{Working.number(falloff * 100, 0)} %, taken out; scaled by #{scaled_by}; " \
            "√(#{@white ? BY_PAPER : BY_COLOUR}² + (#{Working.number(falloff)} ÷ 4)²)",
            source: "#{BY_PAPER} by paper and #{BY_COLOUR} by a typed colour are starting values"
          ),
          reason: @white ? "Each place is measured against the white paper in the picture." :
            "Each place is measured against the typed colour. White paper in the picture is more exact.",
          remedy: (falloff > 0.5) ? "Photograph it in even light, from a window on an overcast day." : nil
        )
      end

      private

      def scaled_by = @white ? "white paper, #{PAPER} of the light" : @typed.to_hex

      def linear
        @linear ||= Graphics::Pixels.held(
          ((@photo.bands < 3) ? @photo.colourspace(:srgb) : @photo).colourspace(:scrgb).cast(:float)
        )
      end

      # how the light falls on each place, about 1
      def light
        xyz = Vips::Image.xyz(linear.width, linear.height)
        x = xyz[0] * (2.0 / linear.width) - 1
        y = xyz[1] * (2.0 / linear.height) - 1
        a, b, c, d, e = surface
        (x * a + y * b + x * x * c + x * y * d + y * y * e).exp
      end

      def smooth(x, y) = surface.zip([x, y, x * x, x * y, y * y]).sum { |factor, value| factor * value }

      def corners = [-1.0, 0.0, 1.0].product([-1.0, 0.0, 1.0])

      # @return [Array<Float>] five factors of the surface
      def surface = @surface ||= solved(clustered).first(5)

      # places and logarithms of what they send back, where the photo tells it
      # @return [Array<Array(Float, Float, Array<Float>)>]
      def sampled
        @sampled ||= begin
          all = places
          told = all.reject { |_, _, channels| channels.last > MOST_BURNT }
          (told.empty? ? all : told).map do |x, y, channels|
            [x, y, channels.first(3).map { |value| Math.log([value, DARKEST].max) }]
          end
        end
      end

      # across and down, −1..1, and their channels, the last of which is the share that is burnt out
      def places
        burnt = (linear > BURNT).bandand / 255.0
        whole = linear.bandjoin(burnt)
        scale = SAMPLED_PX / [linear.width, linear.height].max.to_f
        small = (scale < 1) ? whole.resize(scale, kernel: :linear) : whole
        small.to_a.each_with_index.flat_map do |row, j|
          row.each_with_index.map do |channels, i|
            [2 * (i + 0.5) / small.width - 1, 2 * (j + 0.5) / small.height - 1, channels]
          end
        end
      end

      # which cluster each place belongs to: k-means, begun far apart, and once more after the surface is known
      # @return [Array<Integer>]
      def clustered
        @clustered ||= begin
          first = ColourClusters.labels(sampled.map { |_, _, logs| logs }, most: CLUSTERS)
          factors = solved(first).first(5)
          flat = sampled.map do |x, y, logs|
            off = factors.zip([x, y, x * x, x * y, y * y]).sum { |f, v| f * v }
            logs.map { |value| value - off }
          end
          ColourClusters.labels(flat, most: CLUSTERS)
        end
      end

      # the surface's factors, then a constant for each cluster; a little is held back so that no lone paint tilts it
      def solved(labels)
        rows = sampled.each_with_index.map do |(x, y, _), i|
          [x, y, x * x, x * y, y * y] + Array.new(CLUSTERS) { |k| (labels[i] == k) ? 1.0 : 0.0 }
        end
        wanted = sampled.map { |_, _, logs| logs.sum / logs.size }
        matrix = Matrix.rows(rows)
        held = Matrix.diagonal(*[1e-3 * rows.size] * 5, *[Tolerance::SLIGHT * rows.size] * CLUSTERS)
        (matrix.transpose * matrix + held).lup.solve(matrix.transpose * Vector.elements(wanted)).to_a
      end

      # a factor for each channel
      def scale(even)
        return channels(even.crop(*@white.to_a.map(&:round))).map { |value| PAPER / [value, DARKEST].max } if @white
        @typed.reflectance.zip(likest).map { |wanted, value| wanted / [value, DARKEST].max }
      end

      def channels(part) = Array.new(part.bands) { |band| part[band].avg }

      # the mean of the cluster that was most likely meant by the colour typed: of its hue, large, and such that nothing
      # else comes out lighter than paper or darker than soot
      # @return [Array<Float>] linear light, the fall-off taken out
      def likest
        means = clustered.tally.transform_values { |count| count / clustered.size.to_f }
          .select { |_, share| share > LEAST_SHARE }.to_h { |cluster, share| [even_mean(cluster), share] }
        means.min_by { |mean, share| hue_apart(mean) + implausible(mean, means.keys) - share / 2 }.first
      end

      def even_mean(cluster)
        logs = sampled.each_index.select { |i| clustered[i] == cluster }.map { |i|
          x, y, own = sampled[i]
          own.map { |value| value - smooth(x, y) }
        }
        logs.transpose.map { |values| Math.exp(values.sum / values.size) }
      end

      def hue_apart(mean)
        own, wanted = [mean, @typed.reflectance].map { |light|
          ColourClusters.features(light.map { |value| Math.log([value, DARKEST].max) })
        }
        Math.hypot(own[1] - wanted[1], own[2] - wanted[2])
      end

      # by how much the others leave what things send back, were this one the colour typed
      def implausible(mean, all)
        lightness = ->(light) { light.sum / light.size }
        scale = lightness.call(@typed.reflectance) / [lightness.call(mean), DARKEST].max
        all.sum do |other|
          value = lightness.call(other) * scale
          [Math.log(value / PLAUSIBLE.end), Math.log(PLAUSIBLE.begin / [value, Tolerance::SLIGHT].max), 0].max
        end
      end
    end
  end
end
