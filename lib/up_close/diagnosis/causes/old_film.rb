# frozen_string_literal: true

module UpClose
  module Diagnosis
    module Causes
      # Film that is old or stiff cracks as it bends.
      class OldFilm < Cause
        key "old-film"
        title { |f| (f.residue == :foil) ? "The foil cracked" : "The film was old or stiff" }
        usual 0.8
        looks_like "fine cracks, most where it bends"
        tell_apart "a waste corner cracks too"
        leads_to "cracked" => 0.75, "torn" => 0.5, "lifted" => 0.15, "yellowed" => 0.1
        happens { |f| f.residue == :film }
        weighs { |f|
          [1.6, "cold, #{f[:temperature_c].round} °C: film is stiff"] if f[:temperature_c] && f[:temperature_c] < 13
        }
        answers "waste-film", "cracks" => 0.9, "bends" => 0.1
        answers "coat-touch", "dents" => 0.15, "hard" => 0.85
        answers "tape-test", "comes" => 0.5, "holds" => 0.5
        rescued {
          save "hold the parts together on the wet surface; gloss coats hide a fine crack",
            within_s: 120, since: "slide"
        }
        next_time {
          change "Warm water, a minute longer; one thin clear coat over old film before it is cut.", step: "soak",
            words: "Warm water, and a minute longer for an old sheet."
        }
      end
    end
  end
end
