# frozen_string_literal: true

module UpClose
  module Diagnosis
    module Causes
      # An iron left to stand.
      class Scorched < Cause
        key "scorched"
        lies_in "heat", "time"
        title "The iron stood too long in one place"
        usual 0.8
        looks_like "brown in the shape of the iron"
        tell_apart "the edge of the brown is the iron's"
        leads_to "brown" => 0.9, "yellowed" => 0.3
        happens { |f| f.does?("press") && f.method_core.heat_c && f.family != :metal }
        weighs { |f| late(f, "press") if f.time("press")&.most_s }
        shows one_side: 1.6, middle: 1.3
        answers "metal-colour", "white" => 0.05, "cream" => 0.15, "brown" => 0.8
        rescued { save "sand the brown off when it is cold" }
        next_time {
          change "Lift and set down; a sheet of baking paper between.", step: "press",
            words: "Lift and set down, never stand still."
        }
      end
    end
  end
end
