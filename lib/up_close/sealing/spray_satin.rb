# frozen_string_literal: true

module UpClose
  module Sealing
    # Water-based; a damp room whitens it.
    class SpraySatin < Sealer
      key "spray-satin"
      listed 30
      title "Spray water-based satin"
      summary "Low smell. Let it cure fully."
      water_based
      sheen :satin
      sprayed
      wet_um 20
      sold cents: 1290, ml: 400
      can_ml 400
      coats 3
      between_s 1800..14_400
      cure_s 172_800
      touch_s 1800
      handle_s 43_200
      cautions :spray
      coat_words "Thin, even, in a dry room: damp turns an uncured coat white."
      stands :outdoors, :watch, "Water-based: a year outdoors, then renew it."
      stands :wet, :watch, "A wet cloth is fine once it is cured."
      stands :food, :watch, "Not for the food side."
      over :film, :fine, "Film takes it well."
      over :toner, :fine, "Toner takes it well."
      over :dye_ink, :watch, "Water in a wet coat makes dye ink run.", "Thin coats, and let each dry fully."
    end
  end
end
