# frozen_string_literal: true

module UpClose
  module Diagnosis
    module Causes
      # Grease, a fingerprint, or dust.
      class DirtyGround < Cause
        key "dirty-ground"
        title { |f| (f.family == :metal) ? "A finger on the metal after cleaning" : "Grease or dust on the ground" }
        usual 0.9
        looks_like "bare in one or two places of a fingertip's size, sound beside them"
        tell_apart "a drop of water stands on it"
        leads_to "missing-spots" => 0.85, "lifted" => 0.35, "bubbles" => 0.12, "pitted" => 0.2, "patchy" => 0.15
        happens { |f| f.residue != :line }
        weighs { |f|
          (f.family == :metal) ?
            [1.5, "metal shows each finger"] :
            [0.7, "#{f.family || "this ground"} forgives a finger"]
        }
        shows one_side: 2.2, rim: 1.3, everywhere: 0.3, along_grain: 0.4, solids: 0.8, thin_lines: 0.5
        answers "water-drop", "stands" => 0.75, "spreads" => 0.25
        answers "smooth-skin", "skin" => 0.3, "bare" => 0.7
        answers "tape-test", "comes" => 0.75, "holds" => 0.25
        answers "press-bubble", "soft" => 0.2, "hard" => 0.7, "blister" => 0.1
        rescued { |f|
          next unless f.residue == :resist
          save "touch it up with etch-proof pen; wipe the other pieces with alcohol now"
        }
        next_time {
          change "Wipe with alcohol last of all, and hold it by the edges.", step: "ground",
            words: "Wipe with alcohol last of all; then hold it by the edges only."
        }
      end
    end
  end
end
