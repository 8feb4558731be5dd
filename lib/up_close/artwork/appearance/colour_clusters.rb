# frozen_string_literal: true

module UpClose
  module Artwork
    # Places of one paint, wood or paper put together by colour: k-means, begun far apart (T. F. Gonzalez, Theoretical
    # Computer Science 38, 1985), by hue more than by lightness, which the light itself changes.
    module ColourClusters
      BY_LIGHTNESS = 0.35
      ROUNDS = 20

      module_function

      # @param logs [Array<Array(Float, Float, Float)>] logarithms of red, green and blue  @param most [Integer]
      # @return [Array<Integer>] which cluster each belongs to
      def labels(logs, most:)
        points = logs.map { |channels| features(channels) }
        centres = far_apart(points, most)
        labels = nil
        ROUNDS.times do
          before, labels = labels, points.map { |point| nearest(point, centres) }
          break if before == labels
          own = points.each_index.group_by { |i| labels[i] }
          centres = centres.each_with_index.map { |centre, k| own[k] ? mean(points.values_at(*own[k])) : centre }
        end
        labels
      end

      # lightness, and two of hue
      # @param channels [Array(Float, Float, Float)] logarithms
      def features((red, green, blue)) = [(red + green + blue) / 3 * BY_LIGHTNESS, red - green, blue - green]

      # the middle of all, then each time the place furthest from those that there are
      def far_apart(points, most)
        (most - 1).times.reduce([mean(points)]) do |centres, _|
          centres + [points.max_by { |point| centres.map { |centre| apart(point, centre) }.min }]
        end
      end

      # squared; written out, as it is asked tens of thousands of times
      def apart(a, b)
        (x, y, z), (u, v, w) = a, b
        (x - u) * (x - u) + (y - v) * (y - v) + (z - w) * (z - w)
      end

      # @return [Integer] which centre
      def nearest(point, centres)
        distances = centres.map { |centre| apart(centre, point) }
        distances.index(distances.min)
      end

      # @return [Array<Float>]
      def mean(points) = points.transpose.map { |values| values.sum / points.size }

      private_class_method :far_apart, :apart, :nearest, :mean
    end
  end
end
