# frozen_string_literal: true

module UpClose
  module EtchFinishes
    # The ground made dark by a patina, the faces rubbed bright again.
    class Darkened < Finish
      key "darkened"
      listed 10
      title "Dark ground, bright faces"
      summary "A patina darkens all of it; a flat block rubs the faces bright."
      metals "copper", "brass", "silver", "steel"

      work do |_|
        hands :patina, "Darken it", "The patina's own sheet says how strong and how warm; a rag or a brush, all over.",
          consumes: [coat("patina", 40, least: 5)], phase: :after, lasts: 120, each: over_trim(40, fixed: 30),
          cautions: %i[patina], look_for: "an even dark in the deepest lines.", faults: %w[pitted]
        wait :patina_rinse, "Rinse and dry", "Cold water, then a warm place.", phase: :after, lasts: 900..nil,
          dries: true, early: "What is wet goes on working, and streaks."
        hands :brighten, "Rub the faces bright", "600 grit, wet, on a flat block; then steel wool.",
          phase: :after, lasts: 60, each: over_trim(40, fixed: 60), cautions: %i[dust],
          look_for: "bright faces, dark ground, no scratch across."
      end
    end
  end
end
