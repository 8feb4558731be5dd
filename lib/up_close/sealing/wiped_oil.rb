# frozen_string_literal: true

module UpClose
  module Sealing
    # Oil varnish or polyurethane, wiped or brushed.
    class WipedOil < Sealer
      key "wiped-oil"
      listed 60
      title "Wiped or brushed oil varnish"
      summary "Warm, tough, ambers with age."
      sheen :satin
      wet_um 40
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
      stands :outdoors, :fine, "One sold for outdoors stands sun and wet for two to three years; then a thin coat more."
      stands :wet, :fine, "It stands washing by hand."
      stands :food, :watch, "Only one sold for food contact, fully cured."
      over :film, :watch, "Brushing can drag film.", "One spray coat goes first: it is a step of its own."
      over :toner, :fine, "Toner does not dissolve in it."
      over :dye_ink,
        :stop, "Oil varnish makes raw dye ink bleed.", "Use spray acrylic clear; varnish over that once it has cured."
    end
  end
end
