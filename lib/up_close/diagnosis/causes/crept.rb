# frozen_string_literal: true

module UpClose
  module Diagnosis
    module Causes
      # Film or tape that floats until it dries.
      class Crept < Cause
        key "crept"
        title "It crept while it dried"
        usual 0.6
        looks_like "shifted or turned, sometimes with a wrinkle"
        tell_apart "it lay on the lines when you left it"
        leads_to "crooked" => 0.85, "wrinkles" => 0.12
        happens { |f| %i[film tape medium foil].include?(f.residue) }
        answers "checked-lines", "on" => 0.9, "off" => 0.05, "lines" => 0.05
        rescued { save "wet it and slide it back, if it still gives", within_s: 300, since: "press" }
        next_time { |f|
          change "Press the water out from the middle, keep it level, look again after five minutes.",
            step: %w[press burnish place].find { |k| f.does?(k) },
            words: "Keep it level; look again after five minutes."
        }
      end
    end
  end
end
