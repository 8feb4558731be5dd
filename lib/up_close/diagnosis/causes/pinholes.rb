# frozen_string_literal: true

module UpClose
  module Diagnosis
    module Causes
      # A resist with holes lets the bath through.
      class Pinholes < Cause
        key "pinholes"
        title "The resist had pinholes"
        usual 1.1
        looks_like "pits the size of a needle in what was to stay"
        tell_apart "each pit lies under a hole in the resist"
        leads_to "pitted" => 0.9, "broken-through" => 0.3
        happens { |f| f.residue == :resist || f.choice.purpose&.key == "resist" }
        shows solids: 2.0, thin_lines: 0.7
        answers "pits-look", "pinhole" => 0.88, "undercut" => 0.04, "bubble" => 0.08
        rescued { save "rinse, dry, close the holes with the pen, and etch on" }
        next_time {
          change "Hold it against a lamp and close each pinhole with the pen before the bath.", step: "touch_up",
            words: "Against a lamp: close each pinhole."
        }
      end
    end
  end
end
