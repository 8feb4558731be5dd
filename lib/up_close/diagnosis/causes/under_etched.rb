# frozen_string_literal: true

module UpClose
  module Diagnosis
    module Causes
      # A bath that is cold, spent or short.
      class UnderEtched < Cause
        key "under-etched"
        title "The bath was cold, spent or too short"
        usual 1.0
        looks_like "shallow all over"
        tell_apart "it is even, only not deep"
        leads_to "underetched" => 0.95
        happens { |f| f.residue == :resist || f.choice.purpose&.key == "resist" }
        weighs { |f| early(f, "etch", "bath") }
        weighs { |f| [1.8, "room #{f[:temperature_c].round} °C"] if f[:temperature_c] && f[:temperature_c] < 16 }
        shows everywhere: 1.4
        answers "pits-look", "pinhole" => 0.3, "undercut" => 0.3, "bubble" => 0.4
        rescued { save "back into the bath before the resist is off" }
        next_time { change "Warm the bath, and take its time from a test strip." }
      end
    end
  end
end
