# frozen_string_literal: true

module UpClose
  module Etching
    module Baths
      # For silver, which chlorides only cover.
      class FerricNitrate < Bath
        key "ferric-nitrate"
        listed 50
        title "Ferric nitrate"
        mixed "300 g in a litre of distilled water"
        eats "silver", 0.6
        eats "copper", 0.8
        eats "brass", 0.7
        refuses "aluminium", "Nitrates eat aluminium unevenly, with heat."
        refuses "steel", "It rusts steel instead of etching it."
        holds_g_l 40
        cautions %i[etchant spent_open]
        waste "It holds silver or copper: to the hazardous-waste point."
      end
    end
  end
end
