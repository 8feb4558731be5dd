# frozen_string_literal: true

module UpClose
  module Sealing
    # Oil varnish or polyurethane, wiped or brushed.
    class WipedOil < Sealer
      key "wiped-oil"
      listed 60
      title "Wiped or brushed oil varnish"
      summary "Warm tone, tough, turns amber with age."
      sheen :satin
      wet_um 40
      sold cents: 1200, ml: 250
      can_ml 250
      sanded
      coats 3
      between_s 14_400..86_400
      cure_s 259_200
      touch_s 14_400
      handle_s 86_400
      coated_cm2_a_minute 100
      least_ml 5
      spray_first :film, :tape, :foil
      cautions :oily_rags
      coat_words "A thin coat with a lint-free rag, along the grain."
      stands :outdoors, :fine, "Use one sold for outdoors. It lasts two to three years; then add a thin coat."
      stands :wet, :fine, "Wash by hand."
      stands :food, :watch, "Use only one that is sold for food contact, fully cured."
      over :film, :watch, "A brush can move the film.", "A spray coat first prevents that; it is one of the steps."
      over :toner, :fine, "Toner does not dissolve in it."
      over :dye_ink,
        :stop, "Oil varnish makes raw dye ink bleed.", "Use spray acrylic clear; varnish over that once it has cured."
    end
  end
end
