# frozen_string_literal: true

module UpClose
  module Artwork
    # What becomes of each main colour on a piece: whether it can be told from what surrounds
    # it, and whether it keeps its colour. Inks are filters: in linear light a colour A over a
    # surface S looks like A × S on clear film or as a bare transfer, and like
    # A × (w + (1 − w) S) on film backed with white, which is not fully opaque (handbook, “Artwork at its final size”).
    # Thresholds are starting values. Frozen.
    class ColoursOnPiece
      # how much of the light the white backing sends back itself
      BACKING = 0.85
      # nearer than this to what surrounds it, ΔE₀₀, ink cannot be told from it
      TOLD_APART = 10.0
      # two darks must lie further apart
      DARK = 45.0
      DARKS_APART = 25.0
      # less than this share of the ink is not named: where two colours meet
      NAMED_SHARE = 0.03
      # further than this from what was drawn, ΔE₀₀, it is another colour
      CHANGED = 18.0

      # One main colour: wanted and as it will be seen. Frozen.
      Seen = Value.define(:wanted, :predicted, :share, :lost, :changed)

      attr_reader :surface, :film

      # @param palette [Palette]  @param surface [Colour]  @param film [Symbol] :clear (or a bare transfer) or :white
      def initialize(palette, surface:, film: :clear)
        @palette, @surface, @film = palette, surface, film
        @seen = palette.colours.map { |colour, share| seen(colour, share) }.freeze
        freeze
      end

      # light that comes back through clear ink, 0..1 a channel
      def self.ground(surface, film)
        surface.reflectance.map { |s| (film == :white) ? BACKING + (1 - BACKING) * s : s }
      end

      # of several grounds the one on which most is lost, and of those the one that changes most
      # @param surfaces [Array<Colour>]  @param palette [Palette]
      # @return [Colour]
      def self.worst_of(surfaces, palette, film: :clear)
        return surfaces.first if surfaces.size == 1
        surfaces.max_by { |surface| new(palette, surface: surface, film: film).then { |on| [on.lost, on.changed] } }
      end

      # @param film [Symbol] :clear or :white  @return [ColoursOnPiece] the same on that film
      def on(film) = ColoursOnPiece.new(@palette, surface: surface, film: film)

      # what lies round the ink: the bare piece, or the white film's rim
      # @return [Colour]
      def surround = Colour.reflecting(ground)

      # share of the ink that cannot be told from what surrounds it
      def lost = @seen.sum { |seen| seen.lost ? seen.share : 0.0 }

      # dark ink alone on a dark piece: white beneath would make it dark words on a white patch
      def dark_on_dark? = surface.dark? && @palette.colours.all? { |colour, _| colour.dark? }

      # share of it that can be seen but is another colour than was drawn
      def changed = @seen.sum { |seen| (seen.changed && !seen.lost) ? seen.share : 0.0 }

      # @return [Array<String>] "the yellow turns brown", the largest first
      def turns
        named { |seen| seen.changed && !seen.lost }.map { |seen| "the #{seen.wanted.name} turns #{turned(seen)}" }.uniq
      end

      # @return [Array<String>] names of what cannot be seen on the piece
      def vanishing = named(&:lost).map { |seen| seen.wanted.name }.uniq

      # of each main colour: hex, share, ΔE₀₀ to what was drawn
      # @return [String]
      def figures
        @seen.map { |seen|
          "#{seen.wanted.to_hex} → #{seen.predicted.to_hex} ΔE " \
          "#{Working.number(seen.wanted.difference(seen.predicted), 1)}, #{(seen.share * 100).round} %"
        }
          .first(6)
          .join("; ")
      end

      private

      def named(&which)
        @seen.select(&which).select { |seen| seen.share >= NAMED_SHARE }.sort_by { |seen| -seen.share }
      end

      def ground = ColoursOnPiece.ground(surface, film)

      def seen(colour, share)
        predicted = Colour.reflecting(colour.reflectance.zip(ground).map { |a, s| a * s })
        Seen.new(colour, predicted, share, !apart?(predicted), colour.difference(predicted) > CHANGED).freeze
      end

      def apart?(predicted)
        needed = ([predicted, surround].all? { |colour| colour.lightness < DARK }) ? DARKS_APART : TOLD_APART
        predicted.difference(surround) >= needed
      end

      # a darker kind of itself where it keeps its name
      def turned(seen) = (seen.predicted.name == seen.wanted.name) ? "much darker" : seen.predicted.name
    end
  end
end
