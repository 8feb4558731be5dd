# frozen_string_literal: true

module UpClose
  module Suitability
    module Rules
      # What water and light do to what lies on the piece.
      module Weather
        module_function

        WEAK = {
          dye_ink: "Dye ink runs and fades",
          line: "A pencil or carbon line washes off",
          tape: "Tape lifts at its edge"
        }.freeze

        # @param situation [Situation]  @return [Finding, nil]
        def call(situation)
          return unless situation.used?("wet") || situation.used?("outdoors")
          words = WEAK[situation.left] or return
          Finding.watch(
            :weather, "Water and light",
            figure: situation.used?("outdoors") ? "outdoors" : "wet", reason: "#{words} there.",
            remedy: "Seal it well, with a coat made for outdoors; or choose toner, film or baked medium."
          )
        end
      end
    end
  end
end
