# frozen_string_literal: true

module UpClose
  module Diagnosis
    module Causes
      # A solid larger than this way carries evenly.
      class LargeSolid < Cause
        key "large-solid"
        title "A solid larger than it carries"
        usual 1.0
        looks_like "mottled in the broad areas, lines whole"
        tell_apart "only the broad areas failed"
        leads_to "patchy" => 0.9, "missing-spots" => 0.25, "faint" => 0.08
        happens { |f| %i[toner dye_ink].include?(f.residue) }
        weighs { |f|
          next unless f[:solid_mm] && f[:solid_limit_mm]
          held = Working.number(f[:solid_limit_mm], 0)
          text = "largest solid #{Working.number(f[:solid_mm], 1)} mm, even up to about #{held}"
          (f[:solid_mm] > f[:solid_limit_mm]) ? [4.0, text] : [0.35, text]
        }
        shows solids: 3.5, thin_lines: 0.2, rim: 0.7, along_grain: 0.7
        answers "lines-or-solids", "lines" => 0.02, "solids" => 0.88, "both" => 0.1
        answers "print-itself", "same" => 0.15, "whole" => 0.85
        rescued { save "lay it back and press the pale places again; or tone them with a pencil" }
        next_time { change "Break the solid up with a dot screen in Artwork, or press it in strips." }
      end
    end
  end
end
