# frozen_string_literal: true

module UpClose
  module Sealing
    # Shellac in alcohol.
    class Shellac < Sealer
      key "shellac"
      listed 70
      title "Shellac"
      summary "Warm, quick, dissolved in alcohol."
      sheen :gloss
      coats 3
      between_s 1800..86_400
      cure_s 172_800
      touch_s 900
      handle_s 43_200
      coated_cm2_a_minute 150
      least_ml 5
      wet_um 50
      sold cents: 1200, ml: 250
      can_ml 250
      sanded
      cautions :alcohol
      coat_words "A thin coat with a pad, once over, no going back."
      stands :outdoors, :stop, "Rain turns shellac white."
      stands :wet, :stop, "Water leaves white rings in shellac."
      stands :warm, :stop, "Heat softens shellac."
      over :film, :watch, "Alcohol can lift some film.", "Test it on a scrap of the same film first."
      over :toner, :fine, "Toner does not dissolve in alcohol."
      over :dye_ink,
        :stop, "Alcohol makes dye ink bleed.", "Use spray acrylic clear; shellac over that once it has cured."
    end
  end
end
