# frozen_string_literal: true

module UpClose
  module Artwork
    # What becomes of an artwork's colours on a piece, in words: said alike by the check of the
    # artwork and by the rule that compares methods.
    class LookWords
      LITTLE = 0.1
      NAMED = 3
      IN_WHITE = "Make it white: the ways to are pictured with the artwork."

      # @param colours [ColoursOnPiece]  @param white_film [Boolean] whether this method could use white film
      # @param asked [ShowThrough::Answer, nil] what may show through
      # @param toned [Boolean] whether it holds a photograph, which cannot be made white
      def initialize(colours, white_film, asked: nil, toned: false)
        @colours, @white_film, @asked = colours, white_film, asked
        @in_white = colours.dark_on_dark? && !toned
      end

      def reason = [lost, changed, fine].compact.first(2).join(" ")

      def remedy
        return if wrong <= LITTLE
        return "Choose deeper colours." if white?
        return "Make it lighter or darker than the piece, or ask for “Colours kept”." if asked_to_change?
        return IN_WHITE if @in_white
        if @white_film
          "Use white film, or paint a light ground first."
        else
          "Paint a light ground first, or choose water-slide on white film."
        end
      end

      private

      # the largest share that is not as it was asked for
      def wrong = [(@colours.lost unless asked_to_lose?), (@colours.changed unless asked_to_change?)].compact.max || 0.0

      def asked_to_lose? = @asked && @asked.loses.nil?

      def asked_to_change? = @asked && @asked.changes.nil?

      def white? = @colours.film == :white

      def lost
        return if @colours.lost <= LITTLE
        vanishing = @colours.vanishing.first(NAMED).join(", ")
        return "#{share(@colours.lost)} of it melts into the piece (#{vanishing}), as you asked." if asked_to_lose?
        "#{share(@colours.lost)} of it cannot be seen on the piece (#{vanishing}).#{other}"
      end

      def changed
        return if @colours.changed <= LITTLE
        named = @colours.turns.first(NAMED).join(", ")
        return "#{named.sub(/\A./, &:upcase)}: as you asked." if asked_to_change?
        "#{share(@colours.changed)} of it changes colour: #{named}.#{other unless lost}"
      end

      # what the other film would do, where there is one
      def other
        return if white? || !@white_film || @in_white
        white = @colours.on(:white)
        " White film keeps #{share([1 - white.lost - white.changed, 0].max)}, with a white rim where you cut."
      end

      def fine
        return if lost || changed
        seen = share(1 - @colours.lost)
        return "#{seen} of it can be seen on the piece, and it keeps its colours." unless white?
        "#{seen} of it can be seen, with a white rim where you cut. Clear would keep " \
        "#{share([1 - @colours.on(:clear).lost - @colours.on(:clear).changed, 0].max)}."
      end

      def share(part) = "#{(part * 100).round} %"
    end
  end
end
