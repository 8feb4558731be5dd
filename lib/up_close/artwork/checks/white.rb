# frozen_string_literal: true

module UpClose
  module Artwork
    module Checks
      # Printers have no white.
      module White
        LISTED = 100
        LITTLE = 0.005

        module_function

        # as light as a piece must be for bare places to pass for white
        NEAR_WHITE = 92

        # @param subject [CheckContext]  @return [Finding, nil] nil where there is nothing to look at
        def call(subject)
          return unless subject.inked?
          share = subject.whites.inside
          lost = share > LITTLE && subject.film == :clear && !light?(subject.surface) && !asked?(subject)
          Finding.new(
            key: :white,
            title: "White inside the outline",
            verdict: lost ? :watch : :fine,
            figure: "#{Working.number(share * 100, 1)} %",
            value: share * 100,
            unit: "%",
            limit: LITTLE * 100,
            working: Working
              .new("opaque white not open to the border ÷ all that is opaque = #{Working.number(share * 100, 1)} %"),
            reason: reason(share > LITTLE, subject),
            remedy: lost ? remedy(subject) : nil
          )
        end

        # @return [Boolean] the piece is wanted to show through
        def asked?(subject) = subject.show_through && subject.show_through.changes.nil?

        # @param surface [Colour, nil]  @return [Boolean] near enough to white to stand in for it
        def light?(surface) = !surface.nil? && surface.lightness >= NEAR_WHITE

        # @param used [Boolean] white inside the outline is counted on  @return [String]
        def reason(used, subject)
          return "The design needs no white." unless used
          return "The white of the film shows there." if subject.film == :white
          if light?(subject.surface)
            "The piece itself is nearly white there."
          else
            "Printers have no white ink. The piece shows there#{", as you asked" if asked?(subject)}."
          end
        end

        # @param subject [CheckContext]  @return [String]
        def remedy(subject)
          if subject.white_film?
            "Use white film, or accept the piece's colour there."
          else
            "Paint a white ground first, or accept the piece's colour there."
          end
        end
      end
    end
  end
end
