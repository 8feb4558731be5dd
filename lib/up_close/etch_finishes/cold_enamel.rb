# frozen_string_literal: true

module UpClose
  module EtchFinishes
    # Coloured resin in the etched ground. Fired enamel is left to those who fire.
    class ColdEnamel < Finish
      key "cold-enamel"
      listed 30
      title "Cold enamel in the ground"
      summary "Coloured two-part resin, poured into what is etched, then cut back flush. Needs 0.3 mm of depth or more."
      metals "copper", "brass", "silver", "steel", "stainless", "aluminium"

      work do |_|
        hands :mix_enamel, "Mix and pour the resin", "By weight, slowly; drop by drop from a needle, over the rim.",
          consumes: [coat("cold-enamel", 300, least: 3)], phase: :after, lasts: 180, each: over_trim(10, fixed: 120),
          cautions: %i[gloves_nitrile], look_for: "no bubble: a warm breath or a needle frees it.",
          never: "stir air into it."
        wait :enamel_sets, "Let it harden", "Level, covered, as its own sheet says.", phase: :after, lasts: 86_400..nil,
          dries: true, early: "It smears when it is cut back."
        hands :cut_back, "Cut it back flush", "400, then 1200 grit, wet, on a flat block; polish.",
          phase: :after, lasts: 120, each: over_trim(10, fixed: 180), cautions: %i[dust],
          look_for: "metal and colour in one plane."
      end
    end
  end
end
