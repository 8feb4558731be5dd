# frozen_string_literal: true

module UpClose
  module Covering
    # Places of a picture held to places of the piece. One moves the picture; two or more size and turn it too, as the
    # similarity that misses them least (S. Umeyama, IEEE Transactions on Pattern Analysis 13, 1991, in the plane).
    class Pins
      # +on+ [Geometry::Point] of the picture, from its middle, in widths of it; +to+ [Geometry::Point] mm on the piece
      Pin = Value.define(:on, :to)

      # @param pins [Array<Pin>] one or more
      def initialize(pins)
        @pins = pins
      end

      # @param cover [Cover] with a picture_mm
      # @return [Cover] moved so that the pins hold
      def call(cover)
        apart = @pins.size > 1 && spread > Tolerance::ROUNDING
        factor = apart ? solved : Complex.polar(cover.picture_mm, radians(cover.turn_deg))
        centre = mean(targets) - factor * mean(sources)
        cover.with(
          picture_mm: factor.abs, turn_deg: factor.arg * 180 / Math::PI, x_mm: centre.real, y_mm: centre.imaginary
        )
      end

      # @param cover [Cover]  @return [Array<Float>] mm that each pin misses its place by
      def misses(cover)
        factor = Complex.polar(cover.picture_mm, radians(cover.turn_deg))
        sources.zip(targets).map { |on, to| (factor * on + Complex(cover.x_mm, cover.y_mm) - to).abs }
      end

      # where a place of the piece lies on the picture
      # @param cover [Cover]  @param point [Geometry::Point] mm  @return [Geometry::Point] as Pin's +on+
      def self.on_picture(cover, point)
        Geometry::Transform.turn(-cover.turn_deg).apply(point - cover.centre) * (1 / cover.picture_mm)
      end

      private

      def sources = @pins.map { |pin| Complex(pin.on.x, pin.on.y) }

      def targets = @pins.map { |pin| Complex(pin.to.x, pin.to.y) }

      def mean(values) = values.sum / values.size

      def spread = sources.sum { |on| (on - mean(sources)).abs2 }

      def solved
        on, to = mean(sources), mean(targets)
        sources.zip(targets).sum { |a, b| (b - to) * (a - on).conj } / spread
      end

      def radians(degrees) = degrees * Math::PI / 180
    end
  end
end
