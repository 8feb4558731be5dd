# frozen_string_literal: true

module UpClose
  module Diagnosis
    module Causes
      # Air that was not pressed out.
      class TrappedAir < Cause
        key "trapped-air"
        title "Air was trapped under it"
        usual 1.0
        looks_like "round pale places that stand up"
        tell_apart "they give under a fingertip"
        leads_to "bubbles" => 0.92, "silvering" => 0.25, "missing-spots" => 0.2, "wrinkles" => 0.1, "lifted" => 0.1
        happens { |f| %i[film medium tape foil].include?(f.residue) || f.method_core.key == "lacquer-pull" }
        weighs { |f| [1.4, "large: laid in one touch"] if f.area_mm2.to_f > 10_000 }
        shows middle: 1.8, rim: 0.7
        answers "press-bubble", "soft" => 0.85, "hard" => 0.05, "blister" => 0.1
        answers "wet-look", "clears" => 0.3, "stays" => 0.7
        answers "ground-sheen", "matt" => 0.35, "gloss" => 0.65
        rescued { |f|
          (f.residue == :film) ?
            save("prick it with a needle, wet it, press it down from the middle", within_s: 600, since: "press") :
            save("prick it and press it down")
        }
        next_time { |f|
          change "Touch down in the middle, then outward; press from the middle out.",
            step: %w[press burnish place lay].find { |k| f.does?(k) },
            words: "From the middle out, twice."
        }
      end
    end
  end
end
