# frozen_string_literal: true

module UpClose
  module Diagnosis
    module Causes
      # A drum repeats what it printed.
      class PrintersGhost < Cause
        key "printers-ghost"
        title "The printer repeats the picture, faintly"
        usual 1.0
        looks_like "a faint second picture, always the same way down the sheet"
        tell_apart "the print shows it too"
        leads_to "ghost" => 0.95, "smeared" => 0.05
        happens { |f| f.choice.laser? }
        answers "print-itself", "same" => 0.95, "whole" => 0.05
        answers "edge-look", "double" => 0.6, "soft" => 0.3, "shiny" => 0.1
        rescued { save "scrape the ghost off with a blade while it is only toner" }
        next_time { change "Write the ghost's distance into Printers: copies keep out of it." }
      end
    end
  end
end
