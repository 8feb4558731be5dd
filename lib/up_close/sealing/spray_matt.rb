# frozen_string_literal: true

module UpClose
  module Sealing
    # Kills the shine of tape and film: about four thin coats (handbook, “Tape lift”).
    class SprayMatt < Sealer
      key "spray-matt"
      listed 40
      title "Spray matt clear"
      summary "Removes the shine of tape and film. Thin coats."
      sheen :matt
      sprayed
      wet_um 15
      sold cents: 1190, ml: 400
      can_ml 400
      coats 4
      between_s 600..14_400
      cure_s 86_400
      touch_s 600
      handle_s 14_400
      cautions :spray
      coat_words "Thin, from 25 cm, past both edges; damp turns a wet coat white."
      stands :outdoors, :watch, "A matt coat is thin: a year outdoors, then renew it."
      stands :wet, :watch, "A wet cloth is fine, but leaves water marks."
      stands :food, :watch, "Not for the food side."
      over :film, :fine, "Film takes it well."
      over :toner, :fine, "Toner takes it well."
      over :dye_ink, :fine, "Thin coats do not make the ink run."
    end
  end
end
