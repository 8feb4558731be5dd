# frozen_string_literal: true

module UpClose
  module Diagnosis
    module Causes
      # The sheet came off before the picture held.
      class PeeledEarly < Cause
        key "peeled-early"
        lies_in "wait"
        title { |f| f.does?("cool") ? "Peeled while it was warm" : "The sheet came off too soon" }
        usual 1.0
        looks_like "torn where the peel began, ink drawn out in threads"
        tell_apart "the ink is on the sheet, with some of what held it"
        leads_to "torn" => 0.65, "missing-spots" => 0.6, "lifted" => 0.3, "patchy" => 0.1
        happens { |f| f.does?("peel", "lift", "peek") && !%i[line film tape].include?(f.residue) }
        weighs { |f| early(f, "set", "cool", "dry", "hold") }
        shows one_side: 1.8, rim: 1.2, along_grain: 0.5
        answers "left-on-sheet", "there" => 0.88, "gone" => 0.12
        answers "smooth-skin", "skin" => 0.35, "bare" => 0.65
        rescued { |f|
          save "lay it back at once and leave it alone", within_s: 60, since: f.does?("peel") ? "peel" : "peek"
        }
        next_time { |f|
          wait = %w[set cool hold].find { |key| f.does?(key) }
          longest = wait && f.step(wait)&.least_s
          change "Wait the whole time; try one corner first.", step: wait, **(longest ? {least_s: longest * 1.25} : {})
        }
      end
    end
  end
end
