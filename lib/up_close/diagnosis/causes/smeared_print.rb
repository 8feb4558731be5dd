# frozen_string_literal: true

module UpClose
  module Diagnosis
    module Causes
      # A wet print that was touched.
      class SmearedPrint < Cause
        key "smeared-print"
        title "The wet print was touched"
        usual 0.6
        looks_like "one smear, with the line of a finger"
        tell_apart "the sheet shows the smear too"
        leads_to "smeared" => 0.75, "missing-spots" => 0.25
        happens { |f| f.residue == :dye_ink || (f.residue == :film && f.choice.inkjet?) }
        weighs { |f| early(f, "print_dry") }
        shows rim: 1.6, one_side: 1.3, everywhere: 0.3
        answers "print-itself", "same" => 0.4, "whole" => 0.6
        answers "edge-look", "double" => 0.15, "soft" => 0.55, "shiny" => 0.3
        rescued { save "take another print" }
        next_time {
          change "Hold it by the edges, and have a clean place ready for the next.", step: "trim",
            words: "By the edges; a clean place ready for it."
        }
      end
    end
  end
end
