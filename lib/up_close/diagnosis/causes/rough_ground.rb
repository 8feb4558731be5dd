# frozen_string_literal: true

module UpClose
  module Diagnosis
    module Causes
      # Only the high spots of a rough ground are touched.
      class RoughGround < Cause
        key "rough-ground"
        title { |f| "The #{f.family || "ground"} was too rough" }
        usual 1.0
        looks_like "many small bare spots, in the hollows"
        tell_apart "they follow the grain or the scratches"
        leads_to "missing-spots" => 0.85, "patchy" => 0.4, "faint" => 0.25, "lifted" => 0.1
        happens { |f| !%i[line foil].include?(f.residue) && f.residue != :film }
        weighs { |f|
          next unless f[:grit] && f.method_core.sands_to
          (f[:grit] < f.method_core.sands_to * 0.7) ?
            [5.0, "sanded to #{f[:grit]} grit; it wants #{f.method_core.sands_to}"] :
            [0.4, "sanded to #{f[:grit]} grit"]
        }
        weighs { |f| [2.0, "raw, grit unknown"] if f[:grit].nil? && f.choice.finish&.key == "raw" }
        shows along_grain: 4.0, rim: 0.6, one_side: 0.7, solids: 1.1
        answers "smooth-skin", "skin" => 0.15, "bare" => 0.85
        answers "along-grain", "follow" => 0.88, "anywhere" => 0.12
        answers "left-on-sheet", "there" => 0.75, "gone" => 0.25
        rescued { save "touch the spots up with a pencil or a fine pen" }
        next_time { |f|
          change "Sand to #{f.method_core.sands_to || 240} grit; feel for ridges.", step: "ground",
            words: "Feel for ridges with a fingertip, and sand until there are none."
        }
      end
    end
  end
end
