# frozen_string_literal: true

module UpClose
  module Diagnosis
    module Causes
      # The print itself was poor.
      class WornPrint < Cause
        key "worn-print"
        title { |f| f.choice.laser? ? "The print itself was pale or streaked" : "A clogged nozzle in the print" }
        usual 0.6
        looks_like "streaks or pale bands, always along the paper's way"
        tell_apart "a print that was not used shows it too"
        leads_to "faint" => 0.6, "patchy" => 0.5, "missing-spots" => 0.2, "lost" => 0.05, "ghost" => 0.1
        happens { |f| f.residue != :line }
        shows everywhere: 1.3, one_side: 1.2, solids: 1.2, along_grain: 0.8
        answers "print-itself", "same" => 0.93, "whole" => 0.07
        answers "left-on-sheet", "there" => 0.15, "gone" => 0.85
        rescued { save "take the best of the prints that are left" }
        next_time do |f|
          words = "Clean the nozzles and print its test first."
          words = "Shake or change the cartridge; print the densest setting." if f.choice.laser?
          change words, step: "print", words: "Look at the print against the light before you use it."
        end
      end
    end
  end
end
