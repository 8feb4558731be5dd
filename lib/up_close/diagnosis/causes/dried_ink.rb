# frozen_string_literal: true

module UpClose
  module Diagnosis
    module Causes
      # Ink that has dried on the slick sheet stays there.
      class DriedInk < Cause
        key "dried-ink"
        lies_in "wait"
        title "The ink had dried before it was laid"
        usual 1.0
        looks_like "pale all over, palest where the ink was thin"
        tell_apart "the sheet keeps its picture, and is dry to a touch"
        leads_to "faint" => 0.8, "missing-spots" => 0.4, "patchy" => 0.3
        happens { |f| f.residue == :dye_ink }
        weighs { |f| late(f, "lay") }
        weighs { |f| [1.6, "dry air, #{f[:humidity].round} %"] if f[:humidity] && f[:humidity] < 35 }
        shows everywhere: 1.6, along_grain: 0.6
        answers "left-on-sheet", "there" => 0.9, "gone" => 0.1
        answers "along-grain", "follow" => 0.2, "anywhere" => 0.8
        rescued { save "go over what is pale with a pen, or sand it and lay a fresh print" }
        next_time {
          change "Print, trim, and lay within its window; touch a waste corner first.", step: "lay",
            words: "Touch a waste corner first: it has to be wet."
        }
      end
    end
  end
end
