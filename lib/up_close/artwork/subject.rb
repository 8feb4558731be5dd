# frozen_string_literal: true

module UpClose
  module Artwork
    # What the checks look at: an artwork at its final size, what must hold it,
    # and what it goes on. Works things out once, when asked.
    class Subject
      attr_reader :artwork, :width_mm, :limits, :film, :surface, :border_mm, :lettering, :proof

      # @param artwork [Drawing, Picture]  @param width_mm [Float] of its ink
      # @param limits [Methods::Limits]
      # @param film [Symbol] :white when backed with white, else :clear (film or bare transfer)
      # @param surface [Colour, nil] what shows through
      # @param border_mm [Float, nil] paper left round the ink
      # @param lettering [Hash, nil] {cap_mm:, x_mm:, small:} at this size
      def initialize(artwork:, width_mm:, limits:, film: :clear, surface: nil, border_mm: nil, lettering: nil)
        @artwork, @width_mm, @limits, @film, @surface, @border_mm, @lettering = artwork, width_mm, limits, film, surface, border_mm, lettering
        @proof = Proof.new(artwork, width_mm: width_mm)
      end

      def thin_ink = @thin_ink ||= Thinness::Survey.new(proof, limit_mm: limits[:line_mm])

      def thin_ground = @thin_ground ||= Thinness::Survey.new(proof, limit_mm: limits[:gap_mm], ground: true)

      # @return [Solids]
      def solids = @solids ||= Solids.new(proof)

      # @return [Look, nil]
      def look = surface && (@look ||= Look.new(proof, surface: surface, film: film))

      # @return [Whites]
      def whites = @whites ||= Whites.new(artwork)
    end
  end
end
