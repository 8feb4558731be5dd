# frozen_string_literal: true

module UpClose
  module Etching
    module Baths
      # Blue stone and salt, for metals less noble than copper: copper falls out as they go in.
      class CopperSulphate < Bath
        key "copper-sulphate"
        listed 20
        title "Copper sulphate and salt"
        mixed "100 g of copper sulphate and 100 g of salt in a litre of water"
        eats "aluminium", 3.0
        eats "steel", 1.0
        refuses "copper", "Copper is what falls out of this bath: it does not eat copper."
        refuses "brass", "It takes the zinc out of brass and leaves a copper sponge."
        refuses "silver", "Silver is nobler than copper: nothing happens."
        holds_g_l 15
        cautions %i[etchant hydrogen spent_open]
        waste "Blue stone kills what lives in water: to the hazardous-waste point."
      end
    end
  end
end
