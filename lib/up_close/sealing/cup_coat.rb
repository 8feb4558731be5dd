# frozen_string_literal: true

module UpClose
  module Sealing
    # Brush-on two-part or acrylic coat for cups.
    class CupCoat < Sealer
      key "cup-coat"
      listed 80
      title "Brush-on cup coat"
      summary "Thick and clear: three coats under, three to five over, five days before use."
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
      can_ml 120
      cautions :gloves_nitrile
      coat_words "Level, the cup turning, a soft brush. Keep 12 mm from the lip free."
      stands :outdoors, :watch, "Sun yellows it."
      stands :wet, :fine, "It stands washing by hand, no dishwasher."
      stands :food, :watch, "Keep 12 mm from the lip free."
      over :film,
        :watch,
        "Its first coat can float film that still holds water.",
        "The film dries a day first; three undercoats go on before it: all are steps."
      over :toner, :fine, "Toner takes it well."
      over :dye_ink,
        :watch, "Its first coat can carry dye ink along.", "One spray coat goes first: it is a step of its own."
    end
  end
end
