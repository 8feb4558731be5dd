# frozen_string_literal: true

module UpClose
  module Diagnosis
    module Causes
      # The finish dissolves what it covers.
      class SealerDissolves < Cause
        key "sealer-dissolves"
        title { |f| "#{f.sealer&.title || "The finish"} dissolves the print" }
        usual 0.9
        looks_like "colours run or feather under the finish"
        tell_apart "it was sharp until the first coat"
        leads_to "bled" => 0.8, "ran" => 0.5, "smeared" => 0.3, "wrinkles" => 0.1
        happens { |f| f.under_a_coat? && f.residue != :line }
        weighs { |f|
          unless f[:sealer_clash].nil?
            f[:sealer_clash] ?
              [6.0, "#{f.sealer.title} over this is marked stop or watch"] :
              [0.3, "#{f.sealer.title} suits it"]
          end
        }
        shows everywhere: 1.2
        answers "edge-look", "double" => 0.02, "soft" => 0.93, "shiny" => 0.05
        answers "coat-touch", "dents" => 0.4, "hard" => 0.6
        rescued { save "stop; let it dry as it is. One light mist coat at a time may hold it", within_s: nil }
        next_time { change "Choose a finish that suits it in Seal; a mist coat first." }
      end
    end
  end
end
