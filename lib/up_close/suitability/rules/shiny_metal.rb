# frozen_string_literal: true

module UpClose
  module Suitability
    module Rules
      # Toner wants a tooth on metal.
      module ShinyMetal
        module_function

        # @param situation [Situation]  @return [Finding, nil]
        def call(situation)
          return unless situation.transfer_method.wants_ground == :tooth
          return unless situation.finish&.key == "polished" || situation.material&.family == :glass
          Finding.watch(
            :shiny_metal, "The ground",
            figure: situation.ground_words,
            reason: "Toner does not stick to polished metal.", factor: 0.8,
            remedy: "Take the shine off with 400–600 grit, then degrease; no fingers after."
          )
        end
      end
    end
  end
end
