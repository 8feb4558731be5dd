# frozen_string_literal: true

module UpClose
  module Diagnosis
    module Causes
      # Rollers run over ink that is wet.
      class RanUnderRollers < Cause
        key "ran-under-rollers"
        title "The printer's rollers ran over wet ink"
        usual 1.0
        looks_like "rows of dots or tracks, always the same distance from the sheet's edge"
        tell_apart "the print shows them too"
        leads_to "roller-tracks" => 0.96, "smeared" => 0.12, "missing-spots" => 0.05
        happens { |f| f.choice.inkjet? }
        answers "print-itself", "same" => 0.95, "whole" => 0.05
        rescued { save "take the copy without tracks; or touch up with a pen" }
        next_time { change "Write the rollers' places into Printers: copies are laid beside them." }
      end
    end
  end
end
