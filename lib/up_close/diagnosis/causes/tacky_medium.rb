# frozen_string_literal: true

module UpClose
  module Diagnosis
    module Causes
      # What a print is laid into dries at its face first, and then takes no toner.
      class TackyMedium < Cause
        key "tacky-medium"
        lies_in "wait"
        title { |f| "The #{f.medium} had gone tacky" }
        usual 1.2
        looks_like "bare spots with soft rims, first where it was spread first"
        tell_apart "a smooth skin is left on the bare spots"
        leads_to "missing-spots" => 0.85, "patchy" => 0.3, "bubbles" => 0.2, "torn" => 0.12, "lifted" => 0.15
        happens { |f| f.does?("spread", "coat") && f.does?("lay") }
        weighs { |f| late(f, "lay") }
        weighs { |f| [1.5, "a warm room dries it sooner"] if f[:temperature_c].to_f > 25 }
        weighs { |f| [1.5, "large: it dries while it is spread"] if f.area_mm2.to_f > 15_000 }
        shows rim: 1.8, everywhere: 1.3, along_grain: 0.6, thin_lines: 0.7
        answers "smooth-skin", "skin" => 0.85, "bare" => 0.15
        answers "along-grain", "follow" => 0.15, "anywhere" => 0.85
        answers "left-on-sheet", "there" => 0.85, "gone" => 0.15
        rescued { |f|
          if f.residue == :medium
            save "wash the #{f.medium} off now",
              within_s: 1200, since: "lay", then_words: "then sand back"
          end
        }
        next_time { |f|
          window = f.step("lay")&.latest_s
          change "Trim first. Lay it within #{Diagnosis.span(window || 180)} of the #{f.medium}.", step: "lay",
            words: "Trimmed and at hand before the #{f.medium} is spread."
        }
      end
    end
  end
end
