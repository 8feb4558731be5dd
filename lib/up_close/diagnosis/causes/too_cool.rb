# frozen_string_literal: true

module UpClose
  module Diagnosis
    module Causes
      # Toner that is not hot enough does not let go of its sheet.
      class TooCool < Cause
        key "too-cool"
        lies_in "heat", "time"
        title { |f| (f.family == :metal) ? "The metal was too cool when the print was laid" : "Not hot enough" }
        usual 1.0
        looks_like "whole parts missing, often at the rim, where heat runs off"
        tell_apart "the ink is still on the sheet, dull and rough"
        leads_to "missing-spots" => 0.85, "faint" => 0.3, "lifted" => 0.3, "torn" => 0.2, "patchy" => 0.25
        happens { |f| f.method_core.heat_c && f.does?("press") }
        weighs { |f| late(f, "lay", "peek") }
        weighs { |f|
          next unless f[:temperature_c]
          (f[:temperature_c] < 14) ?
            [2.5, "room #{f[:temperature_c].round} °C: it cools fast"] :
            [0.8, "room #{f[:temperature_c].round} °C"]
        }
        weighs { |f| early(f, "warm") }
        shows rim: 2.2, one_side: 1.3, solids: 0.9, along_grain: 0.7
        answers "left-on-sheet", "there" => 0.92, "gone" => 0.08
        answers "metal-colour", "white" => 0.7, "cream" => 0.25, "brown" => 0.05
        answers "water-drop", "stands" => 0.3, "spreads" => 0.7
        rescued { |f|
          if f.residue == :resist
            save "while it is on: lay the sheet back, warm it, press again",
              within_s: 120, since: "press"
          end
        }
        next_time {
          change "Warm the piece right through first, and go straight from the heat to the press.", step: "warm",
            words: "Right through: thick pieces take longer."
        }
      end
    end
  end
end
