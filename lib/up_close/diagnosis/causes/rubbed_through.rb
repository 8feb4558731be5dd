# frozen_string_literal: true

module UpClose
  module Diagnosis
    module Causes
      # Fingers that take paper off take ink too.
      class RubbedThrough < Cause
        key "rubbed-through"
        title "The paper was rubbed off too hard"
        usual 0.9
        looks_like "fine lines and edges gone, streaks the way of the finger"
        tell_apart "the sheet crumbs hold the ink, and thin lines went first"
        leads_to "torn" => 0.6, "missing-spots" => 0.65, "faint" => 0.15
        happens { |f| f.does?("roll", "polish") }
        weighs { |f| late(f, "roll") if f.time("roll")&.most_s }
        shows thin_lines: 1.8, rim: 1.4, middle: 0.9, along_grain: 0.6, everywhere: 0.7
        answers "smooth-skin", "skin" => 0.4, "bare" => 0.6
        answers "lines-or-solids", "lines" => 0.6, "solids" => 0.1, "both" => 0.3
        answers "left-on-sheet", "there" => 0.25, "gone" => 0.75
        rescued { save "stop, let it dry: what is left holds better then" }
        next_time {
          change "Wet it, wait, roll with the ball of a finger from the middle out; stop while some haze is left.",
            step: "roll", words: "Stop while some haze is left: it goes under the finish."
        }
      end
    end
  end
end
