# frozen_string_literal: true

module UpClose
  module Diagnosis
    module Causes
      # Too much of it wrinkles the sheet.
      class ThickMedium < Cause
        key "thick-medium"
        title { |f| "Too much #{f.medium}" }
        usual 0.9
        looks_like "wrinkles and ridges where it gathered"
        tell_apart "ridges feel soft and full"
        leads_to "wrinkles" => 0.8, "bubbles" => 0.25, "smeared" => 0.15, "cracked" => 0.1
        happens { |f| f.does?("spread", "coat") && f.residue == :medium }
        shows middle: 1.3, rim: 0.8
        answers "press-bubble", "soft" => 0.5, "hard" => 0.1, "blister" => 0.4
        answers "coat-touch", "dents" => 0.8, "hard" => 0.2
        answers "smooth-skin", "skin" => 0.7, "bare" => 0.3
        rescued { |f|
          save "lift it and scrape it thin while it is wet", within_s: 120, since: "lay" if f.method_core.movable?
        }
        next_time { |f|
          change "A thin, even, wet coat: draw a card over it.", step: f.does?("spread") ? "spread" : "coat",
            words: "Draw a card over it once: thin, even, wet."
        }
      end
    end
  end
end
