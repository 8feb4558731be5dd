# frozen_string_literal: true

module UpClose
  module Diagnosis
    module Causes
      # A first coat that is wet floods what it covers.
      class CoatTooWet < Cause
        key "coat-too-wet"
        title "The first coat went on too wet"
        usual 1.0
        looks_like "runs and pools, colours drawn along"
        tell_apart "it is thickest where it ran"
        leads_to "ran" => 0.55, "bled" => 0.45, "cracked" => 0.3, "wrinkles" => 0.3, "whitened" => 0.06
        happens { |f| f.under_a_coat? }
        shows rim: 1.3, one_side: 1.2
        answers "coat-touch", "dents" => 0.75, "hard" => 0.25
        answers "edge-look", "double" => 0.03, "soft" => 0.87, "shiny" => 0.1
        rescued { save "lay it flat and leave it; do not wipe", within_s: 60, since: "seal_1" }
        next_time { change "Two or three mist coats first, an arm's length off, each dry before the next." }
      end
    end
  end
end
