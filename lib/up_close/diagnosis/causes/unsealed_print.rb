# frozen_string_literal: true

module UpClose
  module Diagnosis
    module Causes
      # Inkjet ink runs in water until it is sealed.
      class UnsealedPrint < Cause
        key "unsealed-print"
        title "The print was not sealed before its soak"
        usual 1.0
        looks_like "colours run out over the film's edge"
        tell_apart "it ran in the water, before any finish"
        leads_to "ran" => 0.9, "bled" => 0.2, "smeared" => 0.1, "lost" => 0.08
        happens { |f| f.residue == :film && f.choice.inkjet? }
        weighs { |f|
          if f.choice.picked.key?(:seal_print)
            (f.choice.picked[:seal_print] == :bare) ?
              [9.0, "printed by inkjet and not sealed"] :
              [0.2, "sealed before the soak"]
          end
        }
        weighs { |f| early(f, "print_rest", "print_dry") if f.choice.picked[:seal_print] != :bare }
        shows rim: 1.3, everywhere: 1.2
        answers "edge-look", "double" => 0.02, "soft" => 0.93, "shiny" => 0.05
        answers "coat-touch", "dents" => 0.3, "hard" => 0.7
        rescued { nil }
        next_time {
          change "Three light coats over the print before you cut it, dry between them.", step: "print_dry",
            words: "Then three light coats over the print."
        }
      end
    end
  end
end
