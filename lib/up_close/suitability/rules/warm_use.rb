# frozen_string_literal: true

module UpClose
  module Suitability
    module Rules
      # A piece that gets hot in use.
      module WarmUse
        module_function

        SOFT = {film: "film", toner: "toner", tape: "tape", foil: "foil's glue"}.freeze

        # @param situation [Situation]  @return [Finding, nil]
        def call(situation)
          return unless situation.used?("warm")
          soft = SOFT[situation.left] or return
          Finding.watch(
            :warm_use, "Heat in use",
            figure: "gets hot", reason: "Heat softens #{soft}.",
            remedy: "Baked medium on metal stands heat; else seal it, and keep it off the hot part."
          )
        end
      end
    end
  end
end
