# frozen_string_literal: true

module UpClose
  module Diagnosis
    module Causes
      # A coat that attacks or shrinks the one under it.
      class CoatsClash < Cause
        key "coats-clash"
        title "The coats do not go together"
        usual 0.6
        looks_like "cracks like dry mud, or a crinkled skin"
        tell_apart "it came within minutes of the coat, and is hard"
        leads_to "cracked" => 0.75, "wrinkles" => 0.5, "whitened" => 0.08
        happens { |f| f.under_a_coat? }
        weighs { |f| [2.5, "over a #{f.choice.finish.title}"] if f.choice.finish&.painted? }
        weighs { |f|
          unless f[:sealer_clash].nil?
            f[:sealer_clash] ?
              [3.0, "this finish over this mark is marked watch or stop"] :
              [0.7, "this finish suits this mark"]
          end
        }
        answers "coat-touch", "dents" => 0.15, "hard" => 0.85
        rescued { save "let it harden, then sand it flat and coat it with what it likes" }
        next_time { change "Try the finish on a scrap with the same coats under it." }
      end
    end
  end
end
