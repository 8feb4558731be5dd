# frozen_string_literal: true

module UpClose
  module Diagnosis
    module Causes
      # Gas bubbles keep the bath off.
      class ClungBubbles < Cause
        key "clung-bubbles"
        title "Bubbles clung to the metal in the bath"
        usual 0.7
        looks_like "round shallow islands"
        tell_apart "round, as a bubble lies"
        leads_to "underetched" => 0.45, "pitted" => 0.35
        happens { |f| f.residue == :resist || f.choice.purpose&.key == "resist" }
        shows middle: 1.4, everywhere: 0.6
        answers "pits-look", "pinhole" => 0.06, "undercut" => 0.04, "bubble" => 0.9
        rescued { save "brush the bubbles off with a feather and etch on" }
        next_time { change "Face down, or brushed over every few minutes." }
      end
    end
  end
end
