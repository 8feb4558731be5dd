# frozen_string_literal: true

module UpClose
  module Diagnosis
    module Causes
      # A medium that has not set washes off.
      class Underbaked < Cause
        key "underbaked"
        lies_in "heat", "time"
        title "Not baked through"
        usual 0.8
        looks_like "the picture rubs off with the paper, soft to a nail"
        tell_apart "the paper came off quite white"
        leads_to "missing-spots" => 0.6, "lifted" => 0.5, "torn" => 0.4, "haze" => 0.2, "cracked" => 0.1
        happens { |f| f.does?("bake") }
        weighs { |f| early(f, "bake", "preheat") }
        shows middle: 1.2, everywhere: 1.3
        answers "metal-colour", "white" => 0.8, "cream" => 0.18, "brown" => 0.02
        answers "tape-test", "comes" => 0.8, "holds" => 0.2
        answers "smooth-skin", "skin" => 0.5, "bare" => 0.5
        rescued { save "leave the rest of the paper on and bake it once more, then go on" }
        next_time {
          change "Warm the oven through first; the full time from when it is warm again.", step: "bake",
            words: "Count from when the oven is warm again after the door."
        }
      end
    end
  end
end
