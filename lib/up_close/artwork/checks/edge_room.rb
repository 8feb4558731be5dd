# frozen_string_literal: true

module UpClose
  module Artwork
    module Checks
      # From the ink to where it is cut.
      module EdgeRoom
        LISTED = 130
        COARSE = true
        LEAST = 1.0

        module_function

        # @param subject [CheckContext]  @return [Finding, nil] nil where there is nothing to look at
        def call(subject)
          room = subject.border_mm or return
          short = room < LEAST
          Finding.new(
            key: :edge_room,
            title: "From ink to trim line",
            verdict: short ? :watch : :fine,
            figure: "#{Working.number(room, 1)} mm",
            value: room,
            unit: "mm",
            limit: LEAST,
            working: Working.new(
              "paper left round the ink by this method and school: #{Working.number(room)} mm",
              source: "a starting value"
            ),
            reason: short ? "A slip of the blade reaches the ink." : school(room),
            remedy: short ? "Leave #{Working.number(LEAST)} mm or more." : nil
          )
        end

        # @param room [Float] mm  @return [String] what that school of cutting is for
        def school(room)
          if room < 3
            "Cut close: the edge shows less, but sharp points tear more easily."
          else
            "Room to hold it by; gloss coats hide the edge."
          end
        end
      end
    end
  end
end
