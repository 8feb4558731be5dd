# frozen_string_literal: true

module UpClose
  module Diagnosis
    module Causes
      # Printed colours are filters: a dark ground swallows them.
      class NoWhiteBeneath < Cause
        key "no-white-beneath"
        title "There is no white under the colours"
        usual 1.2
        looks_like "colours dull or gone, black still to be seen"
        tell_apart "it was so from the moment it lay"
        leads_to "lost" => 0.95, "faint" => 0.25
        happens { |f| f.residue != :line }
        weighs { |f|
          next unless f[:lightness]
          (f[:lightness] < 45) ? [4.0, "dark ground, lightness #{f[:lightness].round} of 100"] : [0.3, "light ground"]
        }
        weighs { |f| f.choice.stock&.key.to_s.start_with?("white") ? [0.15, "white film"] : nil }
        answers "print-itself", "same" => 0.1, "whole" => 0.9
        rescued { nil }
        next_time { change "White film, or a patch of white paint under it." }
      end
    end
  end
end
