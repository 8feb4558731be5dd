# frozen_string_literal: true

module UpClose
  module Sealing
    # Oil or wax, as for kitchenware.
    class OilWax < Sealer
      key "oil-wax"
      listed 110
      title "Oil or wax"
      summary "For what is handled in the kitchen; faint protection."
      sheen :matt
      coats 2
      between_s 43_200..172_800
      cure_s 604_800
      touch_s 43_200
      handle_s 172_800
      coated_cm2_a_minute 60
      wet_um 30
      sold cents: 1200, ml: 250
      can_ml 250
      cautions :oily_rags, :food
      coat_words "Rub it in, wait a quarter of an hour, wipe all that stays off."
      stands :outdoors, :watch, "Renew it several times a year outdoors."
      stands :wet, :watch, "Renew it after some washes."
      stands :food, :fine, "Oil or wax sold for food contact suits this. Keep the mark off the food side."
      over :film, :stop, "Oil creeps under film and lifts it.", "Use spray acrylic clear."
      over :toner, :watch, "Faint protection only.", "Keep the mark off the food side. Use a finish that is sold for " \
        "food contact."
      over :dye_ink, :stop, "Oil makes dye ink bleed.", "Use spray acrylic clear."
    end
  end
end
