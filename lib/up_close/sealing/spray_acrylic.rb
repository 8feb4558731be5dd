# frozen_string_literal: true

module UpClose
  module Sealing
    # Suits all three residues: the usual pick.
    class SprayAcrylic < Sealer
      key "spray-acrylic"
      listed 10
      title "Spray acrylic clear"
      summary "Suits ink, toner and film. Thin coats."
      sheen :gloss
      sprayed
      wet_um 20
      can_ml 400
      coats 3
      between_s 600..14_400
      cure_s 86_400
      touch_s 600
      handle_s 14_400
      cautions :spray
      coat_words "Thin, from 25 cm, past both edges."
      stands :outdoors, :watch, "Sun and weather: good for a year or two under three coats; renew it when it dulls."
      stands :wet, :fine, "A wet cloth is fine; no dishwasher."
      stands :food, :watch, "Not for the food side."
      over :film, :fine, "Buries the edge of the film in a few coats."
      over :toner, :fine, "Toner takes it well."
      over :dye_ink, :fine, "Thin coats do not make the ink run."
    end
  end
end
