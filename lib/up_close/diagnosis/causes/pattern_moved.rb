# frozen_string_literal: true

module UpClose
  module Diagnosis
    module Causes
      # A drawing or stencil that moved under the hand.
      class PatternMoved < Cause
        key "pattern-moved"
        title "The pattern moved under the hand"
        usual 1.2
        looks_like "lines twice, or a jog where it moved"
        tell_apart "a jog, sound on both sides of it"
        leads_to "smeared" => 0.6, "crooked" => 0.5, "missing-spots" => 0.1
        happens { |f| f.residue == :line }
        answers "edge-look", "double" => 0.85, "soft" => 0.1, "shiny" => 0.05
        answers "checked-lines", "on" => 0.8, "off" => 0.1, "lines" => 0.1
        rescued { save "rub it out and draw it again" }
        next_time { |f|
          change "Tape all four corners.", step: f.does?("tape") ? "tape" : "inside", words: "All four corners."
        }
      end
    end
  end
end
