# frozen_string_literal: true

module UpClose
  module Diagnosis
    module Causes
      # A hand too light, or a spent carbon sheet.
      class LightHand < Cause
        key "light-hand"
        title "Drawn too lightly, or the sheet is spent"
        usual 1.2
        looks_like "lines pale or broken, in the right place"
        tell_apart "going over them again helps"
        leads_to "faint" => 0.85, "missing-spots" => 0.7
        happens { |f| f.residue == :line }
        answers "along-grain", "follow" => 0.4, "anywhere" => 0.6
        rescued { save "go over it once more before the paper is off" }
        next_time { |f|
          change "A harder point, a fresh sheet.", step: f.does?("trace") ? "trace" : "draw",
            words: "A hard point, a fresh sheet; lift a corner and look."
        }
      end
    end
  end
end
