# frozen_string_literal: true

module UpClose
  module Etching
    module Baths
      # Clear, so that one sees the board; wants warmth.
      class SodiumPersulphate < Bath
        key "sodium-persulphate"
        listed 30
        title "Sodium persulphate"
        mixed "200 g in a litre of water, warmed to 40 °C"
        eats "copper", 0.5
        eats "brass", 0.4
        refuses "aluminium", "It eats aluminium with heat and hydrogen."
        refuses "silver", "It turns silver black and eats it unevenly."
        holds_g_l 35
        cautions %i[etchant no_solvents spent_open]
        waste "It holds copper: to the hazardous-waste point. Never in a stoppered bottle."
      end
    end
  end
end
