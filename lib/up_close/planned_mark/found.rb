# frozen_string_literal: true

module UpClose
  class PlannedMark
    # What an artwork was found to be when it was looked at, +width_mm+ wide: its thinnest line and gap, its largest
    # solid, what nearly all of its lines exceed, their length; the share of its box that is inked, whether it has
    # greys, and its main colours (UpClose::Artwork::Palette). All may be nil.
    Found = Value.define(
      :width_mm, :finest_mm, :gap_mm, :solid_mm, :mostly_over_mm, :line_mm, :coverage, :tones, :palette,
      keyword_init: true
    ) do
      # @param name [Symbol] a length of these  @param width_mm [Float, nil] it has now
      # @return [Float, nil] mm
      def grown(name, width_mm) = self[name] && self[name] * growth(width_mm)

      private

      def growth(now_mm) = now_mm ? now_mm / (width_mm || now_mm) : 1
    end
  end
end
