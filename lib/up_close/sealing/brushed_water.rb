# frozen_string_literal: true

module UpClose
  module Sealing
    # Water-based varnish, brushed.
    class BrushedWater < Sealer
      key "brushed-water"
      listed 50
      title "Brushed water-based varnish"
      summary "Clear, little smell. Its water can smear inkjet ink."
      sheen :satin
      coats 3
      between_s 7200..28_800
      cure_s 259_200
      touch_s 3600
      handle_s 86_400
      coated_cm2_a_minute 80
      least_ml 5
      spray_first :film, :tape, :foil
      wet_um 80
      sold cents: 1200, ml: 250
      can_ml 250
      sanded
      water_based
      coat_words "Thin, along the grain, one pass: do not brush back into it."
      stands :outdoors, :watch, "Use one sold for outdoors. Renew it after two to three years."
      stands :wet, :fine, "Wash by hand."
      stands :food, :watch, "Not for the food side."
      over :film, :watch, "A brush can move the film.", "A spray coat first prevents that; it is one of the steps."
      over :toner, :fine, "Toner takes it well."
      over :dye_ink,
        :stop,
        "The water in it smears dye ink.",
        "Use spray acrylic clear; varnish over that once it has cured."
    end
  end
end
