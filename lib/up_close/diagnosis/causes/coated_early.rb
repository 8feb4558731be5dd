# frozen_string_literal: true

module UpClose
  module Diagnosis
    module Causes
      # A coat over what has not dried.
      class CoatedEarly < Cause
        key "coated-early"
        title "Coated before it was dry underneath"
        usual 0.9
        looks_like "wrinkles, cracks or milk some hours after the coat"
        tell_apart "a thumbnail dents it"
        leads_to "cracked" => 0.5, "wrinkles" => 0.5, "whitened" => 0.3, "bubbles" => 0.25, "lifted" => 0.2
        happens { |f| f.under_a_coat? }
        weighs { |f| early(f, "film_dry", "ink_dry", "dry", "dry_again", "flash", "clear_dry") }
        weighs { |f|
          [1.5, "room #{f[:temperature_c].round} °C: it dries slowly"] if f[:temperature_c] && f[:temperature_c] < 14
        }
        answers "coat-touch", "dents" => 0.88, "hard" => 0.12
        answers "press-bubble", "soft" => 0.4, "hard" => 0.05, "blister" => 0.55
        answers "wet-look", "clears" => 0.1, "stays" => 0.9
        rescued { save "leave it alone for days; what has wrinkled often lies down" }
        next_time { |f|
          wait = %w[film_dry ink_dry dry_again dry flash].find { |key| f.does?(key) }
          least = wait && f.step(wait)&.least_s
          change "Let it dry half as long again before the finish.", step: wait, **(least ? {least_s: least * 1.5} : {})
        }
      end
    end
  end
end
