# frozen_string_literal: true

module UpClose
  module Diagnosis
    module Causes
      # Nail-varnish remover and old solvent barely dissolve toner.
      class WeakSolvent < Cause
        key "weak-solvent"
        title "The solvent was too weak or had dried off"
        usual 0.8
        looks_like "pale all over, however long it was rubbed"
        tell_apart "the sheet keeps an even picture"
        leads_to "faint" => 0.85, "patchy" => 0.4, "missing-spots" => 0.25
        happens { |f| f.method_core.solvent }
        weighs { |f|
          counted, usual = f.passes.values.first
          [1.8, "#{counted} passes, and still pale"] if counted && counted >= usual && f.faults.include?("faint")
        }
        weighs { |f| late(f, "peek") }
        shows everywhere: 1.5, along_grain: 0.7
        answers "left-on-sheet", "there" => 0.9, "gone" => 0.1
        answers "lines-or-solids", "lines" => 0.15, "solids" => 0.25, "both" => 0.6
        rescued { save "on its hinge: fresh acetone, a small place at a time", within_s: 300, since: "rub" }
        next_time {
          change "Pure acetone from a tin that shuts; a fresh pad for each pass.", step: "rub",
            words: "Pure acetone from a tin that shuts, a fresh pad for each pass."
        }
      end
    end
  end
end
