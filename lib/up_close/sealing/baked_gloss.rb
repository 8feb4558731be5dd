# frozen_string_literal: true

module UpClose
  module Sealing
    # Baked sealer, on metal.
    class BakedGloss < Sealer
      key "baked-gloss"
      listed 100
      title "Baked sealer"
      summary "On metal, over baked medium or toner: 163 °C for half an hour."
      sheen :gloss
      coats 1
      between_s 1800..86_400
      cure_s 3600
      touch_s 600
      handle_s 3600
      coated_cm2_a_minute 60
      wet_um 60
      sold cents: 1450, ml: 30
      can_ml 30
      heat_c 163
      cautions :oven, :heat
      coat_words "One thin coat, to the rim and not over it."
      stands :outdoors, :fine, "It resists weather."
      stands :warm, :fine, "It resists heat."
      stands :skin, :fine, "It wears well on skin."
      over :film, :stop, "The heat burns film.", "Use spray acrylic clear."
      over :toner, :fine, "Baked hard."
      over :dye_ink, :stop, "Dye ink does not stand the heat.", "Use spray acrylic clear."
    end
  end
end
