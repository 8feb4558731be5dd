# frozen_string_literal: true

module UpClose
  module Suitability
    module Rules
      # Film lies down on gloss and traps air on anything rough.
      module SlideGround
        module_function

        def call(situation)
          return unless situation.method.key == "water-slide" && situation.finish
          smooth = situation.finish.glossy? || (situation.material&.family == :glass && !situation.finish.coated?)
          return if smooth
          Finding.new(key: :slide_ground, title: "The ground", verdict: :watch, figure: situation.finish.title,
            reason: "Film traps air on a ground that is not glossy, and shows it as silver patches.",
            remedy: "Give it two gloss coats first, let them harden, then set the finish to gloss or sealed.")
        end
      end
    end
  end
end
