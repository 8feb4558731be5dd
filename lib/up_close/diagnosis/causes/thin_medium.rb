# frozen_string_literal: true

module UpClose
  module Diagnosis
    module Causes
      # Too little of it leaves places without any.
      class ThinMedium < Cause
        key "thin-medium"
        title { |f| "Too little #{f.medium} in places" }
        usual 0.5
        looks_like "bare places with hard edges, in strokes of the brush"
        tell_apart "nothing lies on them, and they do not follow the grain"
        leads_to "missing-spots" => 0.75, "patchy" => 0.4, "lifted" => 0.2
        happens { |f| f.does?("spread", "coat") && !%i[film foil].include?(f.residue) }
        shows rim: 1.4, one_side: 1.3, along_grain: 0.7
        answers "smooth-skin", "skin" => 0.12, "bare" => 0.88
        answers "along-grain", "follow" => 0.25, "anywhere" => 0.75
        answers "left-on-sheet", "there" => 0.85, "gone" => 0.15
        rescued { nil }
        next_time { |f|
          change "Look along the coat against the light before you lay it.",
            step: f.does?("spread") ? "spread" : "coat",
            words: "Look along it against the light: no dull place."
        }
      end
    end
  end
end
