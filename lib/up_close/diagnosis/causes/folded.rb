# frozen_string_literal: true

module UpClose
  module Diagnosis
    module Causes
      # Bare film folds onto itself when it is handled.
      class Folded < Cause
        key "folded"
        title "The film folded as it was slid off"
        usual 0.8
        looks_like "one fold or a corner on itself"
        tell_apart "the ground is flat there"
        leads_to "wrinkles" => 0.7, "torn" => 0.5, "bubbles" => 0.1
        happens { |f| f.residue == :film }
        weighs { |f| [1.5, "cut close: points fold"] if f.choice.picked[:edge] == :close }
        weighs { |f| (f[:strain] && (f[:strain] > 0.02)) ? [0.6, "the surface curves"] : nil }
        shows rim: 1.4, one_side: 1.4, everywhere: 0.4
        answers "waste-film", "cracks" => 0.25, "bends" => 0.75
        rescued { save "wet it well and tease the fold out with a damp pointed stick", within_s: 120, since: "slide" }
        next_time {
          change "Slide it off the backing onto the wet surface; never lift the bare film.", step: "slide",
            words: "The backing right against the piece; never lift the bare film."
        }
      end
    end
  end
end
