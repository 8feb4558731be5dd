# frozen_string_literal: true

module UpClose
  module Artwork
    module Checks
      # Opaque white round a picture on white-backed film.
      module HiddenBlock
        LISTED = 60
        MUCH = 0.05

        module_function

        # @param subject [CheckContext]  @return [Finding, nil] nil where there is nothing to look at
        def call(subject)
          return unless subject.film == :white
          share = subject.whites.block
          much = share > MUCH
          Finding.new(
            key: :hidden_rectangle,
            title: "White round the picture",
            verdict: much ? :watch : :fine,
            figure: "#{(share * 100).round} %",
            value: share * 100,
            unit: "%",
            limit: MUCH * 100,
            working: Working.new("opaque white that reaches the border ÷ the picture's box = " \
              "#{Working.number(share * 100, 1)} %; over #{(MUCH * 100).round} % shows", source: "a starting value"),
            reason: much ? "On white film it shows as a white block." : "No white block shows round it.",
            remedy: much ? "Cut along the outline, or clear the ground so that the outline is known." : nil
          )
        end
      end
    end
  end
end
