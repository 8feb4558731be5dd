# frozen_string_literal: true

module UpClose
  module Artwork
    # What the checks look at: an artwork at its final size, what must hold it,
    # and what it goes on. Works things out once, when asked.
    class CheckContext
      attr_reader :artwork, :width_mm, :limits, :film, :border_mm, :lettering, :proof, :kind, :purpose, :printer,
        :show_through

      # @param artwork [Drawing, Picture]  @param width_mm [Float] of its ink
      # @param limits [Methods::Limits]
      # @param film [Symbol] :white when backed with white, else :clear (film or bare transfer)
      # @param surface [Colour, nil] what shows through
      # @param more_colours [Array<Colour>] what else does: the one on which most is lost is judged
      # @param border_mm [Float, nil] paper left round the ink
      # @param lettering [Hash, nil] {cap_mm:, x_mm:, small:} at this size
      # @param white_film [Boolean] whether its method can be done on white film
      # @param inked [Boolean] whether printed colours end on the piece
      # @param kind [Symbol, nil] what its maker says it is, one of Kind::KINDS
      # @param show_through [String, nil] key of ShowThrough, where it was said
      # @param purpose [Symbol] key of Purposes  @param printer [Symbol] :laser or :inkjet
      # @param per_mm [Float, nil] pixels a millimetre to look at, where it need not be told how fine anything is
      def initialize(
        artwork:, width_mm:, limits:, film: :clear, surface: nil, border_mm: nil, lettering: nil, white_film: true,
        inked: true, more_colours: [], kind: nil, purpose: :picture, printer: :laser,
        show_through: nil, per_mm: nil
      )
        @kind, @purpose, @printer = Kind.of(artwork, kind), purpose, printer
        @show_through = ShowThrough.fetch(show_through)
        @artwork, @width_mm, @limits, @film, @border_mm, @lettering =
          artwork, width_mm, limits, film, border_mm, lettering
        @surfaces = [surface, *more_colours].compact
        @white_film, @inked = white_film, inked
        @proof = SizedRaster.new(
          artwork, width_mm: width_mm, per_mm: per_mm, lightest: limits[:lightest], kind: @kind,
          finest_mm: %i[line_mm gap_mm].map { |name| looked_for(name) }.min
        )
      end

      # what shows through; of several colours the one on which most of the artwork is lost
      # @return [Colour, nil]
      def surface
        return @surfaces.first if @surfaces.size < 2
        @surface ||= ColoursOnPiece.worst_of(@surfaces, plain_palette, film: film)
      end

      # the width that all but as much of its lines as stops a method exceeds
      # @return [Float, nil] mm; nil for a photograph, which has no lines of its own
      def mostly_over_mm = kind.photograph? ? nil : thinness.width_at(Checks::Thin::STOP_SHARE) * width_mm

      # the width that 99 % of the length of its lines exceeds
      # @return [Float, nil] mm; nil for a photograph
      def finest_mm = kind.photograph? ? nil : (thinness.thinnest || thinness.reached) * width_mm

      # where it is thin at this size, and how thin it is at any; a limit of none is looked at as the usual one
      # @return [Thinness::Survey]
      def thin_ink = @thin_ink ||= survey(:line_mm, false)

      # @return [Thinness::Survey]
      def thin_ground = @thin_ground ||= survey(:gap_mm, true)

      # @param ground [Boolean] the gaps instead of the ink
      # @return [Thinness::Profile]
      def thinness(ground: false)
        Thinness::Profile.of(artwork, ground: ground, lightest: limits[:lightest], kind: @kind)
      end

      def white_film? = @white_film

      def inked? = @inked

      # @return [Solids]
      def solids = @solids ||= Solids.new(proof)

      # @param finest [Float] mm  @return [Float] share of a picture's detail that is finer, 0..1
      def finer_detail(finest) = (@detail ||= FineDetail.new(proof)).lost_under(finest)

      # @return [PredictedLook, nil]
      def look = surface && inked? && (@look ||= PredictedLook.new(proof, surface: surface, film: film))

      # @return [Lines] as a pen follows them
      def lines = @lines ||= Lines.new(proof)

      # @return [Palette] its main colours
      def palette = look ? look.palette : plain_palette

      # @return [Whites]
      def whites = @whites ||= Whites.new(artwork)

      private

      def plain_palette = @plain_palette ||= PredictedLook.new(proof, surface: Colour::WHITE).palette

      # a limit of none is looked at as the usual one, mm
      def looked_for(name) = limits[name] || Methods::Limits::USUAL[name]

      # specks are up to twice as wide as the limit, and so are looked for by wider discs
      def survey(name, ground)
        Thinness::Survey.new(
          proof,
          limit_mm: looked_for(name),
          ground: ground,
          coarsest: ground ? 0 : 2
        )
      end
    end
  end
end
