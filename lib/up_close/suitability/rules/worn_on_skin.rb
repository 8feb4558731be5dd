# frozen_string_literal: true

module UpClose
  module Suitability
    module Rules
      # Alloys and coats that touch skin.
      module WornOnSkin
        module_function

        # @param situation [Situation]  @return [Finding, nil]
        def call(situation)
          return unless situation.used?("skin") && situation.material&.family == :metal
          Finding.watch(
            :worn_on_skin, "On the skin",
            figure: situation.material.title,
            reason: "Nickel and unknown alloys irritate skin; a worn coat does not protect.",
            remedy: "Find out which alloy it is. Mark the side that does not touch the skin."
          )
        end
      end
    end
  end
end
