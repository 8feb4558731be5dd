# frozen_string_literal: true

module UpClose
  module Diagnosis
    module Causes
      # Lacquer or paper left in the gaps keeps the bath off.
      class ResidueInGaps < Cause
        key "residue-in-gaps"
        title "Something was left in the gaps"
        usual 0.9
        looks_like "bridges between lines, metal still bright there"
        tell_apart "a nail scrapes something off"
        leads_to "underetched" => 0.55, "haze" => 0.5, "smeared" => 0.08
        happens { |f| f.residue == :resist }
        weighs { |f| under(f[:gap_mm], f[:gap_limit_mm], "narrowest gap") }
        shows thin_lines: 1.6
        answers "wet-look", "clears" => 0.6, "stays" => 0.4
        answers "pits-look", "pinhole" => 0.4, "undercut" => 0.3, "bubble" => 0.3
        rescued { save "scratch the gap free with a ball pen, then etch on" }
        next_time { |f|
          change "Clear the gaps under a lamp before the bath.", step: f.does?("clear") ? "clear" : "touch_up",
            words: "Each gap bright under a lamp before the bath."
        }
      end
    end
  end
end
