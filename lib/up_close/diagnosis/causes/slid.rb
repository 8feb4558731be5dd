# frozen_string_literal: true

module UpClose
  module Diagnosis
    module Causes
      # The sheet moved while it was pressed.
      class Slid < Cause
        key "slid"
        title "It slid while it was pressed"
        usual 1.0
        looks_like "the picture twice, side by side, or smeared one way"
        tell_apart "an edge is double, always the same way"
        leads_to "smeared" => 0.92, "crooked" => 0.3
        happens { |f| f.does?("lay", "rub", "press", "trace") && f.residue != :film && f.residue != :tape }
        weighs { |f|
          if f.seen[:shift_mm]
            (f.seen[:shift_mm] > 0.3) ?
              [4.0, "doubled by #{Working.number(f.seen[:shift_mm])} mm in the photo"] :
              [0.5, "not doubled in the photo"]
          end
        }
        weighs { |f| [1.3, "laid without a hinge"] unless f.does?("fix") }
        shows one_side: 1.6, solids: 0.8
        answers "edge-look", "double" => 0.85, "soft" => 0.08, "shiny" => 0.07
        answers "checked-lines", "on" => 0.7, "off" => 0.15, "lines" => 0.15
        rescued { |f|
          if f.method_core.on_a_miss == :again
            save "wipe it off while it is fresh, and lay another print",
              within_s: 120, since: "lay"
          end
        }
        next_time { |f|
          change "Tape one edge as a hinge, press straight down, never drag.", step: f.does?("fix") ? "fix" : "lay",
            words: "Taped along one edge; press straight down, never drag."
        }
      end
    end
  end
end
