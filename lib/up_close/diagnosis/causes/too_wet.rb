# frozen_string_literal: true

module UpClose
  module Diagnosis
    module Causes
      # Solvent that floods carries toner with it.
      class TooWet < Cause
        key "too-wet"
        title "Too much solvent"
        usual 1.0
        looks_like "smudged all round, a stain beyond the edges"
        tell_apart "edges are soft on every side, not double"
        leads_to "smeared" => 0.75, "bled" => 0.5, "faint" => 0.12, "patchy" => 0.2
        happens { |f| f.choice.transfer_method.solvent_in(f.choice) || f.method_core.solvent }
        weighs { |f|
          if f.seen[:shift_mm]
            (f.seen[:shift_mm] < 0.2) ? [1.5, "not doubled in the photo"] : [0.6, "doubled in the photo"]
          end
        }
        shows solids: 1.6, middle: 1.2
        answers "edge-look", "double" => 0.08, "soft" => 0.82, "shiny" => 0.1
        rescued { save "blot, do not wipe; let it flash off, then look again", within_s: 30, since: "rub" }
        next_time {
          change "Wet a small place, rub it dry at once, go on to the next.", step: "rub",
            words: "The pad damp, never dripping: press it out on paper first."
        }
      end
    end
  end
end
