# frozen_string_literal: true

module UpClose
  module Suitability
    module Rules
      # A mark that hands rub, under no coat.
      module Handling
        module_function

        # @param situation [Situation]  @return [Finding, nil]
        def call(situation)
          unless situation.used?("handled") &&
              situation.sealer&.key == "none" &&
              %i[resist line worked].none?(situation.left)
            return
          end
          Finding.watch(
            :handling, "Handled a lot, left bare",
            figure: situation.transfer_method.wear, reason: "Hands rub it off.",
            remedy: "Give it two or three coats of spray acrylic clear."
          )
        end
      end
    end
  end
end
