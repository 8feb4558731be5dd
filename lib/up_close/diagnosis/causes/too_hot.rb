# frozen_string_literal: true

module UpClose
  module Diagnosis
    module Causes
      # Toner that is too hot turns slippery, and wood scorches.
      class TooHot < Cause
        key "too-hot"
        lies_in "heat", "time"
        title "Too hot"
        usual 0.8
        looks_like "lines spread and shiny, or the ground tinted brown"
        tell_apart "the spread toner is shiny, and the sheet shows brown"
        leads_to "smeared" => 0.7, "brown" => 0.55, "yellowed" => 0.3, "bubbles" => 0.1, "torn" => 0.05
        happens { |f| f.method_core.heat_c && f.does?("press") }
        weighs { |f| late(f, "warm", "press") if f.time("warm")&.late_s || f.time("press")&.most_s }
        weighs { |f| [1.5, "the hottest, shortest school"] if f.choice.picked[:heat] == :hottest }
        shows middle: 1.5, everywhere: 1.1
        answers "edge-look", "double" => 0.1, "soft" => 0.2, "shiny" => 0.7
        answers "metal-colour", "white" => 0.1, "cream" => 0.3, "brown" => 0.6
        rescued { |f| save "wipe it off with acetone while it is warm, and start again" if f.residue == :resist }
        next_time {
          change "A notch cooler, and longer.", step: "press", words: "A notch cooler than last time, and longer."
        }
      end
    end
  end
end
