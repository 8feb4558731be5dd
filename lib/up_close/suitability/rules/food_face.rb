# frozen_string_literal: true

module UpClose
  module Suitability
    module Rules
      # No mark where food or lips touch.
      module FoodFace
        module_function

        # @param situation [Situation]  @return [Finding, nil]
        def call(situation)
          return unless situation.used?("food")
          Finding.watch(
            :food_face, "Food and lips",
            figure: "keep off",
            reason: "We call no finish food-safe.",
            remedy: "Keep the mark off the food face and the lip line; finish with what is sold for it."
          )
        end
      end
    end
  end
end
