# frozen_string_literal: true

module UpClose
  module Etching
    module Baths
      # The gentlest: what a kitchen and a chemist's hold.
      class CitricPeroxide < Bath
        key "citric-peroxide"
        listed 10
        title "Citric acid, peroxide and salt"
        mixed "100 ml of 3 % peroxide, 30 g of citric acid, 5 g of salt, mixed fresh"
        eats "copper", 0.7
        eats "brass", 0.5
        refuses "aluminium", "Acid and salt eat aluminium in a rush, with heat and hydrogen."
        holds_g_l 12
        cautions %i[etchant peroxide no_solvents spent_open]
        waste "Never stoppered: it gives off gas. It holds copper: to the hazardous-waste point."
      end
    end
  end
end
