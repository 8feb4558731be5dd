# frozen_string_literal: true

module UpClose
  module Suitability
    module Rules
      # Inks are filters: on a dark or coloured piece only white-backed film keeps colours. Says
      # what the check of the artwork says; black is judged, and never refused, while that has not been looked at.
      module Colours
        module_function

        # @param situation [Situation]  @return [Finding, nil]
        def call(situation)
          return unless situation.colour && situation.inked?
          film = situation.stock&.white? ? :white : :clear
          palette = situation.palette || Artwork::Palette.black
          grounds = [situation.colour, *situation.more_colours]
          worst = Artwork::ColoursOnPiece.worst_of(grounds, palette, film: film)
          colours = Artwork::ColoursOnPiece.new(palette, surface: worst, film: film)
          white = situation.transfer_method.stocks.any?(&:white?)
          verdict = Artwork::Checks::Look.verdict(colours, white_film: white, asked: situation.show_through)
          return if verdict == :fine
          words = Artwork::LookWords.new(colours, white, asked: situation.show_through, toned: situation.tones)
          Finding.new(
            key: :look, title: "Look on the piece", verdict: situation.palette ? verdict : :watch,
            figure: "#{(colours.lost * 100).round} % lost", value: colours.lost * 100,
            working: Working.new(colours.figures, source: "starting values"), reason: words.reason,
            remedy: words.remedy
          )
        end
      end
    end
  end
end
