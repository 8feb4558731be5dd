# frozen_string_literal: true

module UpClose
  module Diagnosis
    module Causes
      # Too long in the bath.
      class OverEtched < Cause
        key "over-etched"
        title "It was in the bath too long"
        usual 1.0
        looks_like "lines thinner than drawn, or eaten through"
        tell_apart "the resist hangs over the edges"
        leads_to "broken-through" => 0.88, "pitted" => 0.25
        happens { |f| f.residue == :resist || f.choice.purpose&.key == "resist" }
        weighs { |f| late(f, "etch", "bath") }
        shows thin_lines: 1.8
        answers "pits-look", "pinhole" => 0.06, "undercut" => 0.9, "bubble" => 0.04
        rescued { save "out and rinse now", within_s: 30, since: "etch" }
        next_time { change "A test strip first, and out at its time; look every few minutes." }
      end
    end
  end
end
