# frozen_string_literal: true

module UpClose
  module Diagnosis
    module Causes
      # Fibres that were not taken off show white when dry.
      class PaperLeft < Cause
        key "paper-left"
        title "Paper fibres are left on it"
        usual 1.3
        looks_like "a white haze that comes back each time it dries"
        tell_apart "it is clear while it is wet"
        leads_to "haze" => 0.95, "whitened" => 0.06, "lost" => 0.03
        happens { |f| f.does?("roll") || (f.residue == :resist && f.does?("peel")) }
        weighs { |f|
          if f.seen[:haze]
            (f.seen[:haze] > 0.08) ?
              [2.0, "a haze over #{(f.seen[:haze] * 100).round} % in the photo"] :
              [0.6, "little haze in the photo"]
          end
        }
        shows everywhere: 1.3, middle: 1.2
        answers "wet-look", "clears" => 0.92, "stays" => 0.08
        rescued { save "wet it and roll once more; what is left goes clear under the finish" }
        next_time {
          change "Look at it dry before you seal it; roll once more where it is white.", step: "roll",
            words: "Let it dry and look: white is paper. Wet it and roll once more."
        }
      end
    end
  end
end
