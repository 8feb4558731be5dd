# frozen_string_literal: true

module UpClose
  module Etching
    module Baths
      # Quick and sure, and stains what it touches.
      class FerricChloride < Bath
        key "ferric-chloride"
        listed 40
        title "Ferric chloride"
        mixed "as sold at 40 %, or thinned with as much water; the acid into the water"
        eats "copper", 1.4
        eats "brass", 1.1
        eats "steel", 1.2
        eats "stainless", 0.4
        refuses "aluminium", "A strong bath eats aluminium in a rush, with heat and hydrogen."
        refuses "silver", "It covers silver with a skin of chloride, and stops."
        holds_g_l 50
        cautions %i[etchant spent_open]
        waste "It holds copper or chromium: to the hazardous-waste point."
      end
    end
  end
end
