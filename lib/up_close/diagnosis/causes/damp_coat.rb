# frozen_string_literal: true

module UpClose
  module Diagnosis
    module Causes
      # A coat that dries in damp air goes white.
      class DampCoat < Cause
        key "damp-coat"
        title "The coat went white in damp air"
        usual 1.0
        looks_like "milky all over, under or in the coat"
        tell_apart "water changes nothing; it came with the coat"
        leads_to "whitened" => 0.93, "haze" => 0.1
        happens { |f| f.under_a_coat? }
        weighs { |f|
          next unless f[:humidity]
          (f[:humidity] > 70) ? [3.5, "#{f[:humidity].round} % humidity"] : [0.6, "#{f[:humidity].round} % humidity"]
        }
        weighs { |f| [1.5, "room #{f[:temperature_c].round} °C"] if f[:temperature_c] && f[:temperature_c] < 15 }
        shows everywhere: 1.4
        answers "wet-look", "clears" => 0.15, "stays" => 0.85
        answers "coat-touch", "dents" => 0.35, "hard" => 0.65
        rescued { save "warm it gently in dry air; a mist of the same finish often clears it" }
        next_time { change "Below 65 % humidity, and the piece as warm as the room." }
      end
    end
  end
end
