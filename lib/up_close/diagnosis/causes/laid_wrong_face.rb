# frozen_string_literal: true

module UpClose
  module Diagnosis
    module Causes
      # Clear stock that was laid with its other face down.
      class LaidWrongFace < Cause
        key "laid-wrong-face"
        title "It was laid with the wrong face down"
        usual 0.5
        looks_like "mirror writing, though the sheet was right"
        tell_apart "the sheet reads as the bench card says"
        leads_to "wrong-way" => 0.9, "missing-spots" => 0.1, "lifted" => 0.1
        happens { |f| f.residue != :line }
        answers "sheet-reads", "reads" => 0.5, "turned" => 0.5
        rescued { |f|
          save "slide it off and turn it while it is wet", within_s: 120, since: "slide" if f.residue == :film
        }
        next_time { change "Mark the printed face with a tick in the border before you cut." }
      end
    end
  end
end
