# frozen_string_literal: true

module UpClose
  module Placing
    # The largest size at which film with softener still follows a doubly curved shape: where the mark lies, or on the
    # shape's middle line where that lets it be larger. Strain grows with size at one place, so it is found by halving.
    class EasedPlace
      # mm; sizes are looked for on this grid, so that the figure on the button is the one that is kept
      GRID = 0.1
      # a size under this share of the present one is no remedy
      LEAST = 0.2

      # @see #initialize, #call
      def self.call(...) = new(...).call

      # @param shape [Surfaces::Curved]  @param ink [Artwork::Ink]  @param placement [Placement]
      # @param bent [Boolean] whether the artwork is bent onto its place
      def initialize(shape:, ink:, placement:, bent: false)
        @shape, @ink, @placement, @bent = shape, ink, placement, bent
      end

      # @return [Placement, nil] nil where it is eased already, or no useful size would be
      def call
        return if follows?(@placement)
        [@placement, @placement.with(y_mm: 0.0)].uniq.filter_map { |place| largest_at(place) }.max_by(&:width_mm)
      end

      private

      # @return [Boolean] whether nothing in the shape's findings says stop
      def follows?(placement)
        @shape.findings(PlacedInk.new(@ink, placement), Measure::LengthWriter.new, bent: @bent).none?(&:stop?)
      end

      def largest_at(placement)
        widths = ((@placement.width_mm * LEAST / GRID).ceil..(@placement.width_mm / GRID).floor).map { |i| i * GRID }
        too_wide = widths.bsearch_index { |width| !follows?(placement.with(width_mm: width)) }
        return if too_wide&.zero? || widths.empty?
        placement.with(width_mm: widths[(too_wide || widths.size) - 1].round(1))
      end
    end
  end
end
