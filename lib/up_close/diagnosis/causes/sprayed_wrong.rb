# frozen_string_literal: true

module UpClose
  module Diagnosis
    module Causes
      # The glue between print and foil too wet, too dry or too thick.
      class SprayedWrong < Cause
        key "sprayed-wrong"
        title "The glue was too wet, too dry or too thick"
        usual 0.9
        looks_like "blisters, or parts of the picture that stayed with the paper"
        tell_apart "the foil there is bare and sticky, or bare and dry"
        leads_to "bubbles" => 0.5, "missing-spots" => 0.5, "wrinkles" => 0.3, "lifted" => 0.3, "torn" => 0.2
        happens { |f| f.does?("spray") || f.does?("glue") }
        weighs { |f| late(f, "join") }
        weighs { |f| early(f, "join", "hold") }
        shows everywhere: 1.2
        answers "press-bubble", "soft" => 0.5, "hard" => 0.1, "blister" => 0.4
        answers "left-on-sheet", "there" => 0.8, "gone" => 0.2
        rescued { nil }
        next_time {
          change "A medium-light mist; 20 s by the clock; then press together once.", step: "join",
            words: "20 s by the clock after the spray; then once, from one end."
        }
      end
    end
  end
end
