# frozen_string_literal: true

module UpClose
  module Sealing
    # Water-based varnish, brushed.
    class BrushedWater < Sealer
      key "brushed-water"
      listed 50
      title "Brushed water-based varnish"
      summary "Clear, little smell; water in it is the danger."
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
      can_ml 250
      sanded
      water_based
      coat_words "Thin, along the grain, one pass: do not brush back into it."
      stands :outdoors, :watch, "Only one sold for outdoors; two to three years, then renew it."
      stands :wet, :fine, "It stands washing by hand."
      stands :food, :watch, "Not for the food face."
      over :film, :watch, "Brushing can drag film.", "One spray coat goes first: it is a step of its own."
      over :toner, :fine, "Toner takes it well."
      over :dye_ink,
        :stop,
        "Water in it wets dye ink again, and smears it.",
        "Use spray acrylic clear; varnish over that once it has cured."
    end
  end
end
