# frozen_string_literal: true

module UpClose
  module Diagnosis
    module Causes
      # A medium that is baked too hot or too long burns.
      class Overbaked < Cause
        key "overbaked"
        lies_in "heat", "time"
        title "Baked too hot or too long"
        usual 1.0
        looks_like "yellow or brown all over, darkest at the rim"
        tell_apart "the paper came off brown; just off white is right"
        leads_to "yellowed" => 0.88, "brown" => 0.6, "bubbles" => 0.12, "cracked" => 0.08
        happens { |f| f.does?("bake") }
        weighs { |f| late(f, "bake") }
        weighs { |f| [1.6, "a heat gun overshoots"] if f.choice.picked[:bake] == :gun }
        shows everywhere: 1.5, rim: 1.2
        answers "metal-colour", "white" => 0.03, "cream" => 0.17, "brown" => 0.8
        rescued { nil }
        next_time {
          change "Put a thermometer beside the piece; out at 30 min, or when the paper is just off white.",
            step: "bake",
            words: "Out when the paper is just off white, whatever the clock says."
        }
      end
    end
  end
end
