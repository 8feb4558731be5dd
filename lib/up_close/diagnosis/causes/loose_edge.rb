# frozen_string_literal: true

module UpClose
  module Diagnosis
    module Causes
      # An edge that was not pressed down or buried.
      class LooseEdge < Cause
        key "loose-edge"
        title "Its edge was not pressed down and covered"
        usual 1.0
        looks_like "the rim stands up, the middle holds"
        tell_apart "only the edge lifts"
        leads_to "lifted" => 0.93, "torn" => 0.08, "wrinkles" => 0.05
        happens { |f| %i[film tape foil medium].include?(f.residue) }
        weighs { |f| [1.8, "no coats over it"] if f.sealer.nil? || f.sealer.coats.zero? }
        weighs { |f| [1.4, "#{f[:coats]} coats"] if f[:coats] && f[:coats] < 2 && f.sealer&.coats.to_i.positive? }
        shows rim: 3.0, middle: 0.2, everywhere: 0.4
        answers "water-drop", "stands" => 0.3, "spreads" => 0.7
        answers "tape-test", "comes" => 0.55, "holds" => 0.45
        rescued { save "a drop of the same medium or clear coat under the edge, pressed down with a damp finger" }
        next_time { change "Press the edge last, all round, and bury it in two gloss coats." }
      end
    end
  end
end
