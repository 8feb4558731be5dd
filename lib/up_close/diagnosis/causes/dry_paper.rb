# frozen_string_literal: true

module UpClose
  module Diagnosis
    module Causes
      # Paper that is not wet through pulls the picture off.
      class DryPaper < Cause
        key "dry-paper"
        title "The paper was not wet through"
        usual 1.0
        looks_like "white spots on the sheet, and the same shapes missing"
        tell_apart "a white spot is dry paper"
        leads_to "white-spots" => 0.85, "torn" => 0.45, "missing-spots" => 0.3
        happens do |f|
          f.does?("soak", "wet", "peel", "roll") && %i[foil resist medium tape].include?(f.residue) &&
            !(f.residue == :resist && f.method_core.heat_c)
        end
        weighs { |f| early(f, "soak") }
        shows middle: 1.6, one_side: 1.1, thin_lines: 0.6
        answers "left-on-sheet", "there" => 0.9, "gone" => 0.1
        rescued { save "wet it again and wait till it is evenly dark; then peel on", within_s: 60, since: "peel" }
        next_time { |f|
          change "Wet it until the back is evenly dark, then wait once more.", step: f.does?("soak") ? "soak" : "wet",
            words: "Until the back is evenly dark: a pale spot is dry."
        }
      end
    end
  end
end
