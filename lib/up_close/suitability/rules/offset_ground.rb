# frozen_string_literal: true

module UpClose
  module Suitability
    module Rules
      # Wet ink must sink in: bare or chalky, porous, smooth.
      module OffsetGround
        module_function

        # @param situation [Situation]  @return [Finding, nil]
        def call(situation)
          return unless situation.transfer_method.wants_ground == :porous && situation.material && situation.finish
          if situation.finish.chalky? ||
              (situation.material.porous? && !situation.finish.coated? && !situation.finish.glossy?)
            return
          end
          closed = situation.finish.coated? ? situation.finish.title : situation.ground_words
          Finding.stop(
            :offset_ground, "The ground",
            figure: situation.ground_words,
            reason: "Wet ink has nothing to sink into on #{closed}: it slides about and never dries.",
            remedy: situation.material.porous? ? "Sand it back to bare #{situation.material.title}, or give it a " \
              "coat of chalky matt paint, or use water-slide film." : "Give it a coat of chalky matt paint, or use " \
                "water-slide film."
          )
        end
      end
    end
  end
end
