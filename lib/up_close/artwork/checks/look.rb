# frozen_string_literal: true

module UpClose
  module Artwork
    module Checks
      # Whether it can be seen on the piece, and on which film.
      module Look
        LITTLE = 0.1
        MOST = 0.5

        module_function

        def call(subject)
          here = subject.look or return
          Finding.new(key: :look, title: "Look on the piece", verdict: verdict(here), figure: "ΔE #{Working.number(here.difference, 1)}", value: here.lost * 100, unit: "% lost", limit: LITTLE * 100,
            working: working(here), reason: Sentence.new(here).call, remedy: remedy(here))
        end

        def verdict(look)
          return :stop if look.lost > MOST
          (look.lost > LITTLE) ? :watch : :fine
        end

        def working(look)
          w = (look.film == :white) ? " × (#{Artwork::Look::BACKING} + #{Working.number(1 - Artwork::Look::BACKING)} S)" : " × S"
          Working.new("linear light: ink#{w}, S = #{look.surface.to_hex}; mean ΔE₀₀ to what was drawn #{Working.number(look.difference, 1)}; lightness L* apart from its surround #{Working.number(look.contrast, 1)}",
            source: "nearer than ΔE #{Working.number(Artwork::Look::TOLD_APART)} counts as lost, a starting value")
        end

        def remedy(look)
          return if look.lost <= LITTLE
          (look.film == :white) ? "Choose deeper colours." : "Use white film, or paint a light ground first."
        end

        # which film, and why
        class Sentence
          NAMES = {clear: "Clear film or bare", white: "White film"}.freeze

          def initialize(look)
            @here, @other = look, look.on((look.film == :white) ? :clear : :white)
          end

          def call
            return "#{share(@here)} of it cannot be told from the piece. #{NAMES[@other.film]} keeps #{kept(@other)}#{", with a white rim where you cut" if @other.film == :white}." if @here.lost > LITTLE
            (@here.film == :white) ? "#{kept(@here)} of it can be seen, with a white rim where you cut. Clear would keep #{kept(@other)}." : "#{kept(@here)} of it can be seen without white film."
          end

          private

          def share(look) = "#{(look.lost * 100).round} %"

          def kept(look) = "#{((1 - look.lost) * 100).round} %"
        end
      end
    end
  end
end
