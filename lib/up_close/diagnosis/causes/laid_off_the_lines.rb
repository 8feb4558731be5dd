# frozen_string_literal: true

module UpClose
  module Diagnosis
    module Causes
      # Laid beside the lines.
      class LaidOffTheLines < Cause
        key "laid-off-the-lines"
        title "It was laid beside the lines"
        usual 1.1
        looks_like "turned or shifted, else whole"
        tell_apart "it lay so from the start"
        leads_to "crooked" => 0.95, "wrong-size" => 0.03
        happens { |_| true }
        weighs { |f| [1.4, "it cannot be moved once it lies"] unless f.method_core.movable? }
        answers "checked-lines", "on" => 0.1, "off" => 0.75, "lines" => 0.15
        answers "edge-look", "double" => 0.1, "soft" => 0.5, "shiny" => 0.4
        rescued { |f| save "nudge it while it is wet", within_s: 60, since: "lay" if f.method_core.movable? }
        next_time { |f|
          change "Tape a hinge along one edge on the lines before you lay it.",
            step: %w[lay slide fix place].find { |k| f.does?(k) },
            words: "Two ticks on two lines first; then let the rest down."
        }
      end
    end
  end
end
