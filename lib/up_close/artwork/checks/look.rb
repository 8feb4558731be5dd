# frozen_string_literal: true

module UpClose
  module Artwork
    module Checks
      # Whether it can be told from the piece, and whether it keeps its colours.
      module Look
        LISTED = 110
        COARSE = true
        LITTLE = 0.1
        MOST = 0.5

        module_function

        # @param subject [CheckContext]  @return [Finding, nil] nil where there is nothing to look at
        def call(subject)
          here = subject.look or return
          colours = here.colours
          words = LookWords.new(colours, subject.white_film?, asked: subject.show_through, toned: subject.kind.toned?)
          Finding.new(
            key: :look,
            title: "Look on the piece",
            verdict: verdict(colours, white_film: subject.white_film?, asked: subject.show_through),
            figure: "ΔE #{Working.number(here.difference, 1)}",
            value: colours.lost * 100,
            unit: "% lost",
            limit: LITTLE * 100,
            working: working(here),
            reason: words.reason,
            remedy: words.remedy
          )
        end

        # What is lost and what is another colour, each by its share of the ink, held against what was asked for. While
        # nobody has said: that colours take on the piece's own is what methods without white film are chosen for; it
        # is told, and stops nothing.
        # @param colours [ColoursOnPiece]  @param white_film [Boolean] whether its method has one
        # @param asked [ShowThrough::Answer, nil]  @return [Symbol]
        def verdict(colours, white_film:, asked: nil)
          return verdict_asked(colours, asked) if asked
          return :stop if colours.lost > MOST || (white_film && colours.changed > MOST)
          ([colours.lost, colours.changed].max > LITTLE) ? :watch : :fine
        end

        def verdict_asked(colours, asked)
          held = [[colours.lost, asked.loses], [colours.changed, asked.changes]]
          return :stop if held.any? { |share, most| most && share > most }
          (held.any? { |share, most| most && share > LITTLE }) ? :watch : :fine
        end

        # @param look [PredictedLook]  @return [Working]
        def working(look)
          backing = ColoursOnPiece::BACKING
          w = (look.film == :white) ? " × (#{backing} + #{Working.number(1 - backing)} S)" : " × S"
          Working.new(
            "linear light: ink#{w}, S = #{look.surface.to_hex}; #{look.colours.figures}; mean ΔE₀₀ to what was " \
            "drawn #{Working.number(look.difference, 1)}; " \
              "lightness L* apart from its surround #{Working.number(look.contrast, 1)}",
            source: "nearer than ΔE #{Working.number(ColoursOnPiece::TOLD_APART)} to its surround " \
              "(#{Working.number(ColoursOnPiece::DARKS_APART)} among darks) counts as lost, " \
              "over #{Working.number(ColoursOnPiece::CHANGED)} from what was drawn as another colour: starting values"
          )
        end
      end
    end
  end
end
