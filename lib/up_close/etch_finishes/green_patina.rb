# frozen_string_literal: true

module UpClose
  module EtchFinishes
    # Copper green grown in salt and vinegar's vapour.
    class GreenPatina < Finish
      key "green-patina"
      listed 40
      title "Green patina"
      summary "Salt and the vapour of vinegar grow green on copper and brass within a day or two."
      metals "copper", "brass"

      work do |_|
        hands :salt, "Wet it and salt it", "A mist of water, fine salt, on a rack in a lidded box above vinegar.",
          consumes: [coat("vinegar", 800, least: 50)], phase: :after, lasts: 180, each: 60, cautions: %i[patina],
          look_for: "salt on every face that is to be green."
        wait :green_grows, "Let the green grow", "Lid on, away from people and animals.", phase: :after,
          lasts: 86_400..nil, early: "It is blue and powdery yet."
        wait :green_dry, "Dry it in the air", "Untouched.", phase: :after, lasts: 43_200..nil, dries: true,
          early: "It rubs off until it is dry."
      end
    end
  end
end
