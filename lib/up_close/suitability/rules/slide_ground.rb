# frozen_string_literal: true

module UpClose
  module Suitability
    module Rules
      # Film lies down on gloss and traps air on anything rough.
      module SlideGround
        # what is left of the chance, gloss coats and all: a starting value
        FACTOR = 0.9

        module_function

        # @param situation [Situation]  @return [Finding, nil]
        def call(situation)
          return unless situation.transfer_method.wants_ground == :gloss && situation.finish
          smooth = situation.finish.glossy? || (situation.material&.family == :glass && !situation.finish.coated?)
          return if smooth
          Finding.watch(
            :slide_ground, "The ground",
            figure: situation.finish.title,
            reason: "On a ground that is not glossy, film traps air. It shows as silver patches.",
            factor: FACTOR,
            remedy: "Two gloss coats come first; they are steps. If it must stay matt, a matt coat goes over the " \
              "film last."
          )
        end
      end
    end
  end
end
