# frozen_string_literal: true

module UpClose
  module Diagnosis
    module Causes
      # Lines thinner than this way holds.
      class ThinParts < Cause
        key "thin-parts"
        title "Parts are thinner than it holds"
        usual 1.0
        looks_like "thin lines gone, broad ones whole"
        tell_apart "only the thin lines failed"
        leads_to "missing-spots" => 0.7, "torn" => 0.35, "faint" => 0.2, "broken-through" => 0.4
        happens { |f| f.residue != :line }
        weighs { |f| under(f[:finest_mm], f[:line_limit_mm], "thinnest line") }
        shows thin_lines: 5.0, solids: 0.3, everywhere: 0.4, middle: 0.7, along_grain: 0.5, one_side: 0.6, rim: 0.7
        answers "lines-or-solids", "lines" => 0.88, "solids" => 0.02, "both" => 0.1
        answers "pits-look", "pinhole" => 0.1, "undercut" => 0.85, "bubble" => 0.05
        answers "along-grain", "follow" => 0.1, "anywhere" => 0.9
        answers "smooth-skin", "skin" => 0.3, "bare" => 0.7
        rescued { save "draw the lost lines in with a fine pen" }
        next_time { change "Thicken the lines in Artwork, or make it larger." }
      end
    end
  end
end
