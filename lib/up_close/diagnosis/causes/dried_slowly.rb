# frozen_string_literal: true

module UpClose
  module Diagnosis
    module Causes
      # A wet foil picture that dries slowly cracks.
      class DriedSlowly < Cause
        key "dried-slowly"
        title "It dried too slowly after the peel"
        usual 1.0
        looks_like "cracks all over, fine as hair"
        tell_apart "it was whole when the paper came off"
        leads_to "cracked" => 0.88, "lifted" => 0.1
        happens { |f| f.residue == :foil }
        weighs { |f| late(f, "dry") }
        weighs { |f| [1.5, "#{f[:humidity].round} % humidity"] if f[:humidity] && f[:humidity] > 75 }
        answers "waste-film", "cracks" => 0.4, "bends" => 0.6
        answers "coat-touch", "dents" => 0.3, "hard" => 0.7
        rescued { save "warm air at once, moving", within_s: 120, since: "peel" }
        next_time {
          change "Warm air at once, until no place is cool.", step: "dry",
            words: "At once, moving, until no place is cool."
        }
      end
    end
  end
end
