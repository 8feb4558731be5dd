# frozen_string_literal: true

module UpClose
  module Sealing
    # Brush-on two-part or acrylic coat for cups.
    class CupCoat < Sealer
      key "cup-coat"
      listed 80
      title "Brush-on cup coat"
      summary "Thick and clear: three coats under, three to five over, then five days before use."
      sheen :gloss
      coats 4
      fewest 3
      between_s 14_400..43_200
      cure_s 432_000
      touch_s 7200
      handle_s 86_400
      coated_cm2_a_minute 60
      film_rest_s 86_400
      spray_first :dye_ink
      under count: 3, apart_s: 14_400
      wet_um 70
      sold cents: 1800, ml: 120
      can_ml 120
      cautions :gloves_nitrile
      coat_words "Level, the cup turning, a soft brush. Keep 12 mm from the lip free."
      stands :outdoors, :watch, "Sun yellows it."
      stands :wet, :fine, "Wash by hand; no dishwasher."
      stands :food, :watch, "Keep 12 mm from the lip free."
      over :film,
        :watch,
        "Its first coat can lift film that is still damp.",
        "Let the film dry for a day; three undercoats come first. All are steps."
      over :toner, :fine, "Toner takes it well."
      over :dye_ink,
        :watch, "Its first coat can carry dye ink along.", "A spray coat first prevents that; it is one of the steps."
    end
  end
end
